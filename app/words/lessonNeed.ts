import type { LessonSummaryDto } from '#shared/types/api'

/** What a lesson still needs, in the words of the week's strip. */
export function lessonNeed({
  question,
  answer,
  readings,
  needed,
  stage,
  dueToday,
}: LessonSummaryDto): string {
  if (question.trim() === '') return 'needs a question'
  if (answer !== null) return 'answered'
  if (needed > 0 && readings >= needed) return 'ready to conclude'
  if (dueToday && stage !== 'wonder')
    return dueToday === 1 ? '1 reading due today' : `${dueToday} readings due today`
  if (readings > 0) return `${readings} of ${needed} readings`
  return stage === 'wonder' || needed === 0 ? 'still to plan' : 'planned'
}
