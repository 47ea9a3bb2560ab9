import { existsSync } from 'node:fs'
import * as files from 'node:fs/promises'
import { say } from './cutOrder'

// Stands where the program has Node.js's own files for its pictures (cutPower.ts), and says what it does with them.
export const { mkdir, readdir, readFile, stat, unlink } = files

export async function open(path: string, flags: string): Promise<files.FileHandle> {
  if (flags !== 'r') say({ opened: path })
  const file = await files.open(path, flags)
  const sync = file.sync.bind(file)
  file.sync = async () => {
    await sync()
    say({ synced: path })
  }
  return file
}

export async function rename(from: string, to: string): Promise<void> {
  const replaced = existsSync(to)
  await files.rename(from, to)
  say({ renamed: { from, to, replaced } })
}
