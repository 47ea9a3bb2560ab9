import { itemAt } from '../defined'
import { convertUnit, unitDefinition, type Unit } from '../quantity'
import type { Plan } from '../plan'

/** A slip that says what the value must have been. */
export interface FixingCause {
  /** In the unit of what is measured. */
  meant: number
  cause: string
}

/**
 * What a value would be if one of the slips had happened that fix it: ten or a hundred times too much or too little, or
 * another unit.
 * @example fixingCauses(640, plan)[0] // { meant: 64, cause: 'a nought too many' }
 */
export function fixingCauses(value: number, { measured: { unit } }: Pick<Plan, 'measured'>): FixingCause[] {
  if (value === 0) return []
  return [
    { meant: value / 10, cause: 'a nought too many' },
    { meant: value * 10, cause: 'a nought too few' },
    { meant: value / 100, cause: 'the decimal point left out, or another unit' },
    { meant: value * 100, cause: 'another unit' },
    ...otherUnits(unit).map(([from, cause]) => ({ meant: convertUnit(value, from, unit), cause })),
  ]
}

/** Units that stand on the other side of a tape or a thermometer, with how the slip is called. */
function otherUnits(unit: Unit): [from: Unit, cause: string][] {
  const { dimension, spoken } = unitDefinition(unit)
  if (dimension === 'length')
    return unit === 'in' || unit === 'ft'
      ? [['cm', `centimetres read for ${spoken}`]]
      : [['in', `inches read for ${spoken}`]]
  if (unit === 'C') return [['F', 'degrees Fahrenheit read for Celsius']]
  if (unit === 'F') return [['C', 'degrees Celsius read for Fahrenheit']]
  return []
}

/** A slip that can only be asked about: it does not say for sure what the value was. */
export interface Misreading {
  meant: number
  ask: string
  ofMarks?: boolean
}

/**
 * What a value may have been if two neighbouring digits changed places, or if marks worth two were counted as one beyond the
 * last number on the scale.
 * @example misreadings(14, plan).map((one) => one.meant) // [41, 18, 12]
 */
export function misreadings(value: number, { measured }: Pick<Plan, 'measured'>): Misreading[] {
  return [...swapped(value), ...marksMiscounted(value, measured)]
}

function swapped(value: number): Misreading[] {
  const digits = String(Math.abs(Number(value.toPrecision(10))))
  const found: Misreading[] = []
  for (let place = 0; place < digits.length - 1; place++) {
    const next = digits[place + 1] === '.' ? place + 2 : place + 1
    const [one, other] = [itemAt(digits, place), itemAt(digits, next)]
    if (one === '.' || one === other || other === undefined) continue
    const turned = digits.split('')
    turned[place] = other
    turned[next] = one
    found.push({
      meant: Math.sign(value) * Number(turned.join('')),
      ask: 'have two digits changed places?',
    })
  }
  return found
}

function marksMiscounted(value: number, { unit, instrument }: Plan['measured']): Misreading[] {
  const onScale = convertUnit(value, unit, instrument.unit)
  const number = Math.floor(onScale / instrument.numberedEvery + 1e-9) * instrument.numberedEvery
  const beyond = onScale - number
  if (beyond <= 0) return []
  return [2, 1 / 2]
    .filter((times) => beyond * times < instrument.numberedEvery)
    .map((times) => ({
      meant: convertUnit(number + beyond * times, instrument.unit, unit),
      ofMarks: true,
      ask: 'how much is one mark worth beyond the last number?',
    }))
}
