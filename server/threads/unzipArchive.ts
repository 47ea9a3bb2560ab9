import { strFromU8, unzipSync } from 'fflate'
import { archiveFile } from '../../core/archive'

/** What an archive holds that is read back: the text of the lesson and its pictures by identifier; or why it cannot be opened. */
export type Unzipped =
  { ok: true; text: string; pictures: Record<string, Uint8Array> } | { ok: false; message: string }

/** More than the largest lesson has: files, and bytes once they are unpacked. */
const most = { files: 2000, bytes: 120_000_000 }

const picture = /^pictures\/([0-9a-f-]{36})\.(?:jpg|png|webp)$/

const choose = 'Choose one that was saved with “The whole lesson” here.'

class Refused extends Error {}

const isWanted = (name: string): boolean => name === archiveFile || picture.test(name)

/** Refuses by what an archive says of its files, before any of them is unpacked. */
function lookThrough(bytes: Uint8Array): void {
  let files = 0
  let size = 0
  unzipSync(bytes, {
    filter({ name, originalSize }) {
      if (++files > most.files)
        throw new Refused(`This isn’t a lesson file: it holds too many files. ${choose}`)
      if (/(?:^|[\\/])\.\.(?:[\\/]|$)|^[\\/]|^[a-z]:/i.test(name))
        throw new Refused(`This isn’t a lesson file. ${choose}`)
      if (isWanted(name)) size += originalSize
      if (size > most.bytes) throw new Refused('This lesson file is too large to open here.')
      return false
    },
  })
}

/**
 * Unpacks an archived lesson. Only what a lesson needs is unpacked, each at most as large as the archive says, so that a small file
 * cannot become an endless one.
 */
export function unzipArchive(bytes: Uint8Array): Unzipped {
  try {
    lookThrough(bytes)
    const found = unzipSync(bytes, { filter: ({ name }) => isWanted(name) })
    const lesson = found[archiveFile]
    if (!lesson)
      return {
        ok: false,
        message: `This isn’t a lesson file. ${choose}`,
      }
    const pictures = Object.entries(found).flatMap(([name, own]) => {
      const id = picture.exec(name)?.[1]
      return id === undefined ? [] : [[id, own] as const]
    })
    return { ok: true, text: strFromU8(lesson), pictures: Object.fromEntries(pictures) }
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: error.message }
    // Whatever else is wrong with it, the packing itself does not hold.
    return {
      ok: false,
      message: 'This file is damaged or incomplete. Save the lesson again where it came from.',
    }
  }
}
