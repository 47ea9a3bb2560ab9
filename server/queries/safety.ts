import { desc, eq } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { kitMaterials } from '#core/kit'
import type { Plan } from '#core/plan'
import { checkSafe, stillConfirmed } from '#core/safety'
import type { SafetyDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { safetyConfirmations } from '../database/schema'
import { ApiError } from '../http/apiError'
import { recordEvent } from '../live/events'
import { getClass } from './classes'
import { lockLesson, type LessonRow } from './lessonRow'
import { listSupplies } from './supplies'

/** The newest confirmation of a lesson, and whether it stands for the plan as it is. */
export async function safetyOf(db: Database, lesson: LessonRow): Promise<SafetyDto | null> {
  const [row] = await db
    .select()
    .from(safetyConfirmations)
    .where(eq(safetyConfirmations.lessonId, lesson.id))
    .orderBy(desc(safetyConfirmations.madeAt), desc(safetyConfirmations.id))
    .limit(1)
  if (!row) return null
  return {
    initials: row.initials,
    at: row.madeAt.toISOString(),
    beforeRule: row.beforeRule,
    stands: row.basis === null || stillConfirmed(row.basis, await basisOf(db, lesson, lesson.plan)),
  }
}

/** That the teacher has checked the school's own risk assessment, for the plan that was on the screen. */
export async function confirmSafety(
  db: Database,
  id: string,
  initials: string,
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
      initials,
      basis: await basisOf(tx, lesson, lesson.plan),
      madeAt: new Date(),
    })
    const safety = (await safetyOf(tx, lesson))!
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

/** Refuses counted entries until somebody has confirmed. What was sent waits; nothing is wrong with it. */
export async function refuseUnconfirmed(tx: Database, lesson: LessonRow): Promise<void> {
  const safety = await safetyOf(tx, lesson)
  if (safety?.stands) return
  throw new ApiError(
    'waits',
    safety
      ? 'Something in the plan that needs care has changed. The teacher looks at Safe once more; then this can be kept.'
      : 'The teacher first checks the school’s own risk assessment, under Safe; then this can be kept.',
  )
}

/** Called when a plan is changed: tells open screens whether the confirmation still stands. */
export async function tellSafety(tx: Database, before: LessonRow, after: LessonRow): Promise<void> {
  await learnBasis(tx, before)
  const [then, now] = [await safetyOf(tx, before), await safetyOf(tx, after)]
  if (then?.stands !== now?.stands) await recordEvent(tx, after.id, { kind: 'safety', safety: now })
}

/** A lesson from before there were confirmations stands for the plan that it had until it is first changed. */
async function learnBasis(tx: Database, lesson: LessonRow): Promise<void> {
  const unknown = await tx
    .select()
    .from(safetyConfirmations)
    .where(eq(safetyConfirmations.lessonId, lesson.id))
  if (!unknown.some((row) => row.basis === null)) return
  await tx
    .update(safetyConfirmations)
    .set({ basis: await basisOf(tx, lesson, lesson.plan) })
    .where(eq(safetyConfirmations.lessonId, lesson.id))
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
