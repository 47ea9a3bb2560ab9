import { firstOf, itemAt, defined } from '../defined'
import { isCountedNoun } from './countedNoun'
import { numberPattern, parseNumber, type ParsedNumber, type PointsPart } from './parseNumber'
import { hasRaisedDigit, plainText } from './plainText'
import { asTwoUnits, type QuantityReading } from './twoUnits'
import { inUnit, nextSmaller, typedUnit, type TypedUnit } from './typedUnit'
import { unitDefinition, type Unit } from './units'
import { capital } from './wording'

export type { QuantityReading }

/** What came of reading typed text: a value in the wanted unit, or the reason why there is none. */
export type ParsedQuantity =
  | { ok: true; value: number; typedUnit: Unit | null }
  | {
      ok: false
      problem: 'empty' | 'not-a-number' | 'too-large' | 'unknown-unit' | 'wrong-kind-of-unit' | 'two-ways'
      message: string
      /** Where the text reads two ways, both of them; else empty. */
      readings: QuantityReading[]
    }

/** Nothing measured in a primary school is more than this in any unit. */
export const mostTyped = 1e6

/** A stopwatch that shows hundredths writes 12.34 s as 12:34. */
const hundredths = 0.05

const partPattern = new RegExp(
  String.raw`\s*(${numberPattern})\s*([^\d\s.,/⁄+]+(?:\s+[^\d\s.,/⁄+]+)*\d?(?=\s|$|\.)|[^\d\s.,/⁄+]+)?\.?`,
  'uy',
)
const clockPattern = /^(\d+):(\d{1,2})(?::(\d{1,2}))?([.,]\d+)?\s*(\p{L}*)\.?$/u

/**
 * Reads a quantity as people type it: "12,5", "3 1/2", "3½", "1:05.3" (minutes and seconds), "1.2 m", "1 m 20 cm", "1m 20",
 * "5 ft 3 in", "2 min 5 s", "12 clips", "minus 5", "12cm.". Without a unit the number is taken to be in `unit`.
 *
 * What reads two ways is never guessed: "1,200" may be 1.2 or 1200, "12:34" on a stopwatch with hundredths 12.34 s or 12 min 34 s,
 * "1.30 min" 1.3 min or 1 min 30 s.
 *
 * @param text what was typed
 * @param unit the unit that the value is wanted in
 * @param mark the instrument's smallest mark in `unit`, where one is read
 * @returns the value in `unit`, or a message that says what to type instead; it never throws
 * @example parseQuantity('1.2 m', 'cm') // { ok: true, value: 120, typedUnit: 'm' }
 */
export function parseQuantity(text: string, unit: Unit, mark?: number): ParsedQuantity {
  const typed = plain(text)
  const { spoken, dimension } = unitDefinition(unit)
  if (typed === '')
    return refuse('empty', dimension === 'count' ? 'Type a number of things.' : `Type a number in ${spoken}.`)
  if (hasRaisedDigit(text))
    return refuse(
      'not-a-number',
      `“${shorten(text)}” has a small raised digit in it. Type the whole number in normal digits.`,
    )
  const signed = /^(?:[-−–+]|minus\b|plus\b)\s*/i.exec(typed)?.[0] ?? ''
  const sign = /^[-−–m]/i.test(signed) ? -1 : 1
  const body = typed.slice(signed.length)
  const clock = dimension === 'time' ? clockPattern.exec(body) : null
  if (clock && sign < 0) return refuse('not-a-number', 'A time has no minus. Type it like 1:05.')
  const found = clock ? readClock(clock, unit, mark) : readParts(body, unit, mark)
  if (!found) return refuse('not-a-number', notANumber(text, unit))
  return withSign(found, sign)
}

function withSign(found: ParsedQuantity, sign: number): ParsedQuantity {
  const tooLarge = (value: number) => Math.abs(value) > mostTyped
  if (found.ok) {
    if (tooLarge(found.value)) return refuse('too-large', 'This is far too big. Check the noughts.')
    // A nought has no sign.
    return { ...found, value: found.value === 0 ? 0 : sign * found.value }
  }
  if (found.problem !== 'two-ways') return found
  // Both stay to choose from, though one may be more than can be kept: nobody knows which was meant.
  const readings = found.readings.map(({ value, words }) => ({
    value: sign * value,
    words: sign < 0 ? `−${words}` : words,
  }))
  if (readings.every((one) => tooLarge(one.value)))
    return refuse('too-large', 'This is far too big. Check the noughts.')
  return { ...found, readings, message: `Is this ${readings.map((one) => one.words).join(' or ')}?` }
}

/** The text without what carries no meaning: outer quotes, closing points, wide digits, signs that stand for letters. */
function plain(text: string): string {
  const normal = plainText(text).replace(/′′|''/g, '″').trim()
  const quoted = /^[“”"'‘’«„](.*?)[“”"'‘’»]$/su.exec(normal)
  return (quoted?.[1] ?? normal).replace(/[\s.]+$/u, '').trim()
}

/** One number of a text, with the letters behind it. */
interface Part {
  text: string
  letters: string
}

function readParts(body: string, unit: Unit, mark?: number): ParsedQuantity | null {
  const parts: Part[] = []
  partPattern.lastIndex = 0
  while (partPattern.lastIndex < body.length) {
    const match = partPattern.exec(body)
    if (!match) return null
    parts.push({ text: itemAt(match, 1), letters: match[2]?.trim() ?? '' })
  }
  for (const part of parts) {
    const number = parseNumber(part.text)
    if (number.kind === 'none') return number.why ? refuse('not-a-number', number.why) : null
  }
  if (parts.length === 1) return readOne(firstOf(parts), unit, mark)
  return parts.length > 1 && parts.length <= 3 ? readCompound(parts, unit) : null
}

function readOne({ text, letters }: Part, unit: Unit, mark?: number): ParsedQuantity | null {
  // A range is no amount of a unit that begins with a dash.
  if (/^[-–−]/u.test(letters)) return null
  const own: TypedUnit = { unit, times: 1, spoken: '' }
  const plainly = parseNumber(text)
  const found = letters === '' ? own : unitOf(letters, unit, plainly.kind === 'number' ? plainly.value : 0)
  if (!found || 'ok' in found) return found
  const inWanted = (value: number) => inUnit(value, found, unit)
  const number = parseNumber(text, pointsPart(found, unit, mark))
  const twoUnits = asTwoUnits(text, found, unit)
  if (twoUnits) return { ...refuse('two-ways', ''), readings: twoUnits }
  if (number.kind === 'number')
    return { ok: true, value: inWanted(number.value), typedUnit: letters === '' ? null : found.unit }
  if (number.kind !== 'either') return null
  const symbol = letters || unitDefinition(unit).symbol
  return {
    ...refuse('two-ways', ''),
    readings: number.values.map((value) => ({ value: inWanted(value), words: `${value} ${symbol}`.trim() })),
  }
}

/** Units of which a thousand may lie on a table. */
const inThousands = new Set<Unit>(['g', 'mL', 'mm', 'cm', 's'])

/** Whether a point may part thousands: not in litres, and not where the instrument shows thousandths. */
function pointsPart(typed: TypedUnit, unit: Unit, mark?: number): PointsPart {
  if (unitDefinition(unit).dimension === 'count') return 'always'
  if (typed.times !== 1 || !inThousands.has(typed.unit)) return 'never'
  if (mark === undefined) return 'before-noughts'
  const finest = inUnit(mark, { unit, times: 1, spoken: '' }, typed.unit)
  return finest > 0.0011 ? 'always' : 'never'
}

/** Larger units first, each followed by the next smaller one, whose letters may be left out at the end. */
function readCompound(parts: readonly Part[], unit: Unit): ParsedQuantity | null {
  let sum = 0
  let before: TypedUnit | null = null
  for (const [index, { text, letters }] of parts.entries()) {
    const number: ParsedNumber = parseNumber(text)
    if (number.kind !== 'number') return null
    const due: (TypedUnit & { many: number }) | null = before ? nextSmaller(before) : null
    if (before && !due) return null
    const found: TypedUnit | ParsedQuantity | null =
      letters === '' ? (due ?? { unit, times: 1, spoken: '' }) : unitOf(letters, unit, number.value)
    // Words between two numbers that are no unit make no amount of them.
    if (!found || ('ok' in found && !found.ok && found.problem === 'unknown-unit')) return null
    if ('ok' in found) return found
    if (index === 0 && letters === '') return null
    if (due && (found.unit !== due.unit || found.times !== due.times)) return null
    const last = index === parts.length - 1
    if (!last && !Number.isInteger(number.value))
      return refuse(
        'not-a-number',
        `Type whole ${found.spoken} beside ${nextSmaller(found)?.spoken ?? 'a smaller unit'}, or one number with a decimal point.`,
      )
    if (due && number.value >= due.many)
      return refuse(
        'not-a-number',
        `${capital(due.spoken)} go up to ${due.many - 1} beside ${defined(before).spoken}.`,
      )
    sum += inUnit(number.value, found, unit)
    before = found
  }
  return { ok: true, value: Number(sum.toPrecision(12)), typedUnit: defined(before).unit }
}

/** The unit of typed letters, or why they do not fit here. Things counted may be called what they are. */
function unitOf(letters: string, unit: Unit, amount: number): TypedUnit | ParsedQuantity | null {
  const { dimension } = unitDefinition(unit)
  const found = typedUnit(letters, unit)
  if (!found && dimension === 'count')
    return isCountedNoun(letters, amount)
      ? { unit, times: 1, spoken: letters }
      : refuse('not-a-number', `Type the number alone, without “${shorten(letters)}”.`)
  if (!found)
    return refuse('unknown-unit', `“${shorten(letters)}” is not a unit we know. ${measuredIn(unit)}`)
  if (unitDefinition(found.unit).dimension !== dimension)
    return refuse('wrong-kind-of-unit', `${capital(found.spoken)} do not fit here. ${measuredIn(unit)}`)
  return found
}

/** Minutes and seconds, or hours before them; on a stopwatch with hundredths seconds and hundredths as well. */
function readClock(match: RegExpExecArray, unit: Unit, mark?: number): ParsedQuantity | null {
  const [first, second, third] = match.slice(1, 4).map((part) => (part === undefined ? null : Number(part)))
  const rest = match[4] ? Number(`0${match[4].replace(',', '.')}`) : 0
  const letters = itemAt(match, 5).toLowerCase()
  const hours = ['h', 'hr', 'hrs', 'hour', 'hours'].includes(letters)
  const minutes = ['', 'min', 'mins', 'm', 'minute', 'minutes'].includes(letters)
  if (!hours && !minutes) return null
  if (itemAt(match, third === null ? 2 : 3).length === 1)
    return refuse('not-a-number', 'Type two digits after the colon, like 1:05 or 1:50.')
  const limits = (third ?? 0) < 60 && defined(second) < 60
  const seconds =
    third !== null
      ? defined(first) * 3600 + defined(second) * 60 + defined(third)
      : hours
        ? defined(first) * 3600 + defined(second) * 60
        : defined(first) * 60 + defined(second)
  const asTime: QuantityReading = {
    value: inSeconds(seconds + rest, unit),
    words:
      third !== null || hours
        ? `${first} h ${second} min${third ? ` ${third} s` : ''}`
        : `${first} min ${second} s`,
  }
  const finest = mark === undefined ? Infinity : inUnit(mark, { unit, times: 1, spoken: '' }, 's')
  if (finest <= hundredths && letters === '' && rest === 0) {
    const whole = third === null ? defined(first) : defined(first) * 60 + defined(second)
    const parts = defined(third ?? second) / 100
    const asHundredths = {
      value: inSeconds(whole + parts, unit),
      words: `${Number((whole + parts).toFixed(2))} s`,
    }
    if (!limits) return { ok: true, value: asHundredths.value, typedUnit: 's' }
    return { ...refuse('two-ways', ''), readings: [asHundredths, asTime] }
  }
  if (!limits)
    return refuse('not-a-number', 'Seconds and minutes go up to 59 beside a larger unit. Type it like 1:05.')
  return { ok: true, value: asTime.value, typedUnit: 's' }
}

const inSeconds = (seconds: number, unit: Unit) => inUnit(seconds, { unit: 's', times: 1, spoken: '' }, unit)

function refuse(
  problem: Exclude<ParsedQuantity, { ok: true }>['problem'],
  message: string,
): Exclude<ParsedQuantity, { ok: true }> {
  return { ok: false, problem, message, readings: [] }
}

function notANumber(text: string, unit: Unit): string {
  const { dimension, symbol } = unitDefinition(unit)
  return `“${shorten(text)}” is not a number. Type it like ${dimension === 'count' ? '12' : `12.5 ${symbol} or 3 1/2`}.`
}

function measuredIn(unit: Unit): string {
  const { dimension, spoken, symbol } = unitDefinition(unit)
  return dimension === 'count' ? 'Type a number of things.' : `This is measured in ${spoken} (${symbol}).`
}

function shorten(text: string): string {
  const line = text.trim()
  return line.length > 24 ? `${line.slice(0, 23)}…` : line
}
