import { defined } from '#core/defined'
import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { kitMaterials } from '#core/kit'
import type { Plan } from '#core/plan'
import { checkSafe, stillConfirmed } from '#core/safety'
import type { SafetyDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { lessons, safetyConfirmations } from '../database/schema'
import { ApiError } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { getClass } from './classes'
import { lockLesson, lockLessons, type LessonRow } from './lessonRow'
import { listSupplies } from './supplies'

/** The newest confirmation of a lesson. */
async function newest(db: Database, lessonId: string) {
  const [row] = await db
    .select()
    .from(safetyConfirmations)
    .where(eq(safetyConfirmations.lessonId, lessonId))
    .orderBy(desc(safetyConfirmations.madeAt), desc(safetyConfirmations.id))
    .limit(1)
  return row ?? null
}

type Confirmation = NonNullable<Awaited<ReturnType<typeof newest>>>

const toDto = ({ initials, madeAt, beforeRule, stands }: Confirmation): SafetyDto => ({
  initials,
  at: madeAt.toISOString(),
  beforeRule,
  stands,
})

/** The newest confirmation of a lesson, and whether it stands; null where nobody has confirmed anything. */
export async function safetyOf(db: Database, lessonId: string): Promise<SafetyDto | null> {
  const row = await newest(db, lessonId)
  return row && toDto(row)
}

/** The same for several lessons, by lesson; those where nobody has confirmed anything are left out. */
export async function safetyByLesson(
  db: Database,
  lessonIds: readonly string[],
): Promise<Map<string, SafetyDto>> {
  if (lessonIds.length === 0) return new Map()
  const rows = await db
    .selectDistinctOn([safetyConfirmations.lessonId])
    .from(safetyConfirmations)
    .where(inArray(safetyConfirmations.lessonId, [...lessonIds]))
    .orderBy(safetyConfirmations.lessonId, desc(safetyConfirmations.madeAt), desc(safetyConfirmations.id))
  return new Map(rows.map((row) => [row.lessonId, toDto(row)]))
}

/** That the teacher has checked the school's own risk assessment, for the plan that was on the screen. */
export async function confirmSafety(
  db: Database,
  id: string,
  who: string,
  version: number,
): Promise<SafetyDto> {
  return db.transaction(async (tx) => {
    const lesson = await lockLesson(tx, id)
    if (lesson.planVersion !== version)
      throw new ApiError(
        'conflict',
        'The plan has just been changed. Look at the cautions again, then confirm.',
      )
    await tx.insert(safetyConfirmations).values({
      id: newId(),
      lessonId: id,
      initials: who,
      basis: await basisOf(tx, lesson, lesson.plan),
      madeAt: new Date(),
    })
    const safety = defined(await safetyOf(tx, id))
    await recordEvent(tx, id, { kind: 'safety', safety })
    return safety
  })
}

/** A part begins with the plan of its whole, and with what has been confirmed of it. */
export async function inheritConfirmations(tx: Database, wholeId: string, partId: string): Promise<void> {
  const rows = await tx.select().from(safetyConfirmations).where(eq(safetyConfirmations.lessonId, wholeId))
  if (rows.length > 0)
    await tx
      .insert(safetyConfirmations)
      .values(rows.map((row) => ({ ...row, id: newId(), lessonId: partId })))
}

/** Whether the newest confirmation of a lesson stands, as a column beside the lesson's own; null where there is none. */
export const confirmationStands = sql<boolean | null>`(
  select one.stands from safety_confirmations one where one.lesson_id = lessons.id
  order by one.made_at desc, one.id desc limit 1)`

/** Refuses counted entries until somebody has confirmed. What was sent waits; nothing is wrong with it. */
export function refuseUnconfirmed(stands: boolean | null): void {
  if (stands) return
  throw new ApiError(
    'waits',
    stands === false
      ? 'Something in the plan that needs care has changed. This can be saved once the teacher has checked Safe again.'
      : 'This can be saved once the teacher has checked the school’s own risk assessment, under Safe.',
  )
}

/** Called when a plan is changed: whether the confirmation still stands, and open screens are told. */
export async function recheckConfirmation(tx: Database, before: LessonRow, after: LessonRow): Promise<void> {
  const row = await newest(tx, before.id)
  if (!row) return
  // A lesson from before there were confirmations stands for the plan that it had until now.
  const basis = row.basis ?? (await basisOf(tx, before, before.plan))
  await weigh(tx, { ...row, basis }, after)
}

/** Called when a class or the store cupboard is changed: weighs the confirmations of all lessons that it may touch. */
export async function recheckConfirmations(
  tx: Database,
  touched: { classId: string } | 'all',
): Promise<void> {
  const ofClass = touched === 'all' ? undefined : eq(lessons.classId, touched.classId)
  const rows = await lockLessons(tx, defined(and(isNull(lessons.removedAt), ofClass)))
  for (const lesson of rows) {
    const row = await newest(tx, lesson.id)
    if (row?.basis) await weigh(tx, row, lesson)
  }
}

async function weigh(tx: Database, row: Confirmation, lesson: LessonRow): Promise<void> {
  const stands = stillConfirmed(row.basis ?? [], await basisOf(tx, lesson, lesson.plan))
  await tx
    .update(safetyConfirmations)
    .set({ stands, basis: row.basis })
    .where(eq(safetyConfirmations.id, row.id))
  if (stands !== row.stands)
    await recordEvent(tx, lesson.id, { kind: 'safety', safety: toDto({ ...row, stands }) })
}

async function basisOf(db: Database, { classId }: LessonRow, plan: Plan): Promise<string[]> {
  const { ageBand, allergies } = await getClass(db, classId, true)
  return checkSafe(plan, {
    age: ageBand,
    lines: kitMaterials(plan),
    allergies,
    supplies: await listSupplies(db),
  }).basis
}
