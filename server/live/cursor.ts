import { defined } from '#core/defined'
import { desc, eq, sql, type SQLWrapper } from 'drizzle-orm'
import type { Database } from '../database/database'
import { events } from '../database/schema'

/** How far a screen has heard a lesson: the number of its last event, and when that was, in microseconds. */
export interface Cursor {
  seq: number
  at: string
}

const pattern = /^(?<seq>\d{1,9})\.(?<at>\d{1,17})$/

/**
 * Reads a cursor as pages send it.
 * @example readCursor('17.1773043200000000') // { seq: 17, at: '1773043200000000' }
 */
export function readCursor(text: string): Cursor | null {
  const found = pattern.exec(text)?.groups
  return found ? { seq: Number(found.seq), at: defined(found.at) } : null
}

/** A cursor as pages keep it. */
export const cursorText = ({ seq, at }: Cursor) => `${seq}.${at}`

/** The moment of an event. No two of one number have the same, so it tells whether an older database has been put in place. */
export const momentOf = (column: SQLWrapper) =>
  sql<string>`(extract(epoch from ${column}) * 1000000)::bigint::text`

/** How far a lesson has come, as pages keep it. */
export async function cursorOf(db: Database, lessonId: string): Promise<string> {
  const [last] = await db
    .select({ seq: events.seq, at: momentOf(events.madeAt) })
    .from(events)
    .where(eq(events.lessonId, lessonId))
    .orderBy(desc(events.seq))
    .limit(1)
  return cursorText(last ?? beginning)
}

/** Where nothing has happened yet. */
const beginning: Cursor = { seq: 0, at: '0' }
