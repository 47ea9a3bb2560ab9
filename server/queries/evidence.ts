import type { Evidence } from '#core/evidence'
import type { Plan } from '#core/plan'
import { scoredPlan, weighLesson } from '#core/recording'
import type { Database } from '../database/database'
import { getLesson } from './lessons'

/** A lesson's plan as its results are measured, and what they say, weighed as the screens weigh them. */
export async function weighedLesson(db: Database, id: string): Promise<{ plan: Plan; evidence: Evidence }> {
  const lesson = await getLesson(db, id)
  const groupIds = lesson.class.groups.map((group) => group.id)
  return {
    plan: scoredPlan(lesson.plan, lesson.entries),
    evidence: weighLesson(lesson.plan, lesson.entries, groupIds),
  }
}
