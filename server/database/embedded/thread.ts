import { openAsBlob } from 'node:fs'
import { parentPort, workerData } from 'node:worker_threads'
import { PGlite } from '@electric-sql/pglite'
import { PGLiteSocketServer } from '@electric-sql/pglite-socket'
import { openDatabaseFiles, openUnsynced } from './databaseFiles'

/**
 * Where the thread finds the database: in a folder, where it is made by way of another one if that is named; in one that is only looked through, and synced or thrown away afterwards; or for
 * tests in memory, empty or unpacked from a file.
 */
export type DatabasePlace =
  { folder: string; making: string | null } | { unsynced: string } | { memory: { from: string | null } }

/** What the thread is told at its start. */
export interface ThreadStart {
  place: DatabasePlace
  socket: string
  /** Goes up by one with each answer, so that one who waits in a long queue knows that it moves. */
  answers: Int32Array
}

/** What the thread says once: that it can be spoken to, or why not. */
export type ThreadReady = { ready: true } | { ready: false; reason: string }

// The embedded database in a thread of its own, so that nothing that it does holds up requests and streams. It is
// spoken to in PostgreSQL's protocol; the only message from outside asks it to close.
const { place, socket, answers } = workerData as ThreadStart
// This thread is bundled beside the program, and may share no module with it.
if (!parentPort) throw new Error('this file runs as a thread only')
const port = parentPort
const tell = (ready: ThreadReady) => port.postMessage(ready)

try {
  const database = await openPlace(place)
  countAnswers(database)
  const server = new PGLiteSocketServer({ db: database, path: socket })
  await server.start()
  port.once('message', () => void close(database, server))
  tell({ ready: true })
} catch (error) {
  tell({ ready: false, reason: error instanceof Error ? error.message : String(error) })
  port.close()
}

async function openPlace(at: DatabasePlace): Promise<PGlite> {
  if ('folder' in at) return openDatabaseFiles(at.folder, at.making)
  if ('unsynced' in at) return openUnsynced(at.unsynced)
  const { from } = at.memory
  return PGlite.create(from === null ? {} : { loadDataDir: await openAsBlob(from) })
}

function countAnswers(database: PGlite): void {
  const answer = database.execProtocolRawStream.bind(database)
  database.execProtocolRawStream = async (...asked) => {
    await answer(...asked)
    Atomics.add(answers, 0, 1)
  }
}

async function close(database: PGlite, server: PGLiteSocketServer): Promise<void> {
  await server.stop()
  await database.close()
  port.close()
}
