import { foretoldBy } from '#core/conclusion'
import type { Evidence } from '#core/evidence'
import { isTestingOver } from '#core/lesson'
import type { Plan } from '#core/plan'
import { standingOf } from '#core/entries'
import { scoredPlan, weighLesson } from '#core/comparison'
import type { Database } from '../database/database'
import { currentDay } from '#shared/lesson/currentDay'
import { getLesson } from './lessons'

/** A lesson's plan as its results are measured, and what they say, weighed as the screens weigh them. */
export async function lessonEvidence(db: Database, id: string): Promise<{ plan: Plan; evidence: Evidence }> {
  const lesson = await getLesson(db, id)
  const groupIds = lesson.class.groups.map((group) => group.id)
  const { counted } = standingOf(lesson.entries)
  return {
    plan: scoredPlan(lesson.plan, counted),
    evidence: weighLesson(
      lesson.plan,
      counted,
      groupIds,
      isTestingOver(lesson, lesson.school.calendar, currentDay()),
      foretoldBy(lesson.predictions, lesson.entries),
    ),
  }
}
