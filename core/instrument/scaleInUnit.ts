import { convertUnit, stripRoundingNoise, type Unit } from '../quantity'
import type { Instrument } from './instrument'
import { readingError } from './readingError'

/** An instrument's scale in the unit of what is measured, which may be another one. */
export interface ScaleInUnit {
  /** The distance between two values that can be read: a mark, or half of it where half marks are read. */
  mark: number
  /** Standard deviation of one reading. */
  error: number
  least: number
  greatest: number
}

/** What is measured, with what, and how finely it is read. */
export interface MeasuredScale {
  measured: { unit: Unit; instrument: Instrument }
  rounding: 'mark' | 'half-mark'
}

/**
 * The scale of the plan's instrument in the unit of what is measured. A mark is the distance of two values,
 * so degrees lose their offset.
 * @example scaleInUnit(plan).greatest // 100 for a metre stick read in cm
 */
export function scaleInUnit({ measured: { unit, instrument }, rounding }: MeasuredScale): ScaleInUnit {
  const at = (amount: number) => convertUnit(amount, instrument.unit, unit)
  const length = (amount: number) => at(amount) - at(0)
  const step = instrument.smallestMark / (rounding === 'half-mark' ? 2 : 1)
  return {
    mark: Number(length(step).toPrecision(12)),
    error: length(readingError(instrument, step)),
    least: at(instrument.least),
    greatest: at(instrument.greatest),
  }
}

/**
 * The smallest difference that two readings can show, and the error of one, in the unit measured.
 * @example resolutionOf(plan) // { mark: 1, error: 1 / Math.sqrt(12) } for a metre stick read in cm
 */
export function resolutionOf(measured: MeasuredScale): Pick<ScaleInUnit, 'mark' | 'error'> {
  const { mark, error } = scaleInUnit(measured)
  return { mark, error }
}

/**
 * The nearest value that the scale can show, free of floating-point dust; values beyond its ends stay there.
 * @example nearestMark(0.1)(12.34) // 12.3
 */
export function nearestMark(mark: number): (value: number) => number {
  // Dividing by a whole number gives the same number as typing it; multiplying by 0.1 would leave dust.
  const perUnit = 1 / mark
  const whole = Math.abs(perUnit - Math.round(perUnit)) < 1e-9 ? Math.round(perUnit) : null
  return whole
    ? (value) => Math.round(value * whole) / whole
    : (value) => stripRoundingNoise(Math.round(value / mark) * mark)
}

/**
 * The smallest difference that readings of a scale can show, in the unit measured: half a step for each reading that
 * enters it, a hand on a stopwatch adding its reaction. Counts have no reading error, so they differ from one.
 * @param readings how many enter: two for a plain difference, four for that of two changes
 * @example smallestDifference(plan) // 1 for a metre stick read to whole centimetres
 */
export function smallestDifference(scale: MeasuredScale, readings = 2): number {
  const { mark, error } = scaleInUnit(scale)
  return error === 0 ? mark : stripRoundingNoise(readings * Math.sqrt(3) * error)
}
