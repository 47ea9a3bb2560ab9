import { connect } from '../connection'
import type { OpenDatabase } from '../database'

/** Connects to a PostgreSQL server; backups are that server's own business. */
export async function openRemote(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const { client, db, migrate } = connect({ url, max: 8 })
  await migrate(migrationsFolder)
  return {
    db,
    folder: null,
    listen: async (channel, { heard, missed }) => {
      let first = true
      await client.listen(channel, heard, () => {
        if (!first) missed()
        first = false
      })
    },
    // A server serves many, and a lost connection to it is made again.
    isOwned: () => true,
    onLost: () => {},
    close: () => client.end({ timeout: 5 }),
  }
}
