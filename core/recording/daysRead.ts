import type { Plan } from '../plan'
import { wayOf } from './registry'

/**
 * The day on which a moment is read, of the days of a lesson; null where the day does not say when something is read.
 * @param days the days of the lesson, year-month-day
 * @example dayOfMoment(sprouts, ['2026-03-09', '2026-03-10'], 'day 2') // '2026-03-10'
 */
export const dayOfMoment = (plan: Plan, days: readonly string[], moment: string): string | null =>
  days.find((day) => wayOf(plan).momentsDue(plan, days, day)?.includes(moment)) ?? null
