import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Database, OpenDatabase } from './database'
import { openEmbedded } from './embedded/openEmbedded'
import { movePicturesToFiles } from './pictureFiles'
import { openRemote } from './remote/openRemote'

/** Where the data live: a PostgreSQL server when DATABASE_URL is set, else the folder JOLLY_DATA. */
export interface DatabaseSettings {
  url?: string
  folder: string
}

/** The settings that the environment asks for. */
export function databaseSettings(environment: NodeJS.ProcessEnv = process.env): DatabaseSettings {
  return { url: environment.DATABASE_URL || undefined, folder: environment.JOLLY_DATA || 'data' }
}

/** Opens a database and brings its tables up to date. */
export async function openDatabase({ url, folder }: DatabaseSettings): Promise<OpenDatabase> {
  const migrations = resolve('server/database/migrations')
  if (!existsSync(migrations))
    throw new Error('Start Jolly Beaker from its own folder: server/database/migrations is not here.')
  const opened = await (url ? openRemote(url, migrations) : openEmbedded(folder, migrations))
  if (opened.folder !== null) await movePicturesToFiles(opened.db, opened.folder)
  return opened
}

let current: OpenDatabase | null = null

/** Makes a database the one that routes use. */
export function setDatabase(opened: OpenDatabase | null) {
  current = opened
}

/** The open database with its notifications, as the live stream and the backups need it. */
export function useOpenDatabase(): OpenDatabase {
  if (!current) throw new Error('the database is not open')
  return current
}

/** The database that routes use. */
export function useDatabase(): Database {
  return useOpenDatabase().db
}
