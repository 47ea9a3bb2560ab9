import { sum } from 'drizzle-orm'
import type { Database } from '../database'
import { connectEmbedded } from '../embedded/connectEmbedded'
import { startThread } from '../embedded/startThread'
import { entries, lessons } from '../schema'

/** What only grows: lessons stay in their table, and what happened in each is numbered. */
export interface Growth {
  lessons: number
  events: number
}

/** How far a database has grown. Counting its entries one by one would hold up everybody else. */
export async function growthOf(db: Database): Promise<Growth> {
  const [row] = await db.select({ events: sum(lessons.seq) }).from(lessons)
  return { lessons: await db.$count(lessons), events: Number(row?.events ?? 0) }
}

/**
 * Opens the copy of a database and looks whether all is there that was there when it was begun.
 * @param fewest what there was before it was copied; null where nobody looked
 * @throws when it does not open or has less
 */
export async function checkCopy(folder: string, fewest: Growth | null): Promise<void> {
  const thread = await startThread({ unsynced: folder })
  const { db, close } = connectEmbedded(thread)
  try {
    // One of an early version has no entries yet, and nobody knows how far it had grown.
    if (fewest === null) return void (await db.$count(lessons))
    const found = await growthOf(db)
    // Here nobody waits, and all of them are read.
    await db.$count(entries)
    if (found.lessons < fewest.lessons || found.events < fewest.events)
      throw new Error(`The copy has ${JSON.stringify(found)}, and there were ${JSON.stringify(fewest)}.`)
  } finally {
    await close()
  }
}
