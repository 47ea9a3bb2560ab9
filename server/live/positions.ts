import { itemAt } from '#core/defined'
import { sql } from 'drizzle-orm'
import type { Database } from '../database/database'
import { executePrepared } from '../database/prepared'
import { events, lessons } from '../database/schema'
import { momentOf, type Cursor } from './cursor'

/** A lesson, and how far somebody has heard it. */
export interface Position {
  lessonId: string
  cursor: Cursor
}

/**
 * The positions from which somebody can hear on: the lesson is there, has that event, and is not too far ahead of it.
 * @param atMost how many events it may be ahead
 */
export async function validPositions<P extends Position>(
  db: Database,
  positions: readonly P[],
  atMost: number,
): Promise<Set<P>> {
  if (positions.length === 0) return new Set()
  const rows = await executePrepared<{
    nth: number
  }>(
    db,
    sql`
    select one.nth::int as nth
    from rows from (jsonb_to_recordset(${positionsJson(positions)}::jsonb) as ("id" uuid, "seq" int, "at" text)) with ordinality
      as one("id", "seq", "at", nth)
    join ${lessons} on lessons.id = one.id
    where lessons.seq - one.seq between 0 and ${atMost}
      and coalesce((select ${momentOf(events.madeAt)} from ${events} where events.lesson_id = one.id and events.seq = one.seq), '0') = one.at`,
  )
  return new Set(rows.map(({ nth }) => itemAt(positions, nth - 1)))
}

/** An event as it is sent on: its text is not taken apart. */
export interface EventText extends Position {
  text: string
}

/** The events that follow on positions, lesson by lesson, in order. */
export async function eventsFrom(
  db: Database,
  positions: readonly Position[],
  atMost: number,
): Promise<EventText[]> {
  const rows = await executePrepared<{ lessonId: string; seq: number; at: string; text: string }>(
    db,
    sql`
    select e.lesson_id as "lessonId", e.seq, ${momentOf(sql`e.made_at`)} as at, e.event::text as text
    from jsonb_to_recordset(${positionsJson(positions)}::jsonb) as one("id" uuid, "seq" int)
    join ${events} e on e.lesson_id = one.id and e.seq > one.seq
    order by e.lesson_id, e.seq
    limit ${atMost}`,
  )
  return rows.map(({ lessonId, seq, at, text }) => ({ lessonId, cursor: { seq, at }, text }))
}

const positionsJson = (positions: readonly Position[]) =>
  JSON.stringify(positions.map(({ lessonId, cursor }) => ({ id: lessonId, ...cursor })))
