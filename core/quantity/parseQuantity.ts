import { convertUnit, unitDefinition, unitFromText, type Unit } from './units'

/** What came of reading typed text: a value in the wanted unit, or the reason why there is none. */
export type ParsedQuantity =
  | { ok: true; value: number; typedUnit: Unit | null }
  | { ok: false; problem: 'empty' | 'not-a-number' | 'unknown-unit' | 'wrong-kind-of-unit'; message: string }

const vulgarFractions: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

const number = String.raw`\d+(?:[.,]\d+)*|[.,]\d+`
const amountPattern = new RegExp(
  String.raw`^(?<sign>[-−+])?\s*(?:(?:(?<whole>\d+)\s+)?(?<top>\d+)\s*/\s*(?<bottom>\d+)|(?<plain>${number}))\s*(?<unit>[^\d\s.,/][^\d]*)?$`,
)
const clockPattern = /^(?<minutes>\d+):(?<seconds>[0-5]?\d(?:[.,]\d+)?)$/
const feetAndInchesPattern =
  /^(?<feet>\d+)\s*(?:ft|'|′|feet|foot)\s*(?<inches>\S.*?)\s*(?:in|inch|inches|"|″)$/i

/**
 * Reads a quantity as people type it: "12,5", "3 1/2", "3½", "1:05.3" (minutes and seconds),
 * "1.2 m", "4 ft", "5 ft 3 in". Without a unit the number is taken to be in `unit`.
 *
 * A comma is a decimal mark unless a point follows it; with both, the last one is the decimal mark.
 *
 * @param text what was typed
 * @param unit the unit that the value is wanted in
 * @returns the value in `unit`, or a message that says what to type instead; it never throws
 * @example parseQuantity('1.2 m', 'cm') // { ok: true, value: 120, typedUnit: 'm' }
 */
export function parseQuantity(text: string, unit: Unit): ParsedQuantity {
  const typed = text
    .normalize('NFC')
    .trim()
    .replace(/[½¼¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${vulgarFractions[sign]}`)
    .trim()
  const { symbol, spoken, dimension } = unitDefinition(unit)
  if (typed === '') return { ok: false, problem: 'empty', message: `Type a number in ${spoken}.` }

  const clock = clockPattern.exec(typed)?.groups
  if (clock && dimension === 'time') {
    const seconds = Number(clock.minutes) * 60 + decimal(clock.seconds!)
    return { ok: true, value: convertUnit(seconds, 's', unit), typedUnit: 's' }
  }
  const imperial = feetAndInchesPattern.exec(typed)?.groups
  if (imperial && dimension === 'length') {
    const inches = parseQuantity(imperial.inches!, 'in')
    if (inches.ok)
      return {
        ok: true,
        value: convertUnit(Number(imperial.feet) * 12 + inches.value, 'in', unit),
        typedUnit: 'ft',
      }
  }

  const parts = amountPattern.exec(typed)?.groups
  const size = parts ? amount(parts) : NaN
  if (!parts || !Number.isFinite(size))
    return {
      ok: false,
      problem: 'not-a-number',
      message: `“${shorten(text)}” is not a number. Type it like ${dimension === 'count' ? '12' : `12.5 ${symbol} or 3 1/2`}.`,
    }

  const value = parts.sign === '-' || parts.sign === '−' ? -size : size
  if (!parts.unit) return { ok: true, value, typedUnit: null }
  const typedUnit = unitFromText(parts.unit)
  if (!typedUnit)
    return {
      ok: false,
      problem: 'unknown-unit',
      message: `“${shorten(parts.unit)}” is not a unit we know. ${measuredIn(unit)}`,
    }
  if (unitDefinition(typedUnit).dimension !== dimension)
    return {
      ok: false,
      problem: 'wrong-kind-of-unit',
      message: `${capital(unitDefinition(typedUnit).spoken)} do not fit here. ${measuredIn(unit)}`,
    }
  return { ok: true, value: convertUnit(value, typedUnit, unit), typedUnit }
}

function measuredIn(unit: Unit): string {
  const { dimension, spoken, symbol } = unitDefinition(unit)
  return dimension === 'count' ? 'Type a number of things.' : `This is measured in ${spoken} (${symbol}).`
}

function amount(parts: Record<string, string | undefined>): number {
  if (parts.top) return Number(parts.whole ?? 0) + Number(parts.top) / Number(parts.bottom)
  return decimal(parts.plain!)
}

function decimal(digits: string): number {
  const last = Math.max(digits.lastIndexOf('.'), digits.lastIndexOf(','))
  if (last < 0) return Number(digits)
  const whole = digits.slice(0, last)
  // Grouping marks before the decimal mark must stand every three digits, else this is no number.
  if (/[.,]/.test(whole) && !/^\d{1,3}([.,]\d{3})+$/.test(whole)) return NaN
  return Number(`${whole.replace(/[.,]/g, '')}.${digits.slice(last + 1)}`)
}

function shorten(text: string): string {
  const line = text.trim()
  return line.length > 24 ? `${line.slice(0, 23)}…` : line
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
