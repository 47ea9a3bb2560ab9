import { defined } from '#core/defined'
import { and, asc, eq, inArray, isNull, or } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { emptyConclusion } from '#core/conclusion'
import type { LessonPartDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { lessons, predictions, entries } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvents } from '../live/events'
import { getClass, withoutNames } from './classes'
import { groupsOf } from './lessonGroups'
import { inheritConfirmations } from './safety'
import { lockFamily, type LessonRow } from './lessonRow'

/** The lesson and the parts under the same question, the whole first; each with its groups and its pair of variables. */
export async function partsOf(
  db: Database,
  { id, partOf, classId }: Pick<LessonRow, 'id' | 'partOf' | 'classId'>,
): Promise<LessonPartDto[]> {
  const wholeId = partOf ?? id
  const rows = await db
    .select()
    .from(lessons)
    .where(and(or(eq(lessons.id, wholeId), eq(lessons.partOf, wholeId)), isNull(lessons.removedAt)))
    .orderBy(asc(lessons.madeAt), asc(lessons.id))
  const own = await getClass(db, classId, true)
  return Promise.all(
    rows.map(async (row) => ({
      id: row.id,
      groups: withoutNames(own, await groupsOf(db, row)).groups,
      changed: row.plan.changed.name,
      measured: row.plan.measured.name,
    })),
  )
}

/** Gives some groups of a lesson a test of their own, begun with a copy of the plan. */
export async function splitLesson(db: Database, id: string, groupIds: string[]): Promise<{ id: string }> {
  return db.transaction(async (tx) => {
    const { lesson, whole, family } = await lockFamily(tx, id)
    if (lesson.removedAt || whole.removedAt) throw notFound('lesson')
    const here = await groupsOf(tx, whole)
    if (!groupIds.every((groupId) => here.has(groupId)))
      throw new ApiError('conflict', 'One of these groups already has a test of its own.')
    if (groupIds.length >= here.size)
      throw new ApiError('invalid', 'At least one group must stay with the first test.', [
        { path: 'groupIds', message: 'Leave one group out.' },
      ])
    await refuseBusy(tx, whole.id, groupIds)
    const partId = newId()
    await tx.insert(lessons).values({
      id: partId,
      investigationId: whole.investigationId,
      classId: whole.classId,
      date: whole.date,
      stage: 'plan',
      partOf: whole.id,
      groupIds,
      plan: whole.plan,
      conclusion: emptyConclusion,
    })
    await inheritConfirmations(tx, whole.id, partId)
    await recordEvents(tx, lessonPartsEvent([...family, { id: partId }]))
    return { id: partId }
  })
}

/** A part cannot come back while its groups are busy with another one. */
export async function refuseTakenGroups(tx: Database, part: LessonRow): Promise<void> {
  const free = await groupsOf(tx, { id: defined(part.partOf) })
  if (!part.groupIds?.every((groupId) => free.has(groupId)))
    throw new ApiError('conflict', 'One of its groups has begun another test of its own since.')
}

/** What every screen of a whole lesson and its parts is told when groups go elsewhere. */
export const lessonPartsEvent = (family: readonly { id: string }[]) =>
  family.map(({ id }) => ({ lessonId: id, event: { kind: 'parts' as const } }))

async function refuseBusy(tx: Database, lessonId: string, groupIds: string[]): Promise<void> {
  const busy = [
    ...(await tx
      .select({ id: entries.groupId })
      .from(entries)
      .where(and(eq(entries.lessonId, lessonId), inArray(entries.groupId, groupIds)))
      .limit(1)),
    ...(await tx
      .select({ id: predictions.groupId })
      .from(predictions)
      .where(and(eq(predictions.lessonId, lessonId), inArray(predictions.groupId, groupIds)))
      .limit(1)),
  ]
  if (busy.length > 0)
    throw new ApiError(
      'conflict',
      'One of these groups has already predicted or tested something. Start a new lesson for its own test.',
    )
}
