import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import { newestBackup } from '../backup/backupFolder'
import type { Listener, OpenDatabase } from '../database'
import { DatabaseMissing, DatabaseUnreadable } from '../problems'
import { connectEmbedded } from './connectEmbedded'
import { lockFolder, type FolderLock } from './lock'
import { startThread, ThreadRefused, type DatabaseThread } from './startThread'
import { stagingFolder, hasDatabaseFiles, hasData } from './hasData'

/** The folder name that keeps everything in memory, for tests; a packed database to begin from may follow it. */
export const inMemory = 'memory://'

/** Memory belongs to this process alone. */
const nobodyElse: FolderLock = { isOwned: () => true, release: () => {} }

/**
 * Opens the embedded PostgreSQL in a folder of its own, guarded against a second process.
 * @throws FolderInUse, DatabaseMissing, DatabaseUnreadable or DataNewer, each in words for whoever started it
 */
export async function openEmbedded(folder: string, migrationsFolder: string): Promise<OpenDatabase> {
  if (folder.startsWith(inMemory)) {
    const thread = await startThread({ memory: { from: folder.slice(inMemory.length) || null } })
    return start(thread, null, nobodyElse, migrationsFolder)
  }
  mkdirSync(folder, { recursive: true })
  const used = hasData(folder)
  const lock = lockFolder(folder)
  try {
    return await start(await openFiles(folder, used), folder, lock, migrationsFolder)
  } catch (error) {
    lock.release()
    throw error
  }
}

/** @param used whether there was a database before, in whose place none is begun */
async function openFiles(folder: string, used: boolean): Promise<DatabaseThread> {
  const files = join(folder, 'database')
  const newest = newestBackup(folder)?.file ?? null
  const isThere = hasDatabaseFiles(files)
  if (used && !isThere) throw new DatabaseMissing(folder, newest)
  return startThread({ folder: files, making: isThere ? null : stagingFolder(files) }).catch(
    (error: unknown) => {
      throw error instanceof ThreadRefused ? new DatabaseUnreadable(folder, error.message, newest) : error
    },
  )
}

async function start(
  thread: DatabaseThread,
  folder: string | null,
  lock: FolderLock,
  migrationsFolder: string,
): Promise<OpenDatabase> {
  const listeners = new Map<string, Listener>()
  const { db, migrate, close } = connectEmbedded(thread, (channel, payload) =>
    listeners.get(channel)?.heard(payload),
  )
  try {
    await migrate(migrationsFolder)
  } catch (error) {
    await close()
    throw error
  }
  return {
    db,
    folder,
    ask: async () => db.execute(sql`select 1`),
    answers: thread.answers,
    isOwned: lock.isOwned,
    onLost: thread.onLost,
    listen: async (channel, listener) => {
      listeners.set(channel, listener)
      await db.execute(sql`listen ${sql.identifier(channel)}`)
    },
    close: async () => {
      await close()
      lock.release()
    },
  }
}
