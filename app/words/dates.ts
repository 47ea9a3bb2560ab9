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

/** A moment as a teacher says it: "today at 14:05", "Tue 24 Nov at 08:10". */
export function momentWords(moment: string): string {
  return `${dayWords(moment)} at ${format(parseISO(moment), 'HH:mm')}`
}

/** Today as YYYY-MM-DD, by the clock of this device. */
export const today = (): string => formatISO(new Date(), { representation: 'date' })
