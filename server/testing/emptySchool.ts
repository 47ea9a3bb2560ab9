import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { extract } from 'tar'
import { inject } from 'vitest'
import { inMemory } from '../database/embedded/openEmbedded'

/** The name of a database in memory, empty but for its tables. */
export const inMemorySchool = (): string => `${inMemory}${inject('emptySchool')}`

/** Puts a database that is empty but for its tables into a data folder. */
export async function emptySchoolIn(folder: string): Promise<void> {
  const database = join(folder, 'database')
  mkdirSync(database, { recursive: true, mode: 0o700 })
  await extract({ file: inject('emptySchool'), cwd: database })
}
