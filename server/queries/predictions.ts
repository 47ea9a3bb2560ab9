import { and, eq } from 'drizzle-orm'
import type { PredictionAnswer } from '#core/conclusion'
import type { PredictionDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { groups, lessons, predictions } from '../database/schema'
import { ApiError, notFound } from '../http/apiError'
import { recordEvent } from '../live/events'
import { hasReadings } from './readings'

export async function predictionsOf(db: Database, lessonId: string): Promise<PredictionDto[]> {
  const rows = await db.select().from(predictions).where(eq(predictions.lessonId, lessonId))
  return rows.map(toPrediction)
}

function toPrediction({
  groupId,
  answer,
  because,
  madeAt,
  late,
}: typeof predictions.$inferSelect): PredictionDto {
  return { groupId, answer, because, madeAt: madeAt.toISOString(), late }
}

/** Saves a group's prediction; one that is written or changed after the group's first reading is marked late. */
export async function savePrediction(
  db: Database,
  lessonId: string,
  groupId: string,
  answer: PredictionAnswer,
  because: string,
): Promise<PredictionDto> {
  return db.transaction(async (tx) => {
    const [lesson] = await tx.select().from(lessons).where(eq(lessons.id, lessonId)).for('update')
    if (!lesson || lesson.removedAt) throw notFound('lesson')
    const [group] = await tx
      .select()
      .from(groups)
      .where(and(eq(groups.id, groupId), eq(groups.classId, lesson.classId)))
    if (!group) throw notFound('group')
    const levels = new Set(lesson.plan.levels.map((level) => level.id))
    const named = 'levelIds' in answer ? answer.levelIds : 'levelId' in answer ? [answer.levelId] : []
    if (named.some((id) => !levels.has(id)))
      throw new ApiError('invalid', 'This prediction names a level that is not in the plan.', [
        { path: 'answer', message: 'Choose from the levels of the plan.' },
      ])
    const row = {
      lessonId,
      groupId,
      answer,
      because,
      madeAt: new Date(),
      late: await hasReadings(tx, lessonId, groupId),
    }
    const { lessonId: _lesson, groupId: _group, ...changes } = row
    await tx
      .insert(predictions)
      .values(row)
      .onConflictDoUpdate({ target: [predictions.lessonId, predictions.groupId], set: changes })
    const prediction = toPrediction(row)
    await recordEvent(tx, lessonId, { kind: 'prediction', prediction })
    return prediction
  })
}
