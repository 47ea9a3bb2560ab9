import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { classAnswer, emptyConclusion, type Conclusion } from '#core/conclusion'
import { blankPlan, type Plan } from '#core/plan'
import { currentReadings, groupSlots } from '#core/record'
import { starters } from '#demo/starters'
import type { ClassDto, LessonDto, LessonSummaryDto, Stage } from '#shared/types/api'
import type { Database } from '../database/database'
import { classes, lessons, readings } from '../database/schema'
import { ApiError, notFound } from '../http/apiError'
import { recordEvent } from '../live/events'
import { getClass, listClassesById, withoutNames } from './classes'
import { createInvestigation, getInvestigationPlan } from './investigations'
import { predictionsOf } from './predictions'
import { readingsOf } from './readings'

/** What a new lesson starts from. */
export type LessonOrigin =
  { kind: 'starter' | 'investigation' | 'lesson'; id: string } | { kind: 'question'; question: string }

type LessonRow = typeof lessons.$inferSelect

/** A lesson's own row; one that was taken off the logbook is not found. */
export async function findLesson(db: Database, id: string): Promise<LessonRow> {
  const [row] = await db
    .select()
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)))
  if (!row) throw notFound('lesson')
  return row
}

/** The logbook: all lessons, newest day first. */
export async function listLessons(db: Database): Promise<LessonSummaryDto[]> {
  const rows = await db
    .select()
    .from(lessons)
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(isNull(lessons.removedAt))
    .orderBy(desc(lessons.date), desc(lessons.madeAt))
  const byClass = await listClassesById(db, [...new Set(rows.map((row) => row.classes.id))])
  const counts = await countedReadings(
    db,
    rows.map((row) => row.lessons.id),
  )
  return rows.map(({ lessons: lesson, classes: own }) => ({
    id: lesson.id,
    title: lesson.plan.title,
    question: lesson.plan.question,
    classId: own.id,
    className: own.name,
    date: lesson.date,
    stage: lesson.stage,
    answer: classAnswer(lesson.plan, lesson.conclusion),
    nextQuestion: lesson.conclusion.nextQuestion,
    readings: counts.get(lesson.id) ?? 0,
    needed: slotsNeeded(lesson.plan, byClass.get(own.id)!),
  }))
}

function slotsNeeded(plan: Plan, { groups }: ClassDto): number {
  return groups.reduce((sum, group, place) => sum + groupSlots(plan, group.id, place).length, 0)
}

async function countedReadings(db: Database, lessonIds: string[]): Promise<Map<string, number>> {
  if (lessonIds.length === 0) return new Map()
  const rows = await db
    .select({ lessonId: readings.lessonId, count: sql<number>`count(*)::int` })
    .from(readings)
    .where(
      and(
        inArray(readings.lessonId, lessonIds),
        eq(readings.status, 'counted'),
        sql`not exists (select 1 from readings later where later.supersedes = ${readings.id})`,
      ),
    )
    .groupBy(readings.lessonId)
  return new Map(rows.map((row) => [row.lessonId, row.count]))
}

/** Everything that an open lesson needs, as of one moment. */
export async function getLesson(db: Database, id: string): Promise<LessonDto> {
  return db.transaction(
    async (tx) => {
      const row = await findLesson(tx, id)
      return {
        id,
        investigationId: row.investigationId,
        class: withoutNames(await getClass(tx, row.classId, true)),
        date: row.date,
        stage: row.stage,
        plan: row.plan,
        planVersion: row.planVersion,
        conclusion: row.conclusion,
        conclusionVersion: row.conclusionVersion,
        predictions: await predictionsOf(tx, id),
        readings: await readingsOf(tx, id),
        seq: row.seq,
      }
    },
    { isolationLevel: 'repeatable read' },
  )
}

export async function createLesson(
  db: Database,
  classId: string,
  day: string,
  from: LessonOrigin,
): Promise<string> {
  const own = await getClass(db, classId)
  return db.transaction(async (tx) => {
    const { plan, investigationId } = await originOf(tx, from, own)
    const id = newId()
    await tx.insert(lessons).values({
      id,
      classId,
      date: day,
      investigationId,
      plan,
      stage: from.kind === 'question' ? 'wonder' : 'plan',
      conclusion: emptyConclusion,
    })
    return id
  })
}

async function originOf(
  tx: Database,
  from: LessonOrigin,
  own: ClassDto,
): Promise<{ plan: Plan; investigationId: string }> {
  switch (from.kind) {
    case 'starter': {
      const starter = starters.find((one) => one.id === from.id)
      if (!starter) throw notFound('starter')
      return { plan: starter.plan, investigationId: await createInvestigation(tx, starter.plan, starter.id) }
    }
    case 'investigation':
      return { plan: await getInvestigationPlan(tx, from.id), investigationId: from.id }
    case 'lesson': {
      const earlier = await findLesson(tx, from.id)
      return { plan: earlier.plan, investigationId: earlier.investigationId }
    }
    case 'question': {
      const plan = { ...blankPlan(own.ageBand), question: from.question }
      return { plan, investigationId: await createInvestigation(tx, plan, null) }
    }
  }
}

export async function changeLesson(
  db: Database,
  id: string,
  changes: { date?: string; stage?: Stage },
): Promise<void> {
  await db.transaction(async (tx) => {
    const before = await findLesson(tx, id)
    await tx.update(lessons).set(changes).where(eq(lessons.id, id))
    await recordEvent(tx, id, {
      kind: 'lesson',
      date: changes.date ?? before.date,
      stage: changes.stage ?? before.stage,
    })
  })
}

/** Saves the plan, unless somebody saved another one since; levels that hold readings must stay. */
export async function savePlan(
  db: Database,
  id: string,
  plan: Plan,
  version: number,
): Promise<{ planVersion: number }> {
  return db.transaction(async (tx) => {
    const before = await lockLesson(tx, id)
    if (before.planVersion !== version)
      throw new ApiError(
        'conflict',
        'This plan was changed on another screen. Reload to see it; your last change was not saved.',
      )
    await refuseLosingReadings(tx, id, before.plan, plan)
    const planVersion = version + 1
    await tx.update(lessons).set({ plan, planVersion }).where(eq(lessons.id, id))
    await recordEvent(tx, id, { kind: 'plan', plan, planVersion })
    return { planVersion }
  })
}

async function refuseLosingReadings(tx: Database, id: string, before: Plan, after: Plan): Promise<void> {
  const kept = new Set(after.levels.map((level) => level.id))
  const standing = currentReadings(await readingsOf(tx, id)).filter((reading) => reading.status === 'counted')
  if (
    standing.some(
      (reading) => !kept.has(reading.levelId) && before.levels.some((level) => level.id === reading.levelId),
    )
  )
    throw new ApiError(
      'conflict',
      'This level has readings already. Set them aside first, or keep the level.',
      [{ path: 'plan.levels', message: 'This level has readings.' }],
    )
  if (standing.length > 0 && after.measured.unit !== before.measured.unit)
    throw new ApiError(
      'conflict',
      'There are readings in the old unit already. Keep the unit, or start a new lesson.',
      [{ path: 'plan.measured.unit', message: 'There are readings in this unit.' }],
    )
}

export async function saveConclusion(
  db: Database,
  id: string,
  conclusion: Conclusion,
  version: number,
): Promise<{ conclusionVersion: number }> {
  return db.transaction(async (tx) => {
    const before = await lockLesson(tx, id)
    if (before.conclusionVersion !== version)
      throw new ApiError(
        'conflict',
        'This conclusion was changed on another screen. Reload to see it; your last change was not saved.',
      )
    const conclusionVersion = version + 1
    await tx.update(lessons).set({ conclusion, conclusionVersion }).where(eq(lessons.id, id))
    await recordEvent(tx, id, { kind: 'conclusion', conclusion, conclusionVersion })
    return { conclusionVersion }
  })
}

/** Takes a lesson off the logbook, or puts it back; nothing of it is deleted. */
export async function setLessonRemoved(db: Database, id: string, removed: boolean): Promise<void> {
  const changed = await db
    .update(lessons)
    .set({ removedAt: removed ? new Date() : null })
    .where(eq(lessons.id, id))
    .returning({ id: lessons.id })
  if (changed.length === 0) throw notFound('lesson')
}

async function lockLesson(tx: Database, id: string): Promise<LessonRow> {
  const [row] = await tx.select().from(lessons).where(eq(lessons.id, id)).for('update')
  if (!row || row.removedAt) throw notFound('lesson')
  return row
}
