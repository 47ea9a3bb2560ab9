import { format, getMonth, getYear, parseISO } from 'date-fns'

/**
 * The school year of a day, by the year in which it begins: "2026/27", or "2026" where it ends with the calendar's.
 * @param yearEnds the month in which a school year ends, 1 to 12
 * @throws RangeError where the month or the day is none
 * @example schoolYear('2026-11-30', 7) // '2026/27'
 * @example schoolYear('2026-07-31', 7) // '2025/26'
 * @example schoolYear('2026-07-31', 12) // '2026'
 */
export function schoolYear(day: string, yearEnds: number): string {
  if (!Number.isInteger(yearEnds) || yearEnds < 1 || yearEnds > 12) throw new RangeError('a month is 1 to 12')
  const date = parseISO(day)
  const year = getYear(date)
  if (Number.isNaN(year)) throw new RangeError(`${day} is no day`)
  if (yearEnds === 12) return String(year)
  const begins = getMonth(date) + 1 > yearEnds ? year : year - 1
  return `${begins}/${format(new Date(begins + 1, 0), 'yy')}`
}
