import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { create } from 'tar'
import type { TestProject } from 'vitest/node'
import { openDatabase } from '../database/client'
import { openDatabaseFiles } from '../database/embedded/databaseFiles'

/** Makes the empty school from which every test begins: making one takes ten times as long as unpacking it. */
export default async function setup({ provide }: TestProject) {
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-empty-'))
  const database = join(folder, 'database')
  const pack = async (name: string) => {
    const file = join(folder, name)
    await create({ cwd: database, file }, ['.'])
    return file
  }
  await (await openDatabaseFiles(database, `${database}.making`)).close()
  provide('bareDatabase', await pack('bare.tar'))
  await (await openDatabase({ folder })).close()
  provide('emptySchool', await pack('empty.tar'))
  provide('postgresServer', undefined)
  return () => rmSync(folder, { recursive: true, force: true })
}

declare module 'vitest' {
  export interface ProvidedContext {
    /** A packed database without any tables of ours. */
    bareDatabase: string
    /** A packed database with all its tables and no rows. */
    emptySchool: string
    /** A PostgreSQL server on which the tests run; undefined where they run in memory. */
    postgresServer: string | undefined
  }
}
