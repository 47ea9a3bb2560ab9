import { firstOf } from '#core/defined'
import { and, eq, isNull, lt, ne, or, sql } from 'drizzle-orm'
import { standingOf } from '#core/entries'
import {
  countRoles,
  membersOf,
  rolesOf,
  turnRoles,
  turnsTaken,
  volunteerTurns,
  type Member,
  type RoleCounts,
} from '#core/timetable'
import type { RolesDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { lessons, roleTurns } from '../database/schema'
import { notFound } from '../errors/apiError'
import { recordEvents } from '../live/events'
import { getClass } from './classes'
import { entriesOf } from './entries'
import { groupsOf } from './lessonGroups'
import { findLesson, lockFamily, type LessonRow } from './lessonRow'

/** Who does what in a lesson: the children, who of them is absent, and what each has had in the lessons before. */
export async function rolesIn(db: Database, id: string): Promise<RolesDto> {
  const lesson = await findLesson(db, id)
  return {
    members: Object.fromEntries(await membersByGroup(db, lesson)),
    absent: await absentIn(db, lesson),
    before: await countsBefore(db, lesson),
  }
}

/** Says who is absent today: in a lesson and its parts alike. */
export async function setAbsent(db: Database, id: string, absent: string[]): Promise<RolesDto> {
  await db.transaction(async (tx) => {
    const { lesson, whole, family } = await lockFamily(tx, id)
    if (lesson.removedAt) throw notFound('lesson')
    await tx.update(lessons).set({ absent }).where(eq(lessons.id, whole.id))
    for (const one of family) await keepTurnsAgain(tx, { ...one, absent })
    await recordEvents(
      tx,
      family.map((one) => ({ lessonId: one.id, event: { kind: 'absent' } })),
    )
  })
  return rolesIn(db, id)
}

/**
 * Keeps how often each child has had each role: as many turns as have something written down. Called once a lesson is over, and again
 * where it goes on after that.
 */
export async function saveRoleTurns(tx: Database, lesson: LessonRow): Promise<void> {
  const { counted } = standingOf(await entriesOf(tx, lesson.id))
  const absent = new Set(await absentIn(tx, lesson))
  const before = await countsBefore(tx, lesson)
  const groups = [...(await membersByGroup(tx, lesson))]
  const together = lesson.plan.whoTests === 'whole-class'
  const own = groups.flatMap(([groupId, members], groupIndex) => {
    const here = members.filter(({ id }) => !absent.has(id)).map(({ id }) => id)
    if (together) {
      const all = turnsTaken(lesson.plan, firstOf(groups)[0], 0, counted)
      return turnRoles(here, ['starter'], before, volunteerTurns(all, groups.length, groupIndex))
    }
    return turnRoles(
      here,
      rolesOf(lesson.plan),
      before,
      turnsTaken(lesson.plan, groupId, groupIndex, counted),
    )
  })
  const rows = Object.entries(countRoles(own)).flatMap(([member, counts]) =>
    (Object.entries(counts) as [keyof typeof counts, number][]).map(([role, turns]) => ({
      lessonId: lesson.id,
      member,
      role,
      turns,
    })),
  )
  await tx.delete(roleTurns).where(eq(roleTurns.lessonId, lesson.id))
  if (rows.length > 0) await tx.insert(roleTurns).values(rows)
}

/** Where turns are kept already, they follow what is said of it later. */
async function keepTurnsAgain(tx: Database, lesson: LessonRow): Promise<void> {
  const [kept] = await tx.select().from(roleTurns).where(eq(roleTurns.lessonId, lesson.id)).limit(1)
  if (kept) await saveRoleTurns(tx, lesson)
}

async function membersByGroup(db: Database, lesson: LessonRow): Promise<Map<string, Member[]>> {
  const own = await getClass(db, lesson.classId, true)
  const taking = await groupsOf(db, lesson)
  return new Map(
    own.groups
      .filter((group) => taking.has(group.id))
      .map((group) => [
        group.id,
        membersOf(
          group.id,
          own.pupils.filter((pupil) => pupil.groupId === group.id).map(({ id, name }) => ({ id, name })),
        ),
      ]),
  )
}

async function absentIn(db: Database, { absent, partOf }: LessonRow): Promise<string[]> {
  if (!partOf) return absent
  const [whole] = await db.select({ absent: lessons.absent }).from(lessons).where(eq(lessons.id, partOf))
  return whole?.absent ?? []
}

/** What children have had in the lessons of the class before this one. */
async function countsBefore(db: Database, lesson: LessonRow): Promise<RoleCounts> {
  const rows = await db
    .select({
      member: roleTurns.member,
      role: roleTurns.role,
      turns: sql<number>`sum(${roleTurns.turns})::int`,
    })
    .from(roleTurns)
    .innerJoin(lessons, eq(lessons.id, roleTurns.lessonId))
    .where(
      and(
        eq(lessons.classId, lesson.classId),
        isNull(lessons.removedAt),
        ne(lessons.id, lesson.id),
        or(
          lt(lessons.date, lesson.date),
          and(eq(lessons.date, lesson.date), lt(lessons.madeAt, lesson.madeAt)),
        ),
      ),
    )
    .groupBy(roleTurns.member, roleTurns.role)
  const counts: Record<string, RoleCounts[string]> = {}
  for (const { member, role, turns } of rows) counts[member] = { ...counts[member], [role]: turns }
  return counts
}
