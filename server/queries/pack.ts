import { and, eq, gte, inArray, isNull, lte, lt, ne, notExists, sql } from 'drizzle-orm'
import { addDays } from '#core/calendar'
import type { Reservation } from '#core/kit'
import type { PackDto, SchoolDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { kitCounts, lessons, packingTicks } from '../database/schema'
import { getClass, listClassesById } from './classes'
import { kitOf, kitsOf, reservationOf } from './lessonKit'
import { findLesson, type LessonRow } from './lessonRow'
import { getSchool, getShopList } from './school'
import { listSupplies } from './supplies'

/** No lesson goes on for longer, so that one from before that has nothing in use any more. */
const longestLesson = 120

/** Everything that packing needs beside the lesson itself. */
export async function getPack(db: Database, id: string, today: string): Promise<PackDto> {
  return db.transaction(
    async (tx) => {
      const lesson = await findLesson(tx, id)
      const school = await getSchool(tx)
      const own = await getClass(tx, lesson.classId, true)
      const { needs: _needs, ...reservation } = reservationOf(lesson, own, school.calendar, null)
      const kit = await kitOf(tx, lesson, own, school)
      return {
        seq: lesson.seq,
        supplies: await listSupplies(tx),
        offers: await getShopList(tx),
        own: reservation,
        others: await othersAround(tx, lesson, reservation, school, today),
        ticks: (await ticksOf(tx, [id])).map(({ lessonId: _lessonId, ...tick }) => tick),
        counts: (await tx.select().from(kitCounts).where(eq(kitCounts.lessonId, id))).map(
          (row) => row.counted,
        ),
        usedBefore: kit.usedBefore,
        allergies: own.allergies,
        turn: await lessonsBefore(tx, lesson),
      }
    },
    { isolationLevel: 'repeatable read' },
  )
}

/** The ticks of some lessons. */
export async function ticksOf(db: Database, ids: string[]) {
  if (ids.length === 0) return []
  const rows = await db.select().from(packingTicks).where(inArray(packingTicks.lessonId, ids))
  return rows.map(({ madeAt: _madeAt, ...tick }) => tick)
}

async function othersAround(
  tx: Database,
  lesson: LessonRow,
  own: Omit<Reservation, 'needs'>,
  school: SchoolDto,
  today: string,
): Promise<Reservation[]> {
  const first = own.from < today ? own.from : today
  const rows = await tx
    .select()
    .from(lessons)
    .where(
      and(
        ne(lessons.id, lesson.id),
        isNull(lessons.removedAt),
        // A class that still wonders does not know what it will need.
        ne(lessons.stage, 'wonder'),
        gte(lessons.date, addDays(first, -longestLesson)),
        lte(lessons.date, own.to),
        // What has been counted back is in the cupboard again, or gone from it.
        notExists(
          tx
            .select({ one: sql`1` })
            .from(kitCounts)
            .where(eq(kitCounts.lessonId, lessons.id)),
        ),
      ),
    )
  const reservations = await reservationsOf(tx, rows, school)
  return reservations.filter((one) => one.to >= today || (one.from <= own.to && own.from <= one.to))
}

/** Lessons as they hold things back. */
export async function reservationsOf(
  tx: Database,
  rows: LessonRow[],
  school: SchoolDto,
): Promise<Reservation[]> {
  const byClass = await listClassesById(tx, [...new Set(rows.map((row) => row.classId))])
  return (await kitsOf(tx, rows, byClass, school)).map(({ lesson, whole, kit }) =>
    reservationOf(lesson, whole, school.calendar, kit),
  )
}

async function lessonsBefore(tx: Database, lesson: LessonRow): Promise<number> {
  const [row] = await tx
    .select({ count: sql<number>`count(*)::int` })
    .from(lessons)
    .where(and(eq(lessons.classId, lesson.classId), lt(lessons.date, lesson.date), isNull(lessons.removedAt)))
  return row?.count ?? 0
}
