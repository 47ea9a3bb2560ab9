import { isDay } from '../../calendar'
import { parseQuantity } from '../../quantity'
import { minutesLimits } from './moments'

/**
 * A value that was typed with the time at which it was read: "43 @ 11:30".
 * @example timeTypedWith('43 @ 11:30') // { value: '43', time: '11:30' }
 */
export function timeTypedWith(text: string): { value: string; time: string | null } {
  const at = text.indexOf('@')
  return at < 0
    ? { value: text, time: null }
    : { value: text.slice(0, at).trim(), time: text.slice(at + 1).trim() }
}

/** The time as it is kept: minutes since the start, or a day as YYYY-MM-DD. */
export type ReadTime = { ok: true; value: number | string } | { ok: false; message: string }

/**
 * Reads when something was really read.
 * @param per minutes since the start, as "11:30" or "11.5", or a day as YYYY-MM-DD
 * @example readTime('11:30', 'minute') // { ok: true, value: 11.5 }
 */
export function readTime(text: string, per: 'minute' | 'day'): ReadTime {
  if (per === 'day')
    return isDay(text) ? { ok: true, value: text } : { ok: false, message: 'Type the day like 2026-03-09.' }
  const parsed = parseQuantity(text, 'min')
  if (!parsed.ok) return { ok: false, message: 'Type the minutes after the @, like 43 @ 11:30.' }
  if (parsed.value < 0 || parsed.value > minutesLimits.greatest)
    return { ok: false, message: `Minutes go from 0 to ${minutesLimits.greatest}.` }
  return { ok: true, value: parsed.value }
}
