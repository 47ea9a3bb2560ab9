import { randomUUID } from 'node:crypto'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import postgres from 'postgres'
import { extract } from 'tar'
import { inject } from 'vitest'
import type { DatabaseSettings } from '../database/client'
import { inMemory } from '../database/embedded/openEmbedded'

/** A database that is empty but for its tables: in memory, or on a server where the tests run on one. */
export async function anEmptySchool(): Promise<DatabaseSettings> {
  const server = inject('postgresServer')
  return server === undefined
    ? { folder: `${inMemory}${inject('emptySchool')}` }
    : { folder: '', url: await newDatabase(server) }
}

async function newDatabase(server: string): Promise<string> {
  const name = `school_${randomUUID().replaceAll('-', '')}`
  const client = postgres(server, { max: 1 })
  await client.unsafe(`create database ${name}`)
  await client.end()
  return new URL(`/${name}`, server).href
}

/** Puts a database that is empty but for its tables into a data folder. */
export const emptySchoolIn = (folder: string) => unpackInto(folder, inject('emptySchool'))

/** Puts a database without any tables of ours into a data folder. */
export const bareDatabaseIn = (folder: string) => unpackInto(folder, inject('bareDatabase'))

async function unpackInto(folder: string, file: string): Promise<void> {
  const database = join(folder, 'database')
  mkdirSync(database, { recursive: true, mode: 0o700 })
  await extract({ file, cwd: database })
}
