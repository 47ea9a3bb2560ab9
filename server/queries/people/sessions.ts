import { and, desc, eq, gt, inArray, isNull, lt, not, or, sql } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { defined } from '#core/defined'
import type { SessionDto, TeacherRole } from '#shared/types/people'
import type { Database } from '../../database/database'
import { lessons, links, sessions, teachers, type LeftGroup, type SessionKind } from '../../database/schema'
import { hashOf, newSecret } from './secrets'

/** Somebody signed in. Where nobody signs in, whoever sits at the school's machine is one without an id. */
export interface TeacherVisitor {
  kind: 'teacher'
  sessionId: string | null
  id: string | null
  name: string
  role: TeacherRole
}

/** A device that has joined a lesson, with the groups for which it records. */
export interface SheetVisitor {
  kind: 'sheet'
  sessionId: string
  /** The whole lesson, also where a group takes part in a part of it. */
  lessonId: string
  groupIds: string[]
  leftGroups: LeftGroup[]
}

/** A screen that a link has opened for one lesson. */
export interface LinkVisitor {
  kind: 'board' | 'assistant'
  sessionId: string
  lessonId: string
}

/** Who asks. */
export type Visitor = TeacherVisitor | SheetVisitor | LinkVisitor

const day = 24 * 60 * 60 * 1000
/** Nobody has to sign in twice in a week; a lesson over days goes on with the same devices. */
const mostUnseen = { teacher: 7 * day, sheet: 14 * day, board: 14 * day, assistant: day }
/** How exact it is when a session was last seen. */
const seenEvery = 10 * 60 * 1000

/** Which sessions go on: those that were used lately, and whose link holds. */
const isAlive = () =>
  and(
    or(
      ...Object.entries(mostUnseen).map(([kind, most]) =>
        and(eq(sessions.kind, kind as SessionKind), gt(sessions.seenAt, new Date(Date.now() - most))),
      ),
    ),
    sql`(${sessions.linkId} is null or exists (
      select 1 from ${links} where ${links.id} = ${sessions.linkId} and ${links.endsAt} > ${new Date().toISOString()}::timestamptz))`,
  )

type NewSession = Pick<
  typeof sessions.$inferInsert,
  'kind' | 'teacherId' | 'lessonId' | 'groupIds' | 'linkId' | 'device'
>

/** Begins a session; gives back the secret of its cookie. */
export async function beginSession(db: Database, session: NewSession): Promise<string> {
  const secret = newSecret()
  await db.insert(sessions).values({ id: newId(), secretHash: hashOf(secret), ...session })
  return secret
}

/** Whose cookie this is; null where the session has ended, or never was. */
export async function findVisitor(db: Database, secret: string): Promise<Visitor | null> {
  const [row] = await db
    .select({ session: sessions, teacher: teachers, removedAt: lessons.removedAt })
    .from(sessions)
    .leftJoin(teachers, eq(teachers.id, sessions.teacherId))
    .leftJoin(lessons, eq(lessons.id, sessions.lessonId))
    .where(and(eq(sessions.secretHash, hashOf(secret)), isAlive()))
  if (!row) return null
  const { session, teacher, removedAt } = row
  const now = new Date()
  const unseen = now.getTime() - session.seenAt.getTime()
  if (removedAt) return null
  if (unseen > seenEvery) await db.update(sessions).set({ seenAt: now }).where(eq(sessions.id, session.id))
  if (session.kind === 'teacher')
    return (
      teacher && {
        kind: 'teacher',
        sessionId: session.id,
        id: teacher.id,
        name: teacher.name,
        role: teacher.role,
      }
    )
  const own = { sessionId: session.id, lessonId: defined(session.lessonId) }
  return session.kind === 'sheet'
    ? { kind: 'sheet', ...own, groupIds: session.groupIds, leftGroups: session.leftGroups }
    : { kind: session.kind, ...own }
}

/** Ends sessions; gives back those that there were. */
export async function endSessions(db: Database, ids: readonly string[]): Promise<string[]> {
  if (ids.length === 0) return []
  const gone = await db
    .delete(sessions)
    .where(inArray(sessions.id, [...ids]))
    .returning({ id: sessions.id })
  return gone.map(({ id }) => id)
}

/** Deletes what is left of sessions that nobody can come back to. */
export async function deleteOldSessions(db: Database): Promise<void> {
  await db.delete(sessions).where(not(defined(isAlive())))
  await db.delete(links).where(lt(links.endsAt, new Date()))
}

/** Where a teacher is signed in, newest first. */
export async function sessionsOf(db: Database, teacher: TeacherVisitor): Promise<SessionDto[]> {
  if (teacher.id === null) return []
  const rows = await db
    .select()
    .from(sessions)
    .where(and(eq(sessions.teacherId, teacher.id), isAlive()))
    .orderBy(desc(sessions.seenAt))
  return rows.map(({ id, device, madeAt, seenAt }) => ({
    id,
    device,
    madeAt: madeAt.toISOString(),
    seenAt: seenAt.toISOString(),
    isThis: id === teacher.sessionId,
  }))
}

/** The devices, Boards and helpers that are in a lesson. */
export function sessionsIn(db: Database, lessonId: string): Promise<(typeof sessions.$inferSelect)[]> {
  return db
    .select()
    .from(sessions)
    .where(and(eq(sessions.lessonId, lessonId), isNull(sessions.teacherId), isAlive()))
    .orderBy(sessions.madeAt, sessions.id)
}
