import { connect } from '../connection'
import type { DatabaseThread } from './startThread'

/** Connects to the thread of an embedded database; closing ends the thread too. */
export function connectEmbedded(
  thread: DatabaseThread,
  onnotify: (channel: string, payload: string) => void = () => {},
) {
  const { client, db, migrate } = connect({
    path: thread.socket,
    database: 'postgres',
    username: 'postgres',
    // It is one session whoever speaks: a second connection would come between the statements of the first.
    max: 1,
    max_lifetime: null,
    // What is notified comes back over the connection that did so, after its commit.
    onnotify,
  })
  const close = async () => {
    await client.end({ timeout: 2 })
    await thread.close()
  }
  return { db, migrate, close }
}
