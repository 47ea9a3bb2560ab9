import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { v4 as randomId } from 'uuid'
import { loadThread } from '../../threads/loadThread'
import type { DatabasePlace, ThreadReady, ThreadStart } from './thread'

/** The thread of the embedded database, reached over a socket that only this user's programs can open. */
export interface DatabaseThread {
  socket: string
  /** How many answers it has given. */
  answers: () => number
  /** Calls back when the thread has ended by itself, with the reason. */
  onLost: (lost: (reason: string) => void) => void
  close: () => Promise<void>
}

/** The database does not open; in its own words. */
export class ThreadRefused extends Error {
  override readonly name = 'ThreadRefused'
}

/**
 * Starts the thread and waits until it can be spoken to.
 * @throws ThreadRefused when the database does not open
 */
export async function startThread(place: DatabasePlace): Promise<DatabaseThread> {
  const at = privateSocket()
  const answers = new Int32Array(new SharedArrayBuffer(4))
  const start: ThreadStart = { place, socket: at.socket, answers }
  const worker = loadThread('databaseThread', { ...start })
  let lost: (reason: string) => void = () => {}
  let reason = 'it ended by itself'
  worker.on('error', (error: unknown) => (reason = error instanceof Error ? error.message : String(error)))
  const gone = new Promise<void>((done) =>
    worker.once('exit', () => {
      at.remove()
      done()
      lost(reason)
    }),
  )
  const said = await Promise.race([
    new Promise<ThreadReady>((done) => worker.once('message', done)),
    gone.then((): ThreadReady => ({ ready: false, reason })),
  ])
  if (!said.ready) {
    await worker.terminate()
    throw new ThreadRefused(said.reason)
  }
  return {
    socket: at.socket,
    answers: () => Atomics.load(answers, 0),
    onLost: (heard) => (lost = heard),
    close: async () => {
      lost = () => {}
      worker.postMessage('close')
      await gone
    },
  }
}

function privateSocket(): { socket: string; remove: () => void } {
  if (process.platform === 'win32')
    return { socket: `\\\\.\\pipe\\jolly-beaker-${randomId()}`, remove: () => {} }
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  const remove = () => rmSync(folder, { recursive: true, force: true })
  process.once('exit', remove)
  return {
    socket: join(folder, 'database'),
    remove: () => {
      process.off('exit', remove)
      remove()
    },
  }
}
