import { existsSync, linkSync, copyFileSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { extract } from 'tar'
import { moveIntoPlace } from '../embedded/databaseFiles'
import { lockFile, lockFolder } from '../embedded/lock'
import { hasData } from '../embedded/hasData'
import { pictureFolder } from '../pictureFiles'
import { backedPictures } from './backupFolder'
import { checkCopy } from './checkCopy'

/** What cannot be restored, in words for whoever asked. */
export class NotRestorable extends Error {
  override readonly name = 'NotRestorable'
}

/** What was restored, and where the database that stood there before is now. */
export interface Restored {
  before: string | null
}

/** Two questions, asked before a database that is there is moved away. */
const questions = (folder: string) => [
  `There is a database in ${folder} already. Put the backup in its place?`,
  'What was saved since the backup was made will no longer be shown. Really go back?',
]

/**
 * Puts a backup in the place of the database of a data folder: one of the folder `backups`, or a complete one as it is downloaded. It is
 * opened first, and the database that is there is moved aside, never deleted.
 * @param confirm asks whoever restores; called twice when there is a database already
 * @returns null when that was answered with no
 * @throws FolderInUse while the application runs, NotRestorable when the file is no whole backup; nothing was changed then
 */
export async function restoreBackup(
  folder: string,
  file: string,
  confirm: (question: string) => Promise<boolean>,
  now = new Date(),
): Promise<Restored | null> {
  if (!existsSync(file)) throw new NotRestorable(`There is no file ${file}.`)
  mkdirSync(folder, { recursive: true })
  const used = hasData(folder)
  const lock = lockFolder(folder)
  const unpacked = join(folder, '.restoring')
  try {
    const target = join(folder, 'database')
    if (existsSync(target))
      for (const question of questions(folder)) if (!(await confirm(question))) return null
    const { database, pictures } = await unpack(file, unpacked)
    await checkCopy(database, null)
    for (const place of pictures) bringPictures(place, pictureFolder(folder))
    const before = existsSync(target)
      ? `${target}-before-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}`
      : null
    if (before) renameSync(target, before)
    try {
      moveIntoPlace(database, target)
    } catch (error) {
      if (before) renameSync(before, target)
      throw error
    }
    return { before }
  } catch (error) {
    // A full disk or a missing right is no fault of the file.
    if (error instanceof NotRestorable || (error as NodeJS.ErrnoException).syscall) throw error
    throw new NotRestorable(
      `${file} isn’t a complete backup of Jolly Beaker (${error instanceof Error ? error.message.split('\n')[0] : String(error)}). Nothing was changed. Take another one.`,
    )
  } finally {
    rmSync(unpacked, { recursive: true, force: true })
    lock.release()
    // A folder into which nothing was put is none that was used.
    if (!used && !hasData(folder, { butLock: true })) rmSync(lockFile(folder))
  }
}

/** Unpacks a backup; gives back the folder of its database, and those in which its pictures are. */
async function unpack(file: string, to: string): Promise<{ database: string; pictures: string[] }> {
  rmSync(to, { recursive: true, force: true })
  mkdirSync(to, { recursive: true })
  await extract({ file, cwd: to })
  const pictures = [join(to, 'pictures'), backedPictures(dirname(dirname(file)))].filter((place) =>
    existsSync(place),
  )
  // A complete one holds the packed copy beside the pictures.
  const inner = readdirSync(to).find((name) => name.endsWith('.tar.gz'))
  if (inner) await extract({ file: join(to, inner), cwd: to })
  // Those of the first version are the database itself.
  const database = [join(to, 'database'), to].find((place) => existsSync(join(place, 'PG_VERSION')))
  if (!database)
    throw new NotRestorable(`${file} isn’t a backup of Jolly Beaker. Nothing was changed. Take another one.`)
  return { database, pictures }
}

function bringPictures(from: string, to: string): void {
  mkdirSync(to, { recursive: true })
  for (const name of readdirSync(from)) {
    if (existsSync(join(to, name))) continue
    try {
      linkSync(join(from, name), join(to, name))
    } catch {
      copyFileSync(join(from, name), join(to, name))
    }
  }
}
