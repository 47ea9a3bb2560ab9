import { defined } from '#core/defined'
import { and, desc, eq, inArray, isNull } from 'drizzle-orm'
import {
  kitAmounts,
  needsOf,
  usedBefore as usedUp,
  type KitLine,
  type NeedsClass,
  type Reservation,
} from '#core/kit'
import type { SchoolCalendar } from '#core/calendar'
import { readingDays } from '#core/lesson'
import type { ClassDto, SchoolDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { kitCounts, lessons } from '../database/schema'
import { withoutNames } from './classes'
import { groupsByLesson } from './lessonGroups'
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
  const [only] = await kitsOf(db, [lesson], new Map([[whole.id, whole]]), school)
  return defined(only).kit
}

/** The kits of several lessons with their classes, in a few statements however many they are. */
export async function kitsOf(
  db: Database,
  rows: readonly LessonRow[],
  byClass: ReadonlyMap<string, ClassDto>,
  school: SchoolDto,
): Promise<{ lesson: LessonRow; whole: ClassDto; kit: LessonKit }[]> {
  const groupsById = await groupsByLesson(
    db,
    rows.map((row) => row.id),
  )
  const counted = await countedLessons(db, [...new Set(rows.map((row) => row.investigationId))])
  return rows.map((lesson) => {
    const whole = defined(byClass.get(lesson.classId))
    const { groups, children, byGroup } = withoutNames(whole, groupsById.get(lesson.id) ?? new Set())
    const own = { groups: groups.length, children, byGroup, cupboard: school.cupboard }
    const usedBefore = earlierUse(counted, lesson, own.groups)
    return { lesson, whole, kit: { own, usedBefore, lines: kitAmounts(lesson.plan, { ...own, usedBefore }) } }
  })
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
    to: readingDays(lesson.plan, calendar, lesson.date).at(-1) ?? lesson.date,
    madeAt: lesson.madeAt.toISOString(),
    needs: kit === null ? [] : needsOf(kit.lines, lesson.plan, kit.own),
  }
}

type Counted = Awaited<ReturnType<typeof countedLessons>>[number]

/** What came back after the lessons of some investigations, the last counted first. */
async function countedLessons(db: Database, investigationIds: string[]) {
  if (investigationIds.length === 0) return []
  return db
    .select({
      id: lessons.id,
      investigationId: lessons.investigationId,
      date: lessons.date,
      counted: kitCounts.counted,
      groups: kitCounts.groups,
    })
    .from(lessons)
    .innerJoin(kitCounts, eq(kitCounts.lessonId, lessons.id))
    .where(and(inArray(lessons.investigationId, investigationIds), isNull(lessons.removedAt)))
    .orderBy(desc(lessons.date), desc(kitCounts.madeAt))
}

/** What the last counted lesson of the same investigation used up, for as many groups as come now. */
function earlierUse(counted: readonly Counted[], lesson: LessonRow, groups: number): Record<string, number> {
  const last = counted.find(
    (one) =>
      one.investigationId === lesson.investigationId && one.id !== lesson.id && one.date <= lesson.date,
  )
  if (!last) return {}
  const rows = counted.filter((one) => one.id === last.id)
  return usedUp(
    rows.map((row) => row.counted),
    last.groups,
    groups,
  )
}
