import { kitAmounts, needsOf, type KitLine, type NeedsClass, type Reservation } from '#core/kit'
import { schoolDays, type SchoolCalendar } from '#core/calendar'
import { wayNeeds } from '#core/recording'
import type { ClassDto, SchoolDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { withoutNames } from './classes'
import { groupsOf } from './lessonGroups'
import type { LessonRow } from './lessonRow'

/** A lesson's kit for its own groups and children. */
export interface LessonKit {
  own: NeedsClass
  lines: KitLine[]
}

/** The kit of a lesson, worked out for the groups that take part. */
export async function kitOf(
  db: Database,
  lesson: LessonRow,
  whole: ClassDto,
  school: SchoolDto,
  usedBefore: Record<string, number> = {},
): Promise<LessonKit> {
  const { groups, children } = withoutNames(whole, await groupsOf(db, lesson))
  const own = { groups: groups.length, children, cupboard: school.cupboard }
  return { own, lines: kitAmounts(lesson.plan, { ...own, usedBefore }) }
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
    to: schoolDays(calendar, lesson.date, wayNeeds(lesson.plan).days).at(-1) ?? lesson.date,
    madeAt: lesson.madeAt.toISOString(),
    needs: kit === null ? [] : needsOf(kit.lines, lesson.plan, kit.own),
  }
}
