import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { create } from 'tar'
import type { TestProject } from 'vitest/node'
import { openDatabase } from '../database/client'

/** Makes the empty school from which every test begins: making one takes ten times as long as unpacking it. */
export default async function setup({ provide }: TestProject) {
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-empty-'))
  await (await openDatabase({ folder })).close()
  const file = join(folder, 'empty.tar')
  await create({ cwd: join(folder, 'database'), file }, ['.'])
  provide('emptySchool', file)
  provide('postgresServer', undefined)
  return () => rmSync(folder, { recursive: true, force: true })
}

declare module 'vitest' {
  export interface ProvidedContext {
    /** A packed database with all its tables and no rows. */
    emptySchool: string
    /** A PostgreSQL server on which the tests run; undefined where they run in memory. */
    postgresServer: string | undefined
  }
}
