import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import type { OpenDatabase } from '../database'
import { lockFolder, type FolderLock } from '../lock'
import * as schema from '../schema'

/** The folder name that keeps everything in memory, for tests. */
export const inMemory = 'memory://'

/** Memory belongs to this process alone. */
const nobodyElse: FolderLock = { isOwned: () => true, release: () => {} }

/** Opens the embedded PostgreSQL in a folder of its own, guarded against a second process. */
export async function openPglite(folder: string, migrationsFolder: string): Promise<OpenDatabase> {
  if (folder === inMemory) return start(await PGlite.create(), migrationsFolder, nobodyElse)
  mkdirSync(folder, { recursive: true })
  const lock = lockFolder(folder)
  try {
    return await start(await PGlite.create(join(folder, 'database')), migrationsFolder, lock)
  } catch (error) {
    lock.release()
    throw error
  }
}

async function start(client: PGlite, migrationsFolder: string, lock: FolderLock): Promise<OpenDatabase> {
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder })
  return {
    db,
    listen: async (channel, heard) => {
      await client.listen(channel, heard)
    },
    copy: async () => new Uint8Array(await (await client.dumpDataDir('gzip')).arrayBuffer()),
    isOwned: lock.isOwned,
    close: async () => {
      await client.close()
      lock.release()
    },
  }
}
