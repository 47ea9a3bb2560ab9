import type { SchoolCalendar } from '../calendar'
import type { Plan } from '../plan'
import type { ClassClock } from '../timetable'
import { readingDays } from './readingDays'

/** What says whether a lesson's testing goes on. */
export interface TestingState {
  plan: Plan
  /** The day on which it began. */
  date: string
  finishedAt: string | null
  /** The clock of the class; null while nobody has started it. */
  clock: Pick<ClassClock, 'ended'> | null
}

/**
 * Whether nobody will test any more: somebody has said so, or the last of its school days is over and its clock is not running on.
 * @param today as YYYY-MM-DD
 * @example isTestingOver({ plan, date: '2026-03-09', finishedAt: null, clock: null }, usualCalendar, '2026-03-10') // true
 */
export function isTestingOver(
  { plan, date, finishedAt, clock }: TestingState,
  calendar: SchoolCalendar,
  today: string,
): boolean {
  if (finishedAt !== null) return true
  const last = readingDays(plan, calendar, date).at(-1) ?? date
  return last < today && (clock === null || (clock.ended !== null && clock.ended.how !== 'later'))
}
