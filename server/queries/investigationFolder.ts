import { readdir, readFile, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { investigationLetters } from '#core/format'
import type { Plan } from '#core/plan'
import { useOpenDatabase } from '../database/client'
import { ApiError, notFound } from '../errors/apiError'
import { readInvestigation } from './readInvestigation'

/** A file in the school's folder of investigations: its plan, or why it can't be used. */
export interface FolderFile {
  name: string
  plan: Plan | null
  problem: string | null
}

/** The most files that are looked at. */
const most = 100

/** What was read of each file, until it is another one. */
const known = new Map<string, { stamp: string; file: FolderFile }>()

/** Where a school keeps investigations as files: JOLLY_INVESTIGATIONS, or the folder of that name among its data. */
function folder(): string | null {
  if (process.env.JOLLY_INVESTIGATIONS) return process.env.JOLLY_INVESTIGATIONS
  const data = useOpenDatabase().folder
  return data === null ? null : join(data, 'investigations')
}

/** The names of the files in a folder, in order; none where it is not there. */
async function namesIn(path: string): Promise<string[]> {
  const names = await readdir(path).catch((error: NodeJS.ErrnoException) => {
    if (error.code === 'ENOENT') return []
    throw error
  })
  return names
    .filter((name) => name.toLowerCase().endsWith('.json') && !name.startsWith('.'))
    .sort()
    .slice(0, most)
}

/** The investigations in the school's folder; a folder that can't be looked into is said so in its place. */
export async function filesInFolder(): Promise<FolderFile[]> {
  const path = folder()
  if (path === null) return []
  const names = await namesIn(path).catch(() => null)
  if (names === null) return [unusable(path, 'We can’t look into it. Give Jolly Beaker the right to.')]
  const files: FolderFile[] = []
  // One after the other: each may be large.
  for (const name of names) files.push(await fileAt(join(path, name), name))
  return files
}

async function fileAt(path: string, name: string): Promise<FolderFile> {
  try {
    const { mtimeMs, size } = await stat(path)
    const stamp = `${mtimeMs} ${size}`
    const before = known.get(path)
    if (before?.stamp === stamp) return before.file
    const file = await readFileAt(path, name, size)
    known.set(path, { stamp, file })
    return file
  } catch (error) {
    // Nothing that lasts: the machine was busy, or the file is just being written.
    const problem = error instanceof ApiError ? error.message : 'We can’t read it. Put the file there again.'
    return unusable(name, problem)
  }
}

/** One that can't be used is known as such, too, until it is another one. */
async function readFileAt(path: string, name: string, size: number): Promise<FolderFile> {
  if (size > investigationLetters)
    return unusable(name, 'It is too large. Save it again with fewer or smaller pictures.')
  try {
    return { name, plan: (await readInvestigation(await readFile(path, 'utf8'))).plan, problem: null }
  } catch (error) {
    if (error instanceof ApiError && error.code === 'invalid') return unusable(name, error.message)
    throw error
  }
}

const unusable = (name: string, problem: string): FolderFile => ({ name, plan: null, problem })

/** The text of a file in the school's folder. */
export async function textInFolder(name: string): Promise<string> {
  const path = folder()
  // Only a name that is listed: none leads out of the folder.
  if (path === null || !(await namesIn(path)).includes(name)) throw notFound('investigation')
  return readFile(join(path, name), 'utf8')
}
