import { isTestingOver } from '#core/lesson'
import type { ReportedLesson } from '#core/report'
import type { LessonDto } from '../types/api'

/** A lesson as its papers need it. */
export const reportedLesson = (lesson: LessonDto, today: string): ReportedLesson => ({
  ...{ plan: lesson.plan, own: lesson.class, groups: lesson.class.groups, school: lesson.school },
  ...{ entries: lesson.entries, predictions: lesson.predictions, conclusion: lesson.conclusion },
  ...{ observations: lesson.observations, reviews: lesson.reviews },
  isOver: isTestingOver(lesson, lesson.school.calendar, today),
})
