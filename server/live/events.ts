import { and, asc, eq, gt, sql } from 'drizzle-orm'
import type { LessonEvent } from '#shared/types/api'
import type { Database } from '../database/database'
import { events, lessons } from '../database/schema'

/** The channel on which the database tells that a lesson has a new event. */
export const eventChannel = 'lesson_events'

type WithoutSeq<T> = T extends unknown ? Omit<T, 'seq'> : never

/**
 * Writes an event within the transaction that made the change, and has the database tell all listeners
 * when it commits. Taking the next number locks the lesson, so events are in order.
 */
export async function recordEvent(
  tx: Database,
  lessonId: string,
  event: WithoutSeq<LessonEvent>,
): Promise<number> {
  const next = tx.$with('next').as(
    tx
      .update(lessons)
      .set({ seq: sql`${lessons.seq} + 1` })
      .where(eq(lessons.id, lessonId))
      .returning({ lessonId: lessons.id, seq: lessons.seq }),
  )
  // One statement: over the wire of a server each of three would cost as much as all of them.
  const [row] = await tx
    .with(next)
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
    .returning({ seq: events.seq, told: sql`pg_notify(${eventChannel}, ${lessonId})` })
  const { seq } = row!
  return seq
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
