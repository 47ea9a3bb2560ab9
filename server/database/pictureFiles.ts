import { defined } from '#core/defined'
import { createHash } from 'node:crypto'
import { mkdir, open, readdir, readFile, rename, stat, unlink } from 'node:fs/promises'
import { join } from 'node:path'
import { Mutex } from 'async-mutex'
import { eq, isNotNull, sql } from 'drizzle-orm'
import type { Database } from './database'
import { pictures } from './schema'

/** The bytes of a picture as its row has them: its own, or the name of a file beside an embedded database. */
export interface StoredBytes {
  bytes: Uint8Array | null
  /** SHA-256 of the bytes, in hexadecimal. */
  hash: string | null
}

/** The folder of the pictures beside an embedded database. */
export const pictureFolder = (folder: string): string => join(folder, 'pictures')

/** A file may be kept for one picture while the last other one with the same bytes is deleted: one after the other. */
const files = new Mutex()

/**
 * Keeps bytes on the disk under the name of their content, so that no picture lies there twice and backups need not copy it again.
 * @param folder the folder of an embedded database; null where the row is to keep them
 * @param putInRow makes the row that names them; nobody takes the file for unused before
 */
export async function storeBytes<T>(
  folder: string | null,
  bytes: Uint8Array,
  putInRow: (kept: StoredBytes) => PromiseLike<T>,
): Promise<T> {
  const hash = createHash('sha256').update(bytes).digest('hex')
  if (folder === null) return putInRow({ bytes, hash })
  return files.runExclusive(async () => {
    await writeFile(folder, hash, bytes)
    return putInRow({ bytes: null, hash })
  })
}

async function writeFile(folder: string, hash: string, bytes: Uint8Array): Promise<void> {
  const place = pictureFolder(folder)
  await mkdir(place, { recursive: true })
  // Two may keep the same picture at once: each writes a file of its own.
  const part = join(place, `${hash}.${process.pid}-${Math.random().toString(36).slice(2)}.part`)
  const file = await open(part, 'wx')
  try {
    await file.writeFile(bytes)
    await file.sync()
  } finally {
    await file.close()
  }
  await rename(part, join(place, hash))
  await syncFolder(place)
}

/** The bytes that a row stands for; null where their file is gone. */
export async function readKept(folder: string | null, kept: StoredBytes): Promise<Uint8Array | null> {
  if (kept.bytes !== null || folder === null || kept.hash === null) return kept.bytes
  return readFile(join(pictureFolder(folder), kept.hash)).catch((error: NodeJS.ErrnoException) => {
    if (error.code === 'ENOENT') return null
    throw error
  })
}

/** Deletes the file of bytes for good, unless a picture has them. */
export async function deleteUnusedBytes(
  db: Database,
  folder: string | null,
  hash: string | null,
): Promise<void> {
  if (folder === null || hash === null) return
  await files.runExclusive(async () => {
    const having = await db.select({ id: pictures.id }).from(pictures).where(eq(pictures.hash, hash)).limit(1)
    if (having.length > 0) return
    await unlink(join(pictureFolder(folder), hash)).catch((error: NodeJS.ErrnoException) => {
      if (error.code !== 'ENOENT') throw error
    })
  })
}

/** Moves pictures that an earlier version kept in their rows into files, one at a time. */
export async function movePicturesToFiles(db: Database, folder: string): Promise<void> {
  let moved = 0
  for (;;) {
    const [row] = await db
      .select({ id: pictures.id, bytes: pictures.bytes })
      .from(pictures)
      .where(isNotNull(pictures.bytes))
      .limit(1)
    if (!row) break
    await storeBytes(folder, defined(row.bytes), (kept) =>
      db.update(pictures).set(kept).where(eq(pictures.id, row.id)),
    )
    moved++
  }
  // Gives the room back, so that backups no longer copy it.
  if (moved > 0) await db.execute(sql`vacuum full pictures`)
}

const hour = 3_600_000

/**
 * Deletes files that no picture needs: what was deleted just before the program was killed, or kept for something that was then not
 * saved. Those of the last hour may be on their way into a row.
 */
export async function deleteOrphanedPictures(db: Database, folder: string, now = Date.now()): Promise<void> {
  const place = pictureFolder(folder)
  const names = await readdir(place).catch(() => [])
  const old: string[] = []
  for (const name of names) if ((await stat(join(place, name))).mtimeMs < now - hour) old.push(name)
  const needed = new Set((await db.select({ hash: pictures.hash }).from(pictures)).map((row) => row.hash))
  for (const name of old) if (!needed.has(name)) await deleteUnusedBytes(db, folder, name)
}

async function syncFolder(path: string): Promise<void> {
  // Windows opens no folders, and keeps their lists by itself.
  if (process.platform === 'win32') return
  const folder = await open(path, 'r')
  try {
    await folder.sync()
  } finally {
    await folder.close()
  }
}
