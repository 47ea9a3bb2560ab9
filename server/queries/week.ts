import { and, asc, gte, inArray, isNull, lte } from 'drizzle-orm'
import { addDays } from '#core/calendar'
import {
  amountOf,
  availability,
  isAlwaysThere,
  planTasks,
  tasksFor,
  withInstruments,
  type Reservation,
} from '#core/kit'
import { readingDays } from '#core/lesson'
import type { WeekDto, WeekLessonDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { classes, kitCounts, lessons } from '../database/schema'
import { getClass, listClassesById } from './classes'
import { kitOf, kitsOf, reservationOf } from './lessonKit'
import { findLesson } from './lessonRow'
import { ticksOf } from './pack'
import type { ClassScope } from './people/classAccess'
import { safetyByLesson } from './safety'
import { getSchool, getShopList } from './school'
import { listSupplies } from './supplies'

/** Lessons further ahead than this have nothing to be done yet. */
const ahead = 40
/** A lesson of many days that began so long ago may still have things in use. */
const behind = 120

/**
 * What the lessons from a day on still need: things to do, what is short, what nobody has checked. Those of all classes compete for what the
 * school has; those that somebody may see are listed.
 */
export async function getWeek(db: Database, from: string, scope: ClassScope): Promise<WeekDto> {
  return db.transaction(
    async (tx) => {
      const school = await getSchool(tx)
      const rows = await tx
        .select()
        .from(lessons)
        .where(
          and(
            isNull(lessons.removedAt),
            gte(lessons.date, addDays(from, -behind)),
            lte(lessons.date, addDays(from, ahead)),
          ),
        )
        .orderBy(asc(lessons.date), asc(lessons.madeAt))
      const supplies = await listSupplies(tx)
      const byClass = await listClassesById(tx, [...new Set(rows.map((row) => row.classId))])
      const kits = (await kitsOf(tx, rows, byClass, school)).map(({ lesson: row, whole, kit }) => ({
        row,
        kit,
        reservation: reservationOf(row, whole, school.calendar, kit),
      }))
      const safety = await safetyByLesson(
        tx,
        rows.map((row) => row.id),
      )
      const back = await countedBack(
        tx,
        rows.map((row) => row.id),
      )
      const open = kits.filter(
        ({ row, reservation }) => reservation.to >= from && !back.has(row.id) && row.stage !== 'wonder',
      )
      const all = withInstruments(supplies, school.cupboard)
      const done = new Set(
        (
          await ticksOf(
            tx,
            rows.map((row) => row.id),
          )
        )
          .filter((tick) => tick.amount > 0)
          .map((tick) => `${tick.lessonId}|${tick.materialId}`),
      )
      const seen = new Set(
        (await tx.select({ id: classes.id }).from(classes).where(scope)).map(({ id }) => id),
      )
      const listed: WeekLessonDto[] = []
      for (const { row, reservation, kit } of kits) {
        if (reservation.to < from || !seen.has(row.classId)) continue
        const others = open.map((one) => one.reservation).filter((one) => one.lessonId !== row.id)
        listed.push({
          reservation,
          tasks: planTasks(tasksFor(row.plan, kit.lines), row.date, school.calendar, reservation.to).filter(
            (task) => !done.has(`${row.id}|${task.id}`),
          ),
          short: back.has(row.id) ? [] : shortages(reservation, others, all),
          confirmed: safety.get(row.id)?.stands === true,
          countedBack: back.has(row.id),
        })
      }
      return { lessons: listed, supplies: all, offers: await getShopList(tx), calendar: school.calendar }
    },
    { isolationLevel: 'repeatable read' },
  )
}

function shortages(
  own: Reservation,
  others: Reservation[],
  supplies: Parameters<typeof availability>[2],
): string[] {
  return availability(own, others, supplies)
    .filter((one) => one.short > 0 && one.supply !== null && !isAlwaysThere(one.need.name))
    .map((one) => `${amountOf(one.short, one.need.unit, one.need.name)} short`)
}

async function countedBack(tx: Database, ids: string[]): Promise<Set<string>> {
  if (ids.length === 0) return new Set()
  const rows = await tx
    .selectDistinct({ id: kitCounts.lessonId })
    .from(kitCounts)
    .where(inArray(kitCounts.lessonId, ids))
  return new Set(rows.map((row) => row.id))
}

/** What has to be done before one lesson, with its days, and what the lesson is called. */
export async function preparingOf(db: Database, id: string) {
  const lesson = await findLesson(db, id)
  const school = await getSchool(db)
  const kit = await kitOf(db, lesson, await getClass(db, lesson.classId, true), school)
  /** The days on which it is read, where that goes on over days. */
  const days = readingDays(lesson.plan, school.calendar, lesson.date)
  const tasks = tasksFor(lesson.plan, kit.lines)
  return {
    title: lesson.plan.title || lesson.plan.question || 'lesson',
    date: lesson.date,
    tasks: planTasks(tasks, lesson.date, school.calendar, days.at(-1)),
    readingDays: days,
  }
}
