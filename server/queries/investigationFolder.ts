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

/** The names of the files in a folder, in order; none where it is not there, or may not be read. */
const namesIn = async (path: string): Promise<string[]> =>
  (await readdir(path).catch(() => []))
    .filter((name) => name.toLowerCase().endsWith('.json') && !name.startsWith('.'))
    .sort()
    .slice(0, most)

/** The investigations in the school's folder. */
export async function filesInFolder(): Promise<FolderFile[]> {
  const path = folder()
  if (path === null) return []
  const files: FolderFile[] = []
  // One after the other: each may be large.
  for (const name of await namesIn(path)) files.push(await fileAt(path, name))
  return files
}

async function fileAt(path: string, name: string): Promise<FolderFile> {
  try {
    const { mtimeMs, size } = await stat(join(path, name))
    const stamp = `${mtimeMs} ${size}`
    const before = known.get(join(path, name))
    if (before?.stamp === stamp) return before.file
    if (size > investigationLetters)
      return { name, plan: null, problem: 'This file is too large for an investigation.' }
    const { plan } = await readInvestigation(await readFile(join(path, name), 'utf8'))
    const file = { name, plan, problem: null }
    known.set(join(path, name), { stamp, file })
    return file
  } catch (error) {
    const problem = error instanceof ApiError ? error.message : 'This file can’t be read.'
    return { name, plan: null, problem }
  }
}

/** The text of a file in the school's folder. */
export async function textInFolder(name: string): Promise<string> {
  const path = folder()
  // Only a name that is listed: none leads out of the folder.
  if (path === null || !(await namesIn(path)).includes(name)) throw notFound('investigation')
  return readFile(join(path, name), 'utf8')
}
