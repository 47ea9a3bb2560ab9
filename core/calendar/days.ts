import { addDays as add, differenceInCalendarDays, formatISO, isValid, parseISO } from 'date-fns'

/** Whether a text is a day of the calendar, as year-month-day. */
export function isDay(text: string): boolean {
  return /^(?!0000)\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text))
}

/**
 * A day so many days later, or earlier where the number is below 0.
 * @example addDays('2026-02-27', 2) // '2026-03-01'
 */
export function addDays(day: string, days: number): string {
  return formatISO(add(parseISO(day), days), { representation: 'date' })
}

/**
 * How many days lie between two.
 * @example daysBetween('2026-03-06', '2026-03-09') // 3
 */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from))
}

/**
 * The day of the week, 0 for Sunday to 6 for Saturday.
 * @example weekday('2026-03-09') // 1, a Monday
 */
export function weekday(day: string): number {
  return parseISO(day).getDay()
}
