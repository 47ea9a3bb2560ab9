import { eq, inArray } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { PictureType } from '#shared/types/api'
import type { Database } from '../database/database'
import { pictures } from '../database/schema'
import { ApiError, notFound } from '../http/apiError'

/** The most bytes of a picture; screens shrink photos to far less before sending. */
export const pictureLimit = 3_000_000

const beginnings: [type: PictureType, matches: (bytes: Uint8Array) => boolean][] = [
  ['image/jpeg', (bytes) => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff],
  ['image/png', (bytes) => ascii(bytes, 1, 4) === 'PNG' && bytes[0] === 0x89],
  ['image/webp', (bytes) => ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 12) === 'WEBP'],
]

function ascii(bytes: Uint8Array, from: number, to: number): string {
  return String.fromCharCode(...bytes.subarray(from, to))
}

/** Keeps a picture; its kind is told by its first bytes, whatever the sender says. */
export async function savePicture(db: Database, bytes: Uint8Array): Promise<{ id: string }> {
  const type = beginnings.find(([, matches]) => matches(bytes))?.[0]
  if (!type)
    throw new ApiError('invalid', 'This is not a picture we can show. Choose a JPEG, PNG or WebP picture.')
  const id = newId()
  await db.insert(pictures).values({ id, type, bytes })
  return { id }
}

export async function getPicture(
  db: Database,
  id: string,
): Promise<{ type: PictureType; bytes: Uint8Array }> {
  const [row] = await db
    .select({ type: pictures.type, bytes: pictures.bytes })
    .from(pictures)
    .where(eq(pictures.id, id))
  if (!row) throw notFound('picture')
  return row
}

/** Pictures as a file carries them, in base64 by identifier; unknown ones are left out. */
export async function picturesAsText(db: Database, ids: string[]): Promise<Record<string, string>> {
  if (ids.length === 0) return {}
  const rows = await db.select().from(pictures).where(inArray(pictures.id, ids))
  return Object.fromEntries(rows.map((row) => [row.id, Buffer.from(row.bytes).toString('base64')]))
}

export async function pictureExists(db: Database, id: string): Promise<boolean> {
  return (await db.select({ id: pictures.id }).from(pictures).where(eq(pictures.id, id))).length > 0
}
