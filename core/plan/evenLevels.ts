import type { CupboardInstrument } from '../instrument'
import { convertUnit, unitDefinition, type Unit } from '../quantity'
import type { Changed } from './plan'

/**
 * Numbers in even steps from the least to the greatest, both included, on as round a step as can be: the
 * step is rounded down to 1, 2, 2.5 or 5 times a power of ten, so the last level may stay short of `greatest`.
 * @param count how many, at least 2
 * @throws RangeError for fewer than two levels or a range without length.
 * @example evenLevels(0, 100, 4) // [0, 25, 50, 75]
 */
export function evenLevels(least: number, greatest: number, count: number): number[] {
  if (!Number.isInteger(count) || count < 2) throw new RangeError('even steps need at least two levels')
  if (!(greatest > least)) throw new RangeError('the greatest level must lie above the least')
  const exact = (greatest - least) / (count - 1)
  const power = 10 ** Math.floor(Math.log10(exact))
  const step = [5, 2.5, 2, 1].map((times) => times * power).find((one) => one <= exact * (1 + 1e-9)) ?? power
  return Array.from({ length: count }, (_, index) => Number((least + index * step).toPrecision(12)))
}

/**
 * How far levels in a unit can go by what lies in the cupboard: as far as the first instrument that could set them.
 * @returns null where there is none, and for temperatures, which no ruler sets
 * @example rangeOf(instrumentCupboard, 'cm') // { least: 0, greatest: 100 }
 */
export function rangeOf(cupboard: readonly CupboardInstrument[], unit: Unit): Changed['range'] {
  const { dimension } = unitDefinition(unit)
  const found = cupboard.find((one) => one.dimension === dimension)
  if (!found || dimension === 'temperature') return null
  return {
    least: convertUnit(found.least, found.unit, unit),
    greatest: convertUnit(found.greatest, found.unit, unit),
  }
}
