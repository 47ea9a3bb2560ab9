import type { LessonSummaryDto } from '#shared/types/api'

/** What a lesson still needs, in the words of the week's strip. */
export function lessonNeed({ question, answer, readings, needed, stage }: LessonSummaryDto): string {
  if (question.trim() === '') return 'needs a question'
  if (answer !== null) return 'answered'
  if (needed > 0 && readings >= needed) return 'ready to conclude'
  if (readings > 0) return `${readings} of ${needed} readings`
  return stage === 'wonder' || needed === 0 ? 'still to plan' : 'planned'
}
