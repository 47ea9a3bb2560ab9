import { and, asc, eq, gte, isNotNull, isNull, or, sql, type SQL } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { currentDay } from '#shared/lesson/currentDay'
import type { ClassShareDto } from '#shared/types/people'
import type { Database } from '../../database/database'
import { classes, classShares, lessons, sessions, teachers } from '../../database/schema'
import { notFound } from '../../errors/apiError'
import { recordAudit } from './audit'
import type { TeacherVisitor } from './sessions'

/** Which classes somebody may see, as a condition on rows of classes; undefined for all. */
export type ClassScope = SQL | undefined

/**
 * The classes of a teacher: their own, those that a colleague shares with them or with everybody, and for admins those that are nobody's,
 * as in an old backup. Where nobody signs in, all of them.
 */
export function classesOf({ id, role }: TeacherVisitor): ClassScope {
  if (id === null) return undefined
  return or(
    eq(classes.ownerId, id),
    sql`exists (select 1 from ${classShares} where ${classShares.classId} = classes.id
      and (${classShares.teacherId} is null or ${classShares.teacherId} = ${id})
      and (${classShares.until} is null or ${classShares.until} >= ${currentDay()}))`,
    role === 'admin' ? isNull(classes.ownerId) : undefined,
  )
}

/** Whether a teacher may use a class. */
export async function mayUseClass(db: Database, teacher: TeacherVisitor, classId: string): Promise<boolean> {
  if (teacher.id === null) return true
  const rows = await db
    .select({ id: classes.id })
    .from(classes)
    .where(and(eq(classes.id, classId), classesOf(teacher)))
  return rows.length > 0
}

/** Where a lesson belongs: its class, and the whole that it may be a part of. Neither ever changes. */
interface LessonHome {
  classId: string
  wholeId: string
}

/** Each reading that a tablet sends asks for it. */
const homes = new WeakMap<Database, Map<string, LessonHome>>()
/** More than are at work at once. */
const mostHomes = 2000

/** The class and the whole of a lesson; null where there is no such lesson. */
export async function homeOfLesson(db: Database, lessonId: string): Promise<LessonHome | null> {
  const known = homes.get(db) ?? new Map<string, LessonHome>()
  homes.set(db, known)
  const before = known.get(lessonId)
  if (before) return before
  const home = await readHome(db, lessonId)
  if (known.size >= mostHomes) known.clear()
  if (home) known.set(lessonId, home)
  return home
}

async function readHome(db: Database, lessonId: string): Promise<LessonHome | null> {
  const [row] = await db
    .select({ classId: lessons.classId, partOf: lessons.partOf })
    .from(lessons)
    .where(eq(lessons.id, lessonId))
  return row ? { classId: row.classId, wholeId: row.partOf ?? lessonId } : null
}

/** Whose a class is, and with whom it is shared. */
export async function sharesOf(
  db: Database,
  classId: string,
): Promise<{ owner: string | null; shares: ClassShareDto[] }> {
  const [own] = await db
    .select({ owner: teachers.name })
    .from(classes)
    .leftJoin(teachers, eq(teachers.id, classes.ownerId))
    .where(eq(classes.id, classId))
  if (!own) throw notFound('class')
  const rows = await db
    .select({ share: classShares, name: teachers.name })
    .from(classShares)
    .leftJoin(teachers, eq(teachers.id, classShares.teacherId))
    .where(
      and(
        eq(classShares.classId, classId),
        or(isNull(classShares.until), gte(classShares.until, currentDay())),
      ),
    )
    .orderBy(asc(classShares.madeAt))
  return {
    owner: own.owner,
    shares: rows.map(({ share: { id, until }, name }) => ({ id, teacher: name, until })),
  }
}

/** Shares a class with a colleague or, without one, with every teacher of the school. */
export async function shareClass(
  db: Database,
  classId: string,
  { teacherId, until }: { teacherId: string | null; until: string | null },
  by: string,
): Promise<void> {
  await db.transaction(async (tx) => {
    const [teacher] = teacherId
      ? await tx
          .select()
          .from(teachers)
          .where(and(eq(teachers.id, teacherId), isNull(teachers.removedAt)))
      : []
    if (teacherId && !teacher) throw notFound('teacher')
    const [shared] = await tx.select({ name: classes.name }).from(classes).where(eq(classes.id, classId))
    await tx.insert(classShares).values({ id: newId(), classId, teacherId, until })
    await recordAudit(
      tx,
      by,
      `shared ${shared?.name ?? 'a class'} with ${teacher?.name ?? 'all teachers'}${until ? ` until ${until}` : ''}`,
    )
  })
}

/**
 * Ends a share.
 * @returns the sessions of those who had it, whose open screens must ask again
 */
export async function endShare(db: Database, classId: string, id: string, by: string): Promise<string[]> {
  const gone = await db
    .delete(classShares)
    .where(and(eq(classShares.id, id), eq(classShares.classId, classId)))
    .returning({ teacherId: classShares.teacherId })
  const [share] = gone
  if (!share) return []
  await recordAudit(db, by, 'stopped sharing a class')
  const theirs = await db
    .select({ id: sessions.id })
    .from(sessions)
    .where(share.teacherId === null ? isNotNull(sessions.teacherId) : eq(sessions.teacherId, share.teacherId))
  return theirs.map((one) => one.id)
}
