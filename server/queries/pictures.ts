import { eq, inArray, sql } from 'drizzle-orm'
import sharp from 'sharp'
import { v7 as newId } from 'uuid'
import type { PictureType } from '#shared/types/api'
import { useOpenDatabase } from '../database/client'
import type { Database } from '../database/database'
import { keepBytes, readKept } from '../database/pictureFiles'
import { pictures } from '../database/schema'
import { ApiError, notFound } from '../http/apiError'

/** The longer side of a picture that is kept, in pixels: enough for the wall. */
const longestSide = 1600
/** More than any camera takes; a file that claims more is not opened. */
const mostPixels = 60_000_000
const unreadable = 'This is not a picture we can show. Choose a JPEG, PNG or WebP picture.'

const beginnings: [type: PictureType, matches: (bytes: Uint8Array) => boolean][] = [
  ['image/jpeg', (bytes) => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff],
  ['image/png', (bytes) => ascii(bytes, 1, 4) === 'PNG' && bytes[0] === 0x89],
  ['image/webp', (bytes) => ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 12) === 'WEBP'],
]

function ascii(bytes: Uint8Array, from: number, to: number): string {
  return String.fromCharCode(...bytes.subarray(from, to))
}

/**
 * Keeps a picture; its kind is told by its first bytes, whatever the sender says. It is drawn anew, upright and no larger than the wall
 * needs, so that nothing stays of what a camera writes beside it: place, time, device.
 */
export async function savePicture(db: Database, bytes: Uint8Array): Promise<{ id: string }> {
  const type = beginnings.find(([, matches]) => matches(bytes))?.[0]
  if (!type) throw new ApiError('invalid', unreadable)
  const drawn = await sharp(bytes, { limitInputPixels: mostPixels })
    .autoOrient()
    .resize({ width: longestSide, height: longestSide, fit: 'inside', withoutEnlargement: true })
    .toBuffer()
    .catch(() => {
      throw new ApiError('invalid', unreadable)
    })
  const id = newId()
  await keepBytes(useOpenDatabase().folder, drawn, (kept) =>
    db.insert(pictures).values({ id, type, ...kept }),
  )
  return { id }
}

/** Deletes the row of a picture; its bytes go with forgetUnused once that is committed. Gives back their hash. */
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
