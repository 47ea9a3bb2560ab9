import { existsSync, renameSync, rmSync } from 'node:fs'
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

/** Whether a folder holds a database. */
export const holdsDatabase = (folder: string): boolean => existsSync(join(folder, 'PG_VERSION'))

/** Opens the database in a folder, or makes it there; one that was being made when the power went is made anew. */
export async function openDatabaseFiles(folder: string): Promise<PGlite> {
  if (!existsSync(folder)) await makeDatabase(folder)
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

async function makeDatabase(folder: string): Promise<void> {
  const making = `${folder}.making`
  rmSync(making, { recursive: true, force: true })
  await (await PGlite.create(making)).close()
  putInPlace(making, folder)
}

/** Moves a folder to its place once the disk has all that is in it. */
export function putInPlace(from: string, to: string): void {
  syncTree(from)
  renameSync(from, to)
  syncPath(dirname(to))
}
