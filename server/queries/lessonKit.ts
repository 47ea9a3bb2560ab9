import { and, desc, eq, isNull, lte, ne } from 'drizzle-orm'
import {
  kitAmounts,
  needsOf,
  usedBefore as usedUp,
  type KitLine,
  type NeedsClass,
  type Reservation,
} from '#core/kit'
import { schoolDays, type SchoolCalendar } from '#core/calendar'
import { wayOf } from '#core/recording'
import type { ClassDto, SchoolDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { kitCounts, lessons } from '../database/schema'
import { withoutNames } from './classes'
import { groupsOf } from './lessonGroups'
import type { LessonRow } from './lessonRow'

/** A lesson's kit for its own groups and children. */
export interface LessonKit {
  own: NeedsClass
  /** What an earlier lesson of the same investigation used up, by name. */
  usedBefore: Record<string, number>
  lines: KitLine[]
}

/** The kit of a lesson, worked out for the groups that take part. */
export async function kitOf(
  db: Database,
  lesson: LessonRow,
  whole: ClassDto,
  school: SchoolDto,
): Promise<LessonKit> {
  const { groups, children } = withoutNames(whole, await groupsOf(db, lesson))
  const own = { groups: groups.length, children, cupboard: school.cupboard }
  const usedBefore = await earlierUse(db, lesson, own.groups)
  return { own, usedBefore, lines: kitAmounts(lesson.plan, { ...own, usedBefore }) }
}

/** A lesson as it holds things back in the cupboard, from its first day to its last. */
export function reservationOf(
  lesson: LessonRow,
  whole: ClassDto,
  calendar: SchoolCalendar,
  kit: LessonKit | null,
): Reservation {
  return {
    lessonId: lesson.id,
    title: `${lesson.plan.title || lesson.plan.question || 'a new lesson'}, ${whole.name}`,
    from: lesson.date,
    to:
      schoolDays(calendar, lesson.date, wayOf(lesson.plan).needs(lesson.plan.recording).days).at(-1) ??
      lesson.date,
    madeAt: lesson.madeAt.toISOString(),
    needs: kit === null ? [] : needsOf(kit.lines, lesson.plan, kit.own),
  }
}

/** What the last counted lesson of the same investigation used up, for as many groups as come now. */
async function earlierUse(tx: Database, lesson: LessonRow, groups: number): Promise<Record<string, number>> {
  const [last] = await tx
    .select({ id: lessons.id })
    .from(lessons)
    .innerJoin(kitCounts, eq(kitCounts.lessonId, lessons.id))
    .where(
      and(
        eq(lessons.investigationId, lesson.investigationId),
        ne(lessons.id, lesson.id),
        lte(lessons.date, lesson.date),
        isNull(lessons.removedAt),
      ),
    )
    .orderBy(desc(lessons.date), desc(kitCounts.madeAt))
    .limit(1)
  if (!last) return {}
  const rows = await tx.select().from(kitCounts).where(eq(kitCounts.lessonId, last.id))
  return usedUp(
    rows.map((row) => row.counted),
    rows[0]?.groups ?? 0,
    groups,
  )
}
