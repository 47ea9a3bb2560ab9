import { Semaphore } from 'async-mutex'
import { eq, inArray, sql } from 'drizzle-orm'
import sharp from 'sharp'
import { v7 as newId } from 'uuid'
import type { PictureType } from '#shared/types/api'
import { useOpenDatabase } from '../database/client'
import type { Database } from '../database/database'
import { storeBytes, readKept, type StoredBytes } from '../database/pictureFiles'
import { pictures } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'

/** The longer side of a picture that is kept, in pixels: enough for the wall. */
const longestSide = 1600
/** A file that claims more dots is not opened. Of a photo only as many are read as are kept; of others every one. */
const mostPixels = { jpeg: 60_000_000, other: 25_000_000 }
/** Pictures that are drawn at once, and that may wait: a class has no more, and each is held in memory. */
const atOnce = new Semaphore(2)
const mostWaiting = 60
let waiting = 0
// Of two processors one stays free for those who save readings.
sharp.concurrency(1)

const unreadable = 'This is not a picture we can show. Choose a JPEG, PNG or WebP picture.'

const beginnings: [type: PictureType, matches: (bytes: Uint8Array) => boolean][] = [
  ['image/jpeg', (bytes) => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff],
  ['image/png', (bytes) => ascii(bytes, 1, 4) === 'PNG' && bytes[0] === 0x89],
  ['image/webp', (bytes) => ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 12) === 'WEBP'],
]

function ascii(bytes: Uint8Array, from: number, to: number): string {
  return String.fromCharCode(...bytes.subarray(from, to))
}

/** A picture as it is kept. */
export interface DrawnPicture {
  type: PictureType
  bytes: Uint8Array
}

/**
 * Draws a picture anew, upright and no larger than the wall needs, so that nothing stays of what a camera writes beside it: place, time,
 * device. Its kind is told by its first bytes, whatever the sender says. Never within a transaction: a large one takes seconds.
 * @throws ApiError for what is no picture, is too large to be opened, or comes while too many wait
 */
export async function drawPicture(bytes: Uint8Array): Promise<DrawnPicture> {
  const type = beginnings.find(([, matches]) => matches(bytes))?.[0]
  if (!type) throw new ApiError('invalid', unreadable)
  if (waiting >= mostWaiting)
    throw new ApiError('busy', 'Too many photos are arriving at once. Try again in a moment.')
  waiting++
  try {
    return await atOnce.runExclusive(async () => ({ type, bytes: await drawAnew(bytes) }))
  } finally {
    waiting--
  }
}

async function drawAnew(bytes: Uint8Array): Promise<Uint8Array> {
  const cannotBeShown = () => {
    throw new ApiError('invalid', unreadable)
  }
  const { width, height, format } = await sharp(bytes, { limitInputPixels: mostPixels.jpeg })
    .metadata()
    .catch(cannotBeShown)
  const most = format === 'jpeg' ? mostPixels.jpeg : mostPixels.other
  if (width * height > most)
    throw new ApiError(
      'invalid',
      `This picture has ${Math.round((width * height) / 1e6)} million pixels; we can take up to ${most / 1e6} million. Make it smaller, or take a photo of it.`,
    )
  return sharp(bytes, { limitInputPixels: most })
    .autoOrient()
    .resize({ width: longestSide, height: longestSide, fit: 'inside', withoutEnlargement: true })
    .toBuffer()
    .catch(cannotBeShown)
}

/** A picture whose bytes are kept already, where they are in a file; its row is still to be made. */
export type KeptPicture = Pick<DrawnPicture, 'type'> & StoredBytes

/**
 * Keeps the bytes of a picture that was drawn anew, before anything is locked: the disk takes its time.
 * @param withRow makes its row, with whatever belongs to it, or none
 */
export const keepingPicture = <T>(
  { type, bytes }: DrawnPicture,
  withRow: (picture: KeptPicture) => Promise<T>,
): Promise<T> => storeBytes(useOpenDatabase().folder, bytes, (kept) => withRow({ type, ...kept }))

/** Makes the row of a picture. */
export async function addPicture(db: Database, picture: KeptPicture, id = newId()): Promise<{ id: string }> {
  await db.insert(pictures).values({ id, ...picture })
  return { id }
}

/** Keeps a picture that was drawn anew. */
export const keepPicture = (db: Database, drawn: DrawnPicture, id?: string): Promise<{ id: string }> =>
  keepingPicture(drawn, (picture) => addPicture(db, picture, id))

/** Deletes the row of a picture; its bytes go with deleteUnusedBytes once that is committed. Gives back their hash. */
export async function deletePicture(tx: Database, id: string): Promise<string | null> {
  const [gone] = await tx.delete(pictures).where(eq(pictures.id, id)).returning({ hash: pictures.hash })
  return gone?.hash ?? null
}

export async function getPicture(
  db: Database,
  id: string,
): Promise<{ type: PictureType; bytes: Uint8Array; observed: boolean }> {
  const [row] = await db
    .select({
      type: pictures.type,
      bytes: pictures.bytes,
      hash: pictures.hash,
      /** Whether it was taken during a test, so that children may be on it. */
      observed: sql<boolean>`exists (select 1 from observations where observations.picture = pictures.id)`,
    })
    .from(pictures)
    .where(eq(pictures.id, id))
  const bytes = row ? await readKept(useOpenDatabase().folder, row) : null
  if (!row || !bytes) throw notFound('picture')
  return { type: row.type, bytes, observed: row.observed }
}

/** Pictures as a file carries them, in base64 by identifier; unknown ones are left out. */
export async function picturesAsText(db: Database, ids: string[]): Promise<Record<string, string>> {
  if (ids.length === 0) return {}
  const rows = await db.select().from(pictures).where(inArray(pictures.id, ids))
  const texts = await Promise.all(
    rows.map(async (row) => [row.id, await readKept(useOpenDatabase().folder, row)] as const),
  )
  return Object.fromEntries(
    texts.flatMap(([id, bytes]) => (bytes ? [[id, Buffer.from(bytes).toString('base64')]] : [])),
  )
}

export async function pictureExists(db: Database, id: string): Promise<boolean> {
  return (await db.select({ id: pictures.id }).from(pictures).where(eq(pictures.id, id))).length > 0
}
