import { and, eq, gt, isNull } from 'drizzle-orm'
import { addDays } from 'date-fns'
import { lastOf } from '#core/defined'
import { readingDays } from '#core/lesson'
import type { JoinedDto, JoiningDto } from '#shared/types/people'
import type { Database } from '../../database/database'
import { groups, lessons, sessions, type LeftGroup } from '../../database/schema'
import { isUniqueViolation } from '../../database/sqlState'
import { ApiError, notFound } from '../../errors/apiError'
import { findLesson, lockLesson } from '../lessonRow'
import { getSchool } from '../school'
import { newCode } from './secrets'
import { beginSession, endSessions, sessionsIn, type SheetVisitor } from './sessions'

/** Ten codes in a row that another lesson has do not come by chance. */
const mostCodes = 10

/** How devices join a lesson, and which have. */
export async function joiningOf(db: Database, wholeId: string): Promise<JoiningDto> {
  const { joinCode, joinUntil } = await findLesson(db, wholeId)
  const all = await sessionsIn(db, wholeId)
  const isOpen = joinUntil !== null && joinUntil > new Date()
  return {
    code: isOpen ? joinCode : null,
    devices: all
      .filter((one) => one.kind === 'sheet')
      .map(({ id, device, groupIds, seenAt }) => ({ id, device, groupIds, seenAt: seenAt.toISOString() })),
    boards: all.filter((one) => one.kind === 'board').length,
    helpers: all.filter((one) => one.kind === 'assistant').length,
  }
}

/** The whole that a lesson is a part of, or itself: devices join that. */
export async function wholeOf(db: Database, lessonId: string): Promise<string> {
  const { partOf } = await findLesson(db, lessonId)
  return partOf ?? lessonId
}

/** A code that joins some lesson today, for the demo to show; null where none is open. */
export async function openCode(db: Database): Promise<string | null> {
  const [row] = await db
    .select({ code: lessons.joinCode })
    .from(lessons)
    .where(and(gt(lessons.joinUntil, new Date()), isNull(lessons.removedAt)))
    .limit(1)
  return row?.code ?? null
}

/** Opens joining with a new code, which holds until the day after the lesson's last, and for a day at least. */
export async function openJoining(db: Database, wholeId: string): Promise<JoiningDto> {
  const { calendar } = await getSchool(db)
  for (let tries = 1; ; tries++)
    try {
      await db.transaction(async (tx) => {
        const { date, plan, joinCode, joinUntil } = await lockLesson(tx, wholeId)
        const lastDay = lastOf([date, ...readingDays(plan, calendar, date)])
        const until = addDays(new Date(Math.max(Date.now(), Date.parse(lastDay))), 1)
        // Two Desks that open it at once show one code.
        const holds = joinCode !== null && joinUntil !== null && joinUntil > new Date()
        await tx
          .update(lessons)
          .set({ joinCode: holds ? joinCode : newCode(), joinUntil: until })
          .where(eq(lessons.id, wholeId))
      })
      return await joiningOf(db, wholeId)
    } catch (error) {
      if (!isUniqueViolation(error) || tries === mostCodes) throw error
    }
}

/** Closes joining: the code dies, devices that have joined stay. */
export async function closeJoining(db: Database, wholeId: string): Promise<JoiningDto> {
  await findLesson(db, wholeId)
  await db.update(lessons).set({ joinCode: null, joinUntil: null }).where(eq(lessons.id, wholeId))
  return joiningOf(db, wholeId)
}

/** The lesson that a code joins; null where there is none, or no longer. */
export async function lessonOfCode(db: Database, code: string): Promise<string | null> {
  const [row] = await db
    .select({ id: lessons.id })
    .from(lessons)
    .where(and(eq(lessons.joinCode, code), gt(lessons.joinUntil, new Date()), isNull(lessons.removedAt)))
  return row?.id ?? null
}

/** A device joins a lesson, with no group yet. */
export const joinLesson = (db: Database, wholeId: string, device: string): Promise<string> =>
  beginSession(db, { kind: 'sheet', lessonId: wholeId, groupIds: [], device })

/** The groups that a device may record for. */
export async function joinableGroups(db: Database, wholeId: string): Promise<JoinedDto> {
  const { classId } = await findLesson(db, wholeId)
  const rows = await db.select().from(groups).where(eq(groups.classId, classId)).orderBy(groups.place)
  return { lessonId: wholeId, groups: rows.map(({ id, name, emblem }) => ({ id, name, emblem })) }
}

/** Says for which groups a device records: one as a rule, two where they share it. */
export async function chooseGroups(
  db: Database,
  sheet: Pick<SheetVisitor, 'sessionId' | 'lessonId'>,
  groupIds: readonly string[],
): Promise<void> {
  const { groups: all } = await joinableGroups(db, sheet.lessonId)
  if (groupIds.some((id) => all.every((group) => group.id !== id)))
    throw new ApiError('invalid', 'This group isn’t in the class. Choose your group again.')
  await db.transaction(async (tx) => {
    const [before] = await tx
      .select()
      .from(sessions)
      .where(and(eq(sessions.id, sheet.sessionId), eq(sessions.lessonId, sheet.lessonId)))
      .for('update')
    if (!before) throw notFound('device')
    const leftGroups = leaving(before, groupIds, new Date().toISOString())
    await tx
      .update(sessions)
      .set({ groupIds: [...new Set(groupIds)], leftGroups })
      .where(eq(sessions.id, sheet.sessionId))
  })
}

/** More groups than a class has. */
const mostLeft = 24

/** The groups that a device has left, with those that it leaves now. */
function leaving(
  before: Pick<typeof sessions.$inferSelect, 'groupIds' | 'leftGroups'>,
  next: readonly string[],
  until: string,
): LeftGroup[] {
  const left = before.groupIds.filter((id) => !next.includes(id)).map((groupId) => ({ groupId, until }))
  const isOpen = (groupId: string) => !next.includes(groupId) && left.every((one) => one.groupId !== groupId)
  return [...before.leftGroups.filter(({ groupId }) => isOpen(groupId)), ...left].slice(-mostLeft)
}

/** Takes a device out of a lesson; what it has not sent yet stays on it. */
export async function removeDevice(db: Database, wholeId: string, sessionId: string): Promise<void> {
  const own = await sessionsIn(db, wholeId)
  if (!own.some((one) => one.id === sessionId)) throw notFound('device')
  await endSessions(db, [sessionId])
}
