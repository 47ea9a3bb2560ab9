import { fractionStep, printPlain } from './fractions'
import { decimalsOfMark, printNumber, withUnit } from './printQuantity'
import type { Unit } from './units'

/** More decimals than this nobody types: they come from another unit. */
const typedDecimals = 3

/**
 * A reading with the digits that it was taken with: those of its scale, and more where somebody read between the marks. What was read in
 * another unit has one digit more than its scale.
 * @example printReading(3.6, 1) // '3.6'
 */
export function printReading(value: number, mark: number, unit: Unit | null = null): string {
  const shown = printNumber(value, mark, 0, unit)
  if (!Number.isFinite(value) || Number(shown) === value) return shown
  const inFractions = fractionStep(mark, unit, false) !== null
  const plain = printPlain(value, inFractions ? 'in' : null)
  const decimals = plain.split('.')[1]?.length ?? 0
  const most = inFractions ? typedDecimals : Math.max(typedDecimals, decimalsOfMark(mark))
  return decimals <= most ? plain : printNumber(value, mark, 1, unit)
}

/**
 * A reading with its digits and its unit.
 * @example printReadingIn(0.88, 'm', 0.1) // '0.88 m'
 */
export const printReadingIn = (value: number, unit: Unit, mark: number): string =>
  Number.isFinite(value) ? withUnit(printReading(value, mark, unit), unit) : printReading(value, mark)
