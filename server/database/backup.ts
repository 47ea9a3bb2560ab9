import { mkdir, readdir, rename, unlink, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { OpenDatabase } from './database'

const everyHour = 60 * 60 * 1000
const kept = 14

/**
 * Copies the data at the start and every hour into the folder `backups`, and keeps the newest fourteen: the
 * embedded database answers before the disk has the bytes, so a pulled plug could cost the last moments.
 */
export function startBackups(database: OpenDatabase, folder: string): { stop: () => void } {
  const { copy } = database
  if (!copy) return { stop: () => {} }
  const backup = () =>
    writeBackup(copy, join(folder, 'backups')).catch((error: unknown) =>
      console.error('The backup could not be written:', error),
    )
  void backup()
  const timer = setInterval(backup, everyHour)
  timer.unref()
  return { stop: () => clearInterval(timer) }
}

/** Writes one backup and removes the oldest beyond those kept; gives back its file. */
export async function writeBackup(
  copy: () => Promise<Uint8Array>,
  folder: string,
  now = new Date(),
): Promise<string> {
  await mkdir(folder, { recursive: true })
  const file = join(folder, `jolly-beaker-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}.tar.gz`)
  await writeFile(`${file}.part`, await copy())
  await rename(`${file}.part`, file)
  const all = (await readdir(folder)).filter((name) => /^jolly-beaker-.*\.tar\.gz$/.test(name)).sort()
  for (const old of all.slice(0, -kept)) await unlink(join(folder, old))
  return file
}
