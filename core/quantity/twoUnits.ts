import { inUnit, nextSmaller, type TypedUnit } from './typedUnit'
import type { Unit } from './units'

/** What parts of a unit people write behind a point although they are not tenths: minutes of an hour, inches of a foot. */
const digitsBehind = (typed: TypedUnit): RegExp | null => {
  if (typed.unit === 'min') return /^(\d+)[.,]([0-5]\d)$/u
  // "5.5 ft" is five and a half.
  return typed.unit === 'ft' ? /^(\d+)[.,]([1-46-9]|1[01])$/u : null
}

/**
 * A decimal that may be two units: "1.30 min" is 1.3 min or 1 min 30 s, "5.11 ft" 5.11 ft or 5 ft 11 in.
 * @returns both readings in the unit wanted, the decimal first; null where only the decimal makes sense
 * @example asTwoUnits('1.30', { unit: 'min', times: 1, spoken: 'minutes' }, 's') // [{ value: 78, words: '1.3 min' }, { value: 90, words: '1 min 30 s' }]
 */
export function asTwoUnits(
  number: string,
  typed: TypedUnit,
  wanted: Unit,
): [QuantityReading, QuantityReading] | null {
  const found = digitsBehind(typed)?.exec(number)
  const next = nextSmaller(typed)
  if (!found || !next || Number(found[2]) === 0) return null
  const decimal = Number(number.replace(',', '.'))
  const symbol = typed.times === 60 ? 'h' : typed.unit
  const [larger, smaller] = [Number(found[1]), Number(found[2])]
  return [
    { value: inUnit(decimal, typed, wanted), words: `${decimal} ${symbol}` },
    {
      value: Number((inUnit(larger, typed, wanted) + inUnit(smaller, next, wanted)).toPrecision(12)),
      words: `${larger} ${symbol} ${smaller} ${next.unit}`,
    },
  ]
}

/** One of the two things that a text may mean. */
export interface QuantityReading {
  /** In the unit wanted. */
  value: number
  /** As it would be said: "1200 g". */
  words: string
}
