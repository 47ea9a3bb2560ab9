import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import type { OpenDatabase } from '../database'
import { lockFolder } from '../lock'
import * as schema from '../schema'

/** The folder name that keeps everything in memory, for tests. */
export const inMemory = 'memory://'

/** Opens the embedded PostgreSQL in a folder of its own, guarded against a second process. */
export async function openPglite(folder: string, migrationsFolder: string): Promise<OpenDatabase> {
  if (folder === inMemory) return start(await PGlite.create(), migrationsFolder, async () => {})
  mkdirSync(folder, { recursive: true })
  const unlock = await lockFolder(folder)
  try {
    return await start(await PGlite.create(join(folder, 'database')), migrationsFolder, unlock)
  } catch (error) {
    await unlock()
    throw error
  }
}

async function start(
  client: PGlite,
  migrationsFolder: string,
  unlock: () => Promise<void>,
): Promise<OpenDatabase> {
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder })
  return {
    db,
    listen: async (channel, heard) => {
      await client.listen(channel, heard)
    },
    copy: async () => new Uint8Array(await (await client.dumpDataDir('gzip')).arrayBuffer()),
    close: async () => {
      await client.close()
      await unlock()
    },
  }
}
