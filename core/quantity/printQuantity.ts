import { fractionStep, printFraction } from './fractions'
import { unitDefinition, type Unit } from './units'

/**
 * How many decimals a scale with this mark can honestly show.
 * @example decimalsOfMark(0.5) // 1
 */
export function decimalsOfMark(mark: number): number {
  for (let decimals = 0; decimals < 6; decimals++) {
    const scaled = mark * 10 ** decimals
    if (Math.abs(scaled - Math.round(scaled)) < 1e-6 * scaled) return decimals
  }
  return 6
}

/**
 * Prints a number with the decimals of its scale and no unit; what never came is no number.
 * @param extraDecimals for means of several readings, which may be ten times finer than one reading, but no more than that: a mean of half degrees
 * has one decimal, not two
 * @param unit inches are printed as fractions
 * @example printNumber(62.333, 1, 1) // '62.3'
 */
export function printNumber(
  value: number,
  mark: number,
  extraDecimals = 0,
  unit: Unit | null = null,
): string {
  if (Math.abs(value) === Infinity) return 'never'
  const step = fractionStep(mark, unit, extraDecimals > 0)
  if (step !== null) return printFraction(value, step)
  const text = value.toFixed(
    extraDecimals === 0 || isReading(value, mark)
      ? decimalsOfMark(mark)
      : decimalsOfMean(mark, extraDecimals),
  )
  const plain = extraDecimals > 0 && text.includes('.') ? text.replace(/\.?0+$/, '') : text
  return Number(plain) === 0 ? plain.replace('-', '') : plain
}

/** Whether a value lies on a mark, as a single reading does. */
const isReading = (value: number, mark: number) => Math.abs(value / mark - Math.round(value / mark)) < 1e-6

const decimalsOfMean = (mark: number, extra: number) =>
  Math.min(6, Math.max(0, Math.floor(extra - Math.log10(mark) + 1e-9)))

/**
 * Prints a value with its unit and no false digits.
 * @example printQuantity(62.333, 'cm', 1, 1) // '62.3 cm'
 */
export function printQuantity(value: number, unit: Unit, mark: number, extraDecimals = 0): string {
  const printed = printNumber(value, mark, extraDecimals, unit)
  return Math.abs(value) === Infinity ? printed : withUnit(printed, unit)
}

/**
 * A unit behind the word "in": "in cm", "in inches"; empty for things counted.
 * @example unitSaid('in') // 'inches'
 */
export const unitSaid = (unit: Unit): string => (unit === 'in' ? 'inches' : unitDefinition(unit).symbol)

/**
 * A printed number with its unit; inches are written out, since "5 in in each group" is read twice.
 * @example withUnit('8', 'percent') // '8%'
 */
export function withUnit(printed: string, unit: Unit): string {
  if (unit === 'percent') return `${printed}%`
  if (unit === 'in') return `${printed} ${/^(?:1|\d+\/\d+)$/.test(printed) ? 'inch' : 'inches'}`
  return `${printed} ${unitDefinition(unit).symbol}`.trimEnd()
}
