/**
 * A time as people say it: seconds under a minute and a half, else whole minutes.
 * @param seconds at least 0
 * @example minutesWords(660) // '11 minutes'
 */
export function minutesWords(seconds: number): string {
  if (seconds < 90) return `${Math.round(seconds)} s`
  return `${Math.round(seconds / 60)} minutes`
}
