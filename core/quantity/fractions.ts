import Fraction from 'fraction.js'
import type { Unit } from './units'

/** Nobody reads an inch more finely than this. */
const finest = 1 / 16

/** Whether a distance of marks is a halving of a whole: 1, 1/2, 1/4, … */
const isHalving = (mark: number) =>
  mark >= 1 / 64 - 1e-9 && Number.isInteger(Math.round(1e6 * Math.log2(mark)) / 1e6)

/**
 * The step in which a value is printed as a fraction; null where it is printed with decimals. Inches are, and
 * eighths of an unnamed unit, which no decimal scale has.
 * @param mark distance of the values that can be read
 * @param isMean whether it comes from several readings, and so may be four times finer, down to a sixteenth
 * @example fractionStep(0.125, 'in', false) // 0.125
 */
export function fractionStep(mark: number, unit: Unit | null, isMean: boolean): number | null {
  const inFractions = unit === 'in' ? mark <= 1 : unit === null && mark <= 1 / 8
  if (!inFractions || !isHalving(mark)) return null
  return isMean ? Math.min(mark, Math.max(finest, mark / 4)) : mark
}

/**
 * A value as a whole number with a fraction, to the nearest step.
 * @example printFraction(5.375, 0.125) // '5 3/8'
 */
export function printFraction(value: number, step: number): string {
  const printed = new Fraction(Math.round(value / step)).mul(new Fraction(step)).toFraction(true)
  return printed === '-0' ? '0' : printed
}

/**
 * A value as it was typed or worked out, with no more than it says: inches as a fraction where they lie on a sixteenth.
 * @example printPlain(1.5, 'in') // '1 1/2'
 */
export function printPlain(value: number, unit: Unit | null): string {
  const sixteenths = value / finest
  if (unit === 'in' && Math.abs(sixteenths - Math.round(sixteenths)) < 1e-6)
    return printFraction(value, finest)
  return Number(value.toPrecision(12)).toString()
}
