import { defined } from '#core/defined'
import { and, desc, eq, isNull, or, sql } from 'drizzle-orm'
import { paceOf, type PlanTimes } from '#core/plan'
import { standingOf } from '#core/entries'
import { measuredTimes } from '#core/timetable'
import type { Database } from '../database/database'
import { classes, investigations, lessons } from '../database/schema'
import { entriesOf } from './entries'
import { getSchool } from './school'

/**
 * What the last lesson of an investigation, or of the same starter, really took; nothing where none was run by the clock to its end. A
 * lesson that was cut short says nothing of how long it takes.
 */
export async function lastLessonTimes(
  db: Database,
  of: { investigationId: string } | { starterId: string },
): Promise<PlanTimes> {
  const same =
    'starterId' in of ? eq(investigations.starterId, of.starterId) : sameInvestigation(of.investigationId)
  const [last] = await db
    .select({ id: lessons.id, plan: lessons.plan, clock: lessons.clock, age: classes.ageBand })
    .from(lessons)
    .innerJoin(investigations, eq(investigations.id, lessons.investigationId))
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(and(same, isNull(lessons.removedAt), sql`${lessons.clock} -> 'ended' ->> 'how' = 'over'`))
    .orderBy(desc(lessons.date), desc(lessons.madeAt))
    .limit(1)
  if (!last?.clock) return {}
  const { ways } = await getSchool(db)
  const { counted } = standingOf(await entriesOf(db, last.id))
  return measuredTimes(last.plan, last.clock, counted, { age: last.age, pace: paceOf(last.age, ways) })
}

/** Itself, or another that began with the same starter. */
export const sameInvestigation = (id: string) =>
  defined(
    or(
      eq(investigations.id, id),
      sql`${investigations.starterId} = (select own.starter_id from investigations own where own.id = ${id})`,
    ),
  )
