import { format, formatISO, isToday, isTomorrow, isYesterday, parseISO } from 'date-fns'

/** A lesson's day as a teacher says it: "today", "Tue 24 Nov". */
export function dayWords(day: string): string {
  const date = parseISO(day)
  if (isToday(date)) return 'today'
  if (isTomorrow(date)) return 'tomorrow'
  if (isYesterday(date)) return 'yesterday'
  return columnDay(day)
}

/** A day in a column, which is read later too: "Tue 24 Nov". */
export function columnDay(day: string): string {
  return format(parseISO(day), 'EEE d MMM')
}

/** A lesson's day as it stands on paper, which is read later too: "Tue 24 Nov 2026". */
export function paperDay(day: string): string {
  return format(parseISO(day), 'EEE d MMM yyyy')
}

/** A moment as clock time. */
export function timeWords(moment: string): string {
  return format(parseISO(moment), 'HH:mm:ss')
}

/** A moment in a line of its own day: "14:05". */
export function shortTime(moment: string): string {
  return format(parseISO(moment), 'HH:mm')
}

/**
 * A moment of a lesson: its time, and its day where that is not the day on which the lesson began.
 * @example withinLesson('2026-03-11T10:05:00', '2026-03-09') // '11 Mar 10:05'
 */
export function withinLesson(moment: string, day: string): string {
  const own = formatISO(parseISO(moment), { representation: 'date' })
  return own === day ? shortTime(moment) : `${format(parseISO(own), 'd MMM')} ${shortTime(moment)}`
}

/** A moment as a teacher says it: "today at 14:05", "Tue 24 Nov at 08:10". */
export function momentWords(moment: string): string {
  return `${dayWords(moment)} at ${shortTime(moment)}`
}
