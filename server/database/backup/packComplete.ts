import { basename, dirname, join } from 'node:path'
import { Readable } from 'node:stream'
import { create } from 'tar'
import { smallReads } from './smallReads'
import { manifestOf, type Backup } from './backupFolder'

/** What a complete backup holds: the packed database, what is said of it, and its pictures. */
function complete({ file, manifest }: Backup) {
  return {
    cwd: dirname(file),
    names: [
      basename(file),
      basename(manifestOf(file)),
      ...manifest.pictures.map((name) => join('pictures', name)),
    ],
  }
}

/** Writes a backup with all its pictures into one file, to be kept elsewhere. */
export async function packComplete(backup: Backup, to: string): Promise<void> {
  const { cwd, names } = complete(backup)
  await create({ cwd, file: to }, names)
}

/** The same as a stream; nothing is packed before somebody reads it. */
export function streamComplete(backup: Backup): Readable {
  const { cwd, names } = complete(backup)
  return Readable.from(create({ ...smallReads, cwd }, names))
}
