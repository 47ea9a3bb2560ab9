import { renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { SyncedFiles, syncPath, syncTree } from './syncedFiles'

/** PostgreSQL's own promise: what is committed is on the disk, by one sync of its log. */
const durableParameters = [
  ...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
  '-c',
  'wal_sync_method=fsync',
  // A backup that is being made needs the log from its beginning.
  '-c',
  'wal_keep_size=64',
]

/**
 * Opens the database in a folder.
 * @param making where a new one is made first, so that none lies half made in its place; null where there is one
 */
export async function openDatabaseFiles(folder: string, making: string | null): Promise<PGlite> {
  if (making !== null) await makeDatabase(making, folder)
  return startDatabase(new SyncedFiles(folder), folder)
}

/** Opens a database that is looked through, and thrown away or synced as a whole afterwards: others who sync would wait for it. */
export function openUnsynced(folder: string): Promise<PGlite> {
  removeMark(folder)
  return PGlite.create(folder)
}

/** PostgreSQL's own mark of being open, which it refuses to start beside when the power went while it was written. */
function removeMark(folder: string): void {
  rmSync(join(folder, 'postmaster.pid'), { force: true })
}

/** Starts PostgreSQL on the files of a database that this program alone may open: the folder's lock stands for its own mark. */
export function startDatabase(files: SyncedFiles, folder: string): Promise<PGlite> {
  removeMark(folder)
  return PGlite.create({ fs: files, startParams: durableParameters })
}

async function makeDatabase(making: string, folder: string): Promise<void> {
  rmSync(making, { recursive: true, force: true })
  await (await PGlite.create(making)).close()
  moveIntoPlace(making, folder)
}

/** Moves a folder to its place once the disk has all that is in it. */
export function moveIntoPlace(from: string, to: string): void {
  syncTree(from)
  renameSync(from, to)
  syncPath(dirname(to))
}
