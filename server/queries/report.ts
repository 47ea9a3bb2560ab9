import { paperParts, reportFacts, type ReportPart } from '#core/report'
import { currentDay } from '#shared/lesson/currentDay'
import { reportedLesson } from '#shared/lesson/reportedLesson'
import type { Database } from '../database/database'
import { getLesson } from './lessons'

/** The written report of a lesson, as its page shows it. */
export async function lessonReport(
  db: Database,
  id: string,
): Promise<{ title: string; parts: ReportPart[] }> {
  const lesson = await getLesson(db, id)
  return {
    title: lesson.plan.title || lesson.plan.question || 'Report',
    parts: paperParts('report', reportFacts(reportedLesson(lesson, currentDay()))),
  }
}
