import { firstOf, itemAt, lastOf } from '../../defined'
import { listPieces, parseNumber } from '../../quantity'
import { minutesLimits } from './moments'

/** What became of minutes that were typed. */
export type TypedMinutes = { ok: true; answer: number[] } | { ok: false; message: string }

const every =
  /^every\s+([\d.,]+)(?:\s*(?:min|minutes?))?\s+(?:for|to|until|up to)\s+([\d.,]+)(?:\s*(?:min|minutes?))?$/i

/**
 * Reads the minutes at which something is read: "0, 2, 5, 9, 15" or "every 5 to 40" (minutes).
 * @returns the minutes from first to last, or a message that says what to type instead
 * @example minutesFromText('every 5 to 20') // { ok: true, answer: [0, 5, 10, 15, 20] }
 */
export function minutesFromText(text: string): TypedMinutes {
  const typed = text.trim().replace(/[.;,\s]+$/u, '')
  const steps = every.exec(typed)
  if (steps) return checked(evenly(numberIn(itemAt(steps, 1)), numberIn(itemAt(steps, 2))))
  const listed = listPieces(typed.replace(/\s*(?:min|mins|minutes?)\b\.?/giu, ''))
  if (!listed.ok) return listed
  // "0 5 10" is a list too, unlike "3 1/2".
  const pieces = listed.pieces.flatMap((piece) => (/^[\d.,\s]+$/u.test(piece) ? piece.split(/\s+/u) : piece))
  const numbers = pieces.map(numberIn)
  const wrong = pieces.find((_, index) => Number.isNaN(itemAt(numbers, index)))
  if (wrong !== undefined)
    return {
      ok: false,
      message: `“${wrong}” isn’t a number. Type minutes like 0, 5, 10, 15 or “every 5 to 40”.`,
    }
  return checked(numbers)
}

function numberIn(text: string): number {
  const read = parseNumber(text)
  return read.kind === 'number' ? read.value : NaN
}

function evenly(step: number, last: number): number[] {
  if (!(step > 0) || !(last >= step) || last / step > minutesLimits.most) return [0]
  return Array.from({ length: Math.floor(last / step + 1e-9) + 1 }, (_, index) => index * step)
}

function checked(numbers: number[]): TypedMinutes {
  const minutes = [...new Set(numbers)].sort((a, b) => a - b)
  if (minutes.length < 2) return { ok: false, message: 'Say at least two times, like 0 and 10 minutes.' }
  if (minutes.length > minutesLimits.most)
    return { ok: false, message: `At most ${minutesLimits.most} times can be read.` }
  if (firstOf(minutes) < 0 || lastOf(minutes) > minutesLimits.greatest)
    return { ok: false, message: `Minutes go from 0 to ${minutesLimits.greatest}.` }
  return { ok: true, answer: minutes }
}

/**
 * Minutes as they stand in a sentence: evenly spaced ones by their step.
 * @example minutesSaid([0, 5, 10]) // 'every 5 minutes up to 10'
 */
export function minutesSaid(minutes: readonly number[]): string {
  const step = (minutes[1] ?? 0) - (minutes[0] ?? 0)
  const even = minutes.length > 2 && minutes[0] === 0 && minutes.every((one, index) => one === index * step)
  if (even) return `every ${step === 1 ? 'minute' : `${step} minutes`} up to ${minutes.at(-1)}`
  return `at ${minutes.slice(0, -1).join(', ')} and ${minutes.at(-1)} minutes`
}
