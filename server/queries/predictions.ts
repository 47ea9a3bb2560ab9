import { eq } from 'drizzle-orm'
import { scoredPlan } from '#core/comparison'
import { levelsNamed, type PredictionAnswer } from '#core/conclusion'
import type { Plan, PredictionStep } from '#core/plan'
import { readMoments } from '#core/recording'
import type { PredictionDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { lessons, predictions } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { groupsOf } from './lessonGroups'
import { countEntries } from './entries'

export async function predictionsOf(db: Database, lessonId: string): Promise<PredictionDto[]> {
  const rows = await db.select().from(predictions).where(eq(predictions.lessonId, lessonId))
  return rows.map(toPrediction)
}

function toPrediction({
  groupId,
  seat,
  answer,
  because,
  madeAt,
  late,
  step,
  known,
}: typeof predictions.$inferSelect): PredictionDto {
  return { groupId, seat, answer, because, madeAt: madeAt.toISOString(), late, step, known }
}

/**
 * Saves a prediction of a group (seat 0) or of one of its children (seat 1 and up, unnamed); one that is written
 * or changed after the group's first reading is marked late. What the whole class predicts is kept under its
 * first group, which also acts for the class in a whole-class test.
 */
export async function savePrediction(
  db: Database,
  lessonId: string,
  groupId: string,
  {
    seat,
    answer,
    because,
    step = 'before',
  }: Pick<PredictionDto, 'seat' | 'because'> & { answer: PredictionAnswer; step?: PredictionStep },
): Promise<PredictionDto> {
  return db.transaction(async (tx) => {
    const [lesson] = await tx.select().from(lessons).where(eq(lessons.id, lessonId)).for('update')
    if (!lesson || lesson.removedAt) throw notFound('lesson')
    if (!(await groupsOf(tx, lesson)).has(groupId)) throw notFound('group')
    const levels = new Set(
      [...lesson.plan.levels, ...scoredPlan(lesson.plan).levels].map((level) => level.id),
    )
    const named = levelsNamed(answer)
    if (named.some((id) => !levels.has(id)))
      throw new ApiError('invalid', 'This prediction is about something that isn’t in the plan any more.', [
        { path: 'answer', message: 'Choose from what the plan compares.' },
      ])
    if (answer.format === 'number' && answer.moment !== undefined) checkMoment(lesson.plan, answer.moment)
    if (new Set(named).size < named.length)
      throw new ApiError('invalid', 'This prediction names the same level twice.', [
        { path: 'answer', message: 'Choose two different levels.' },
      ])
    const known = await countEntries(tx, lessonId, groupId)
    const row = {
      lessonId,
      groupId,
      seat,
      answer,
      because,
      madeAt: new Date(),
      // A later step comes after readings by itself.
      late: step === 'before' && known > 0,
      step,
      known,
    }
    const { lessonId: _lesson, groupId: _group, seat: _seat, step: _step, ...changes } = row
    await tx
      .insert(predictions)
      .values(row)
      .onConflictDoUpdate({
        target: [predictions.lessonId, predictions.groupId, predictions.seat, predictions.step],
        set: changes,
      })
    const prediction = toPrediction(row)
    await recordEvent(tx, lessonId, { kind: 'prediction', prediction })
    return prediction
  })
}

function checkMoment(plan: Plan, moment: string): void {
  if (!readMoments(plan).includes(moment))
    throw new ApiError('invalid', 'This prediction is for a time that isn’t in the plan.', [
      { path: 'answer', message: 'Choose one of the times in the plan.' },
    ])
}
