import { connectEmbedded } from '../embedded/connectEmbedded'
import { startThread } from '../embedded/startThread'
import { entries, lessons } from '../schema'

/**
 * Opens the copy of a database and looks whether all is there that was there when it was begun.
 * @param fewest what was counted before it was copied; null where nobody did
 * @throws when it does not open or has fewer lessons or entries
 */
export async function checkCopy(
  folder: string,
  fewest: { lessons: number; entries: number } | null,
): Promise<void> {
  const thread = await startThread({ folder })
  const { db, close } = connectEmbedded(thread)
  try {
    // Neither are ever removed from their tables. One of an early version has no entries yet.
    const found = {
      lessons: await db.$count(lessons),
      entries: fewest === null ? 0 : await db.$count(entries),
    }
    if (fewest !== null && (found.lessons < fewest.lessons || found.entries < fewest.entries))
      throw new Error(`The copy has ${JSON.stringify(found)}, and there were ${JSON.stringify(fewest)}.`)
  } finally {
    await close()
  }
}
