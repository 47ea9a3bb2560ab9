import { existsSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { backupFolder } from '../backup/backupFolder'
import { pictureFolder } from '../pictureFiles'
import { lockFile } from './lock'

// The database's thread has none of this: what it shared with the program would load the program into the thread.

/** Whether a folder holds a database. */
export const hasDatabaseFiles = (folder: string): boolean => existsSync(join(folder, 'PG_VERSION'))

/** Where a database is made before it is put in its place. */
export const stagingFolder = (folder: string): string => `${folder}.making`

/**
 * Whether there were ever data in a folder; to be asked before it is locked, which leaves a file in it. A first start that was ended while
 * it made the database leaves that unfinished, and is no use.
 */
export function hasData(folder: string, { butLock = false } = {}): boolean {
  const database = join(folder, 'database')
  if ([database, backupFolder(folder), pictureFolder(folder)].some(holdsAnything)) return true
  return !butLock && existsSync(lockFile(folder)) && !existsSync(stagingFolder(database))
}

const holdsAnything = (folder: string) => existsSync(folder) && readdirSync(folder).length > 0
