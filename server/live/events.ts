import { and, asc, eq, gt, isNull, sql, type SQL } from 'drizzle-orm'
import type { LessonEvent } from '#shared/types/api'
import type { Database } from '../database/database'
import { events, lessons } from '../database/schema'

/** The channel on which the database tells that a lesson has a new event. */
export const eventChannel = 'lesson_events'

type WithoutSeq<T> = T extends unknown ? Omit<T, 'seq'> : never

type NewEvent = WithoutSeq<LessonEvent>

/**
 * Writes an event within the transaction that made the change, and has the database tell all listeners
 * when it commits. Taking the next number locks the lesson, so events are in order.
 */
export async function recordEvent(tx: Database, lessonId: string, event: NewEvent): Promise<number> {
  const next = takeNext(tx, eq(lessons.id, lessonId))
  const [row] = await writeEvent(tx, next, tx.with(next), event)
  return row!.seq
}

/**
 * Writes an event together with the rows that it tells of, all in one statement, provided that nothing has happened in the lesson since
 * it was read: a statement costs about as much as all that is done with its answer, and a transaction has five.
 * @param since the number of the newest event when it was read
 * @param rows what to insert, selected from "next", which is empty where something has happened
 * @returns the number of the event, or null where it was not written
 */
export async function recordEventSince(
  db: Database,
  lessonId: string,
  since: number,
  event: NewEvent,
  rows: (next: SQL) => PromiseLike<unknown>,
): Promise<number | null> {
  const unchanged = and(eq(lessons.id, lessonId), eq(lessons.seq, since), isNull(lessons.removedAt))!
  const next = takeNext(db, unchanged)
  const added = db.$with('added').as(rows(sql`${next}`) as never)
  const [row] = await writeEvent(db, next, db.with(next, added), event)
  return row?.seq ?? null
}

function takeNext(tx: Database, where: SQL) {
  return tx.$with('next').as(
    tx
      .update(lessons)
      .set({ seq: sql`${lessons.seq} + 1` })
      .where(where)
      .returning({ lessonId: lessons.id, seq: lessons.seq }),
  )
}

/** One statement: over the wire of a server each of three would cost as much as all of them. */
function writeEvent(
  tx: Database,
  next: ReturnType<typeof takeNext>,
  within: Pick<Database, 'insert'>,
  event: NewEvent,
) {
  return within
    .insert(events)
    .select(
      tx
        .select({
          lessonId: next.lessonId,
          seq: next.seq,
          event:
            sql<LessonEvent>`${JSON.stringify(event)}::jsonb || jsonb_build_object('seq', ${next.seq})`.as(
              'event',
            ),
          madeAt: sql<Date>`now()`.as('made_at'),
        })
        .from(next),
    )
    .returning({ seq: events.seq, told: sql`pg_notify(${eventChannel}, ${events.lessonId}::text)` })
}

/** The events of a lesson after a given number, in order. */
export async function eventsAfter(db: Database, lessonId: string, seq: number): Promise<LessonEvent[]> {
  const rows = await db
    .select({ event: events.event })
    .from(events)
    .where(and(eq(events.lessonId, lessonId), gt(events.seq, seq)))
    .orderBy(asc(events.seq))
  return rows.map((row) => row.event)
}
