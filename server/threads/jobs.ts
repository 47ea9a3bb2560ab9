import { openInvestigation, previewRoster, previewSupplies, readClosedDays } from '../../core/format'
import type { Plan } from '../../core/plan'
import { unzipArchive } from './unzipArchive'
import { checkFits, clockSteps, type FitsContext, type LessonStep } from '../../core/timetable'

/** What is worked out beside the program, since the worst that is allowed takes long or never ends. */
export const jobs = {
  openInvestigation,
  previewRoster,
  previewSupplies,
  readClosedDays,
  stepsOfPlan,
  unzipArchive,
}

export type Jobs = typeof jobs

/** The steps of a lesson, in the order in which a class goes through them. */
function stepsOfPlan(plan: Plan, context: FitsContext): LessonStep[] {
  return clockSteps(checkFits(plan, context).lessons)
}
