import { addDays, weekday } from './days'

/** Days on which the school is closed, the first and the last included. */
export interface ClosedDays {
  from: string
  to: string
  /** "spring holiday". */
  name: string
  /** Whether teachers are in all the same, as on a training day. */
  staffIn?: boolean
}

/** When the school is open. Days are texts, year-month-day. */
export interface SchoolCalendar {
  /** Days of the week without lessons, 0 for Sunday to 6 for Saturday. */
  weekend: number[]
  /** Whether somebody is in school at weekends, so that things can be got ready then. */
  weekendHelp: boolean
  closed: ClosedDays[]
}

/** Open from Monday to Friday, nobody in at weekends, no holidays known. */
export const usualCalendar: SchoolCalendar = { weekend: [0, 6], weekendHelp: false, closed: [] }

/** How far a search for an open day goes before it says that there is none. */
const horizon = 400

/**
 * Why the school has no lessons on a day: the name of the holiday, or "weekend"; null on a school day.
 * @example closedReason(calendar, '2026-03-08') // 'weekend'
 */
export function closedReason(calendar: SchoolCalendar, day: string): string | null {
  const holiday = calendar.closed.find((one) => one.from <= day && day <= one.to)
  if (holiday) return holiday.name || 'closed'
  return calendar.weekend.includes(weekday(day)) ? 'weekend' : null
}

/** Whether there are lessons on a day. */
export function isSchoolDay(calendar: SchoolCalendar, day: string): boolean {
  return closedReason(calendar, day) === null
}

/**
 * Whether somebody is there to get things ready: on school days, on training days, and at weekends where the school says so. Holidays are
 * closed for everybody.
 * @example canPrepareOn({ ...usualCalendar, weekendHelp: true }, '2026-03-08') // true
 */
export function canPrepareOn(calendar: SchoolCalendar, day: string): boolean {
  const closed = calendar.closed.filter((one) => one.from <= day && day <= one.to)
  if (closed.length > 0) return closed.every((one) => one.staffIn === true)
  return !calendar.weekend.includes(weekday(day)) || calendar.weekendHelp
}

/**
 * The day that is so many days with lessons before another; the same day for 0.
 * @example schoolDaysBefore(usualCalendar, '2026-03-09', 1) // '2026-03-06'
 */
export function schoolDaysBefore(calendar: SchoolCalendar, day: string, count: number): string {
  let at = day
  for (let found = 0, back = 0; found < count && back < horizon + count * 3; back++) {
    at = addDays(at, -1)
    if (isSchoolDay(calendar, at)) found++
  }
  return at
}

/**
 * Whether a name of closed days says that teachers are in: "training day", "INSET", "staff development".
 * @example saysStaffIn('Staff training day') // true
 */
export const saysStaffIn = (name: string): boolean =>
  /\b(?:training|inset|staff|teachers?|development|planning|work ?day|in-service)\b/i.test(name) &&
  !/\bholidays?\b/i.test(name)

/**
 * The last day, not after the given one, on which things can be got ready; null when there is none for a year.
 * @example preparingDayBy(usualCalendar, '2026-03-08') // '2026-03-06'
 */
export function preparingDayBy(calendar: SchoolCalendar, day: string): string | null {
  for (let back = 0, at = day; back <= horizon; back++, at = addDays(at, -1))
    if (canPrepareOn(calendar, at)) return at
  return null
}

/**
 * So many school days from a day on, that day included where it is one.
 * @example schoolDays(usualCalendar, '2026-03-06', 3) // ['2026-03-06', '2026-03-09', '2026-03-10']
 */
export function schoolDays(calendar: SchoolCalendar, from: string, count: number): string[] {
  const days: string[] = []
  for (
    let at = from, looked = 0;
    days.length < count && looked < horizon + count * 3;
    at = addDays(at, 1), looked++
  )
    if (isSchoolDay(calendar, at)) days.push(at)
  return days
}
