import { and, asc, eq, inArray } from 'drizzle-orm'
import { slotStates, slotKey, type Reading } from '#core/record'
import type { Plan } from '#core/plan'
import { derivedValue } from '#core/recording'
import type { FieldProblem } from '#shared/schemas'
import type { Database } from '../database/database'
import { lessons, readings } from '../database/schema'
import { ApiError, notFound } from '../http/apiError'
import { recordEvent } from '../live/events'
import { groupsOf } from './lessonGroups'
import { refuseUnconfirmed } from './safety'

export type NewReading = Reading

/** All readings of a lesson in the order of arrival. */
export async function readingsOf(db: Database, lessonId: string): Promise<Reading[]> {
  const rows = await db
    .select()
    .from(readings)
    .where(eq(readings.lessonId, lessonId))
    .orderBy(asc(readings.receivedAt), asc(readings.id))
  return rows.map(toReading)
}

function toReading({
  lessonId: _lesson,
  receivedAt: _received,
  takenAt,
  ...row
}: typeof readings.$inferSelect): Reading {
  return { ...row, takenAt: takenAt.toISOString() }
}

/**
 * Adds readings, all or none. Those that are known already change nothing, so a repeated send is harmless.
 * Refuses what would overwrite: a second counted reading in a slot, or a correction of what has already been
 * corrected elsewhere.
 */
export async function addReadings(db: Database, lessonId: string, given: NewReading[]): Promise<Reading[]> {
  return db.transaction(async (tx) => {
    const [lesson] = await tx.select().from(lessons).where(eq(lessons.id, lessonId)).for('update')
    if (!lesson || lesson.removedAt) throw notFound('lesson')
    const sent = withOwnValues(given, lesson.plan)
    const known = new Map(
      (
        await tx
          .select()
          .from(readings)
          .where(
            inArray(
              readings.id,
              sent.map((one) => one.id),
            ),
          )
      ).map((row) => [row.id, row]),
    )
    const fresh: Reading[] = []
    for (const one of sent) {
      const before = known.get(one.id)
      if (!before) fresh.push(one)
      else if (before.lessonId !== lessonId || !sameReading(toReading(before), one))
        throw new ApiError(
          'conflict',
          'Another reading has the same number. Reload the page and type it again.',
          [{ path: 'readings', message: one.id }],
        )
    }
    if (fresh.length === 0) return []
    const groupIds = await groupsOf(tx, lesson)
    const problems = [...placeProblems(fresh, lesson.plan, groupIds)]
    if (problems.length > 0) throw new ApiError('invalid', problems[0]!.message, problems)
    if (fresh.some((one) => one.status === 'counted')) await refuseUnconfirmed(tx, lessonId)
    refuseOverwriting(await readingsOf(tx, lessonId), fresh)
    await tx
      .insert(readings)
      .values(fresh.map((one) => ({ ...one, lessonId, takenAt: new Date(one.takenAt) })))
    await recordEvent(tx, lessonId, { kind: 'readings', readings: fresh })
    return fresh
  })
}

/** Each reading with the value that its own text gives. */
function withOwnValues(sent: NewReading[], plan: Plan): NewReading[] {
  return sent.map((one, index) => {
    const derived = derivedValue(plan, one)
    if (derived.ok) return { ...one, value: derived.value }
    throw new ApiError('invalid', derived.message, [
      { path: `readings.${index}.typed`, message: derived.message },
    ])
  })
}

function* placeProblems(fresh: Reading[], plan: Plan, groupIds: Set<string>): Generator<FieldProblem> {
  const levelIds = new Set(plan.levels.map((level) => level.id))
  for (const [index, one] of fresh.entries()) {
    if (!groupIds.has(one.groupId))
      yield { path: `readings.${index}.groupId`, message: 'This group is not in the class. Reload the page.' }
    if (!levelIds.has(one.levelId))
      yield {
        path: `readings.${index}.levelId`,
        message: 'This level is no longer in the plan. Reload the page.',
      }
  }
}

function refuseOverwriting(before: Reading[], fresh: Reading[]): void {
  const all = [...before]
  for (const one of fresh) {
    const states = slotStates(all)
    const counted = states.get(slotKey(one))?.counted
    if (one.supersedes !== null) {
      const target = all.find((other) => other.id === one.supersedes)
      if (!target || slotKey(target) !== slotKey(one))
        throw new ApiError(
          'conflict',
          'The reading to be corrected is not in this place any more. Reload the page.',
          [{ path: 'readings', message: one.id }],
        )
      if (all.some((other) => other.supersedes === one.supersedes))
        throw new ApiError(
          'conflict',
          'Somebody else has just changed this reading. Look at it and try again.',
          [{ path: 'readings', message: one.id }],
        )
    }
    if (one.status === 'counted' && counted && counted.id !== one.supersedes)
      throw new ApiError(
        'conflict',
        `Somebody has just recorded ${counted.typed || counted.value} here. Look at it and try again.`,
        [{ path: 'readings', message: one.id }],
      )
    all.push(one)
  }
}

function sameReading(a: Reading, b: Reading): boolean {
  return (
    slotKey(a) === slotKey(b) && a.value === b.value && a.status === b.status && a.supersedes === b.supersedes
  )
}

/** Whether a group has recorded anything in a lesson. */
export async function hasReadings(db: Database, lessonId: string, groupId: string): Promise<boolean> {
  const rows = await db
    .select({ id: readings.id })
    .from(readings)
    .where(and(eq(readings.lessonId, lessonId), eq(readings.groupId, groupId)))
    .limit(1)
  return rows.length > 0
}
