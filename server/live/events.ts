import { eq, sql } from 'drizzle-orm'
import type { LessonEvent, NewEvent } from '#shared/types/api'
import type { Database } from '../database/database'
import { events, lessons } from '../database/schema'

/** The channel on which the database tells that a lesson has a new event. */
export const eventChannel = 'lesson_events'

/**
 * Writes an event within the transaction that made the change, and has the database tell all listeners
 * when it commits. Taking the next number locks the lesson, so events are in order.
 */
export async function recordEvent(tx: Database, lessonId: string, event: NewEvent): Promise<void> {
  const next = tx.$with('next').as(
    tx
      .update(lessons)
      .set({ seq: sql`${lessons.seq} + 1` })
      .where(eq(lessons.id, lessonId))
      .returning({ lessonId: lessons.id, seq: lessons.seq }),
  )
  // One statement: over the wire of a server each of three would cost as much as all of them.
  await tx
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
    .returning({ told: sql`pg_notify(${eventChannel}, ${events.lessonId}::text)` })
}

/** Writes an event of several lessons, in the order in which everybody locks them. */
export async function recordEvents(
  tx: Database,
  told: readonly { lessonId: string; event: NewEvent }[],
): Promise<void> {
  for (const { lessonId, event } of [...told].sort((a, b) => a.lessonId.localeCompare(b.lessonId)))
    await recordEvent(tx, lessonId, event)
}
