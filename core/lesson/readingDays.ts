import { addDays, schoolDays, type SchoolCalendar } from '../calendar'
import type { Plan } from '../plan'
import { wayOf } from '../recording'

/**
 * The days of a lesson, from its date on: school days one after another as many as it is read on, or as far apart as its way of recording
 * says. A day that is closed gives way to the next school day.
 * @returns at least one day where the calendar has any
 * @example readingDays(plan, usualCalendar, '2026-03-07') // ['2026-03-09']: a Saturday gives way to Monday
 */
export function readingDays(
  { recording }: Pick<Plan, 'recording'>,
  calendar: SchoolCalendar,
  date: string,
): string[] {
  const { days, daysAfter } = wayOf({ recording }).needs(recording)
  if (!daysAfter) return schoolDays(calendar, date, days)
  const found: string[] = []
  for (const after of daysAfter) {
    const [first, last] = [found[0], found.at(-1)]
    const wanted = first === undefined ? date : addDays(first, after)
    const from = last !== undefined && wanted <= last ? addDays(last, 1) : wanted
    found.push(...schoolDays(calendar, from, 1))
  }
  return found
}
