import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** What stands beside a backup, and in it. */
export interface BackupManifest {
  made: string
  /** Null where nobody counted them, in a backup of an earlier version or with a damaged manifest. */
  lessons: number | null
  /** The pictures that belong to it, by the hash of their bytes. */
  pictures: string[]
}

/** A backup as it lies on the disk: the copy of the database, and what is said of it. */
export interface Backup {
  file: string
  manifest: BackupManifest
}

export const backupFolder = (folder: string): string => join(folder, 'backups')

/** The pictures of all backups, each once. */
export const backedPictures = (folder: string): string => join(backupFolder(folder), 'pictures')

/** Backups and their manifests have one name. */
export const manifestOf = (file: string): string => file.replace(/\.tar\.gz$/, '.json')

export const backupName = (made: Date): string =>
  `jolly-beaker-${made.toISOString().slice(0, 19).replace(/[:T]/g, '-')}`

/** The backups of a data folder, oldest first. Those of earlier versions have no manifest. */
export function listBackups(folder: string): Backup[] {
  const place = backupFolder(folder)
  if (!existsSync(place)) return []
  return readdirSync(place)
    .filter((name) => /^jolly-beaker-.*\.tar\.gz$/.test(name))
    .sort()
    .map((name) => ({ file: join(place, name), manifest: readManifest(join(place, name)) }))
}

/** The newest backup that has lessons, or else the newest one; null without any. */
export function newestBackup(folder: string): Backup | null {
  const all = listBackups(folder)
  return all.findLast((one) => one.manifest.lessons !== 0) ?? all.at(-1) ?? null
}

function readManifest(file: string): BackupManifest {
  try {
    return JSON.parse(readFileSync(manifestOf(file), 'utf8')) as BackupManifest
  } catch {
    // There is none, or it was damaged: what it said is not known, and the backup is still one.
    const [, day, time] = /(\d{4}-\d\d-\d\d)-(\d\d-\d\d-\d\d)/.exec(file) ?? []
    const made = day && time ? `${day}T${time.replaceAll('-', ':')}.000Z` : new Date(0).toISOString()
    return { made, lessons: null, pictures: [] }
  }
}
