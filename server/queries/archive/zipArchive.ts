import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { archiveTexts, picturePath, type LessonArchive } from '#core/archive'
import type { Database } from '../../database/database'
import { ApiError } from '../../errors/apiError'
import { getPicture } from '../pictures'

/** An archive as the pieces of a .zip file; one picture is in memory at a time. */
export async function* zipArchive(db: Database, archive: LessonArchive): AsyncGenerator<Uint8Array> {
  let ready: Uint8Array[] = []
  const zip = new Zip((error, piece) => {
    if (error) throw error
    ready.push(piece)
  })
  const taken = () => {
    const pieces = ready
    ready = []
    return pieces
  }
  for (const [name, text] of Object.entries(archiveTexts(archive))) {
    const file = new ZipDeflate(name)
    zip.add(file)
    file.push(strToU8(text), true)
    yield* taken()
  }
  for (const [id, kind] of Object.entries(archive.pictures)) {
    const bytes = await bytesOf(db, id)
    // Deleted meanwhile, it is missing like any picture that was deleted.
    if (bytes === null) continue
    // Pictures are packed already.
    const file = new ZipPassThrough(picturePath(id, kind))
    zip.add(file)
    file.push(bytes, true)
    yield* taken()
  }
  zip.end()
  yield* taken()
}

async function bytesOf(db: Database, id: string): Promise<Uint8Array | null> {
  try {
    return (await getPicture(db, id)).bytes
  } catch (error) {
    if (error instanceof ApiError && error.code === 'not-found') return null
    throw error
  }
}
