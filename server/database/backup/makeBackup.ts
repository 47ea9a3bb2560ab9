import { defined } from '#core/defined'
import { copyFile, link, mkdir, open, readdir, rename, rm, unlink, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { isNotNull, isNull } from 'drizzle-orm'
import { create, extract } from 'tar'
import type { OpenDatabase } from '../database'
import { pictureFolder } from '../pictureFiles'
import { lessons, pictures } from '../schema'
import {
  backedPictures,
  backupFolder,
  backupName,
  listBackups,
  manifestOf,
  type Backup,
  type BackupManifest,
} from './backupFolder'
import { checkCopy, growthOf, type Growth } from './checkCopy'
import { copyDatabase } from './copyDatabase'
import { smallReads } from './smallReads'
import { backupsToKeep } from './keepBackups'

const making = '.making'
const checking = '.checking'

/**
 * Makes a backup of an embedded database that is in use: a consistent copy, packed, opened once to see whether it is whole, and the
 * pictures that belong to it beside it, each once for all backups. Then removes backups that are no longer kept.
 * @throws when the copy does not open; no backup is made then, and the older ones stay
 */
export async function makeBackup(
  opened: OpenDatabase & { folder: string },
  made = new Date(),
): Promise<Backup> {
  const { db, folder } = opened
  const place = backupFolder(folder)
  const staging = join(place, making)
  await rm(staging, { recursive: true, force: true })
  await mkdir(join(staging, 'database'), { recursive: true })
  try {
    const fewest = await growthOf(db)
    await copyDatabase(db, join(folder, 'database'), join(staging, 'database'))
    const manifest: BackupManifest = {
      made: made.toISOString(),
      lessons: await db.$count(lessons, isNull(lessons.removedAt)),
      pictures: await keepPictures(opened),
    }
    await writeFile(join(staging, 'backup.json'), JSON.stringify(manifest))
    const file = join(place, `${backupName(made)}.tar.gz`)
    await create({ ...smallReads, gzip: { level: 3 }, file: `${file}.part`, cwd: staging }, [
      'backup.json',
      'database',
    ])
    await check(`${file}.part`, join(place, checking), fewest)
    await syncFile(`${file}.part`)
    await writeFile(manifestOf(file), JSON.stringify(manifest))
    await syncFile(manifestOf(file))
    await rename(`${file}.part`, file)
    await removeOld(folder)
    return { file, manifest }
  } finally {
    await rm(staging, { recursive: true, force: true })
  }
}

/** Opens what was packed, in a folder of its own. */
async function check(file: string, folder: string, fewest: Growth): Promise<void> {
  await rm(folder, { recursive: true, force: true })
  await mkdir(folder, { recursive: true })
  try {
    await extract({ ...smallReads, file, cwd: folder })
    await checkCopy(join(folder, 'database'), fewest)
  } catch (error) {
    await unlink(file)
    throw error
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Keeps the pictures that rows name beside the backups; gives back their names. */
async function keepPictures({ db, folder }: OpenDatabase & { folder: string }): Promise<string[]> {
  const kept = backedPictures(folder)
  await mkdir(kept, { recursive: true })
  const rows = await db.select({ hash: pictures.hash }).from(pictures).where(isNotNull(pictures.hash))
  const there = new Set(await readdir(kept))
  const names: string[] = []
  for (const hash of new Set(rows.map((row) => defined(row.hash)))) {
    if (there.has(hash) || (await keepPicture(join(pictureFolder(folder), hash), join(kept, hash))))
      names.push(hash)
  }
  return names
}

/** A second name of the same file takes no room; where the disk knows none, a copy. */
async function keepPicture(from: string, to: string): Promise<boolean> {
  try {
    await link(from, to).catch((error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT' || error.code === 'EEXIST') throw error
      return copyFile(from, to)
    })
    return true
  } catch (error) {
    // It was deleted for good a moment ago.
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return false
    throw error
  }
}

async function removeOld(folder: string): Promise<void> {
  const all = listBackups(folder)
  const kept = new Set(backupsToKeep(all))
  for (const { file } of all.filter((one) => !kept.has(one))) {
    await unlink(file)
    await rm(manifestOf(file), { force: true })
  }
  // Where nobody knows which a backup needs, none is removed.
  if ([...kept].some((one) => one.manifest.lessons === null)) return
  const needed = new Set([...kept].flatMap((one) => one.manifest.pictures))
  const place = backedPictures(folder)
  for (const name of await readdir(place)) if (!needed.has(name)) await unlink(join(place, name))
}

async function syncFile(path: string): Promise<void> {
  const file = await open(path, 'r+')
  try {
    await file.sync()
  } finally {
    await file.close()
  }
}
