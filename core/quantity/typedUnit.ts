import { convertUnit, unitDefinition, unitFromText, type Unit } from './units'

/** A unit as it was typed: so many of one that the product measures in. */
export interface TypedUnit {
  unit: Unit
  /** How many of `unit` one of these is. */
  times: number
  /** How it is said, in the plural. */
  spoken: string
}

/** Written on things at school, but not measured in here. */
const others: Record<string, TypedUnit> = {
  km: { unit: 'm', times: 1000, spoken: 'kilometres' },
  dm: { unit: 'cm', times: 10, spoken: 'decimetres' },
  mg: { unit: 'g', times: 0.001, spoken: 'milligrams' },
  dl: { unit: 'mL', times: 100, spoken: 'decilitres' },
  cl: { unit: 'mL', times: 10, spoken: 'centilitres' },
  h: { unit: 'min', times: 60, spoken: 'hours' },
}
const alsoTyped: Record<string, string> = {
  kilometre: 'km',
  kilometres: 'km',
  decilitre: 'dl',
  decilitres: 'dl',
  centilitre: 'cl',
  centilitres: 'cl',
  hr: 'h',
  hrs: 'h',
  hour: 'h',
  hours: 'h',
}

/**
 * The unit that typed letters stand for where `wanted` is measured in: "m" is minutes on a clock and metres on a ruler, and
 * a degree is one of the thermometer that is read.
 * @returns null when no unit is written that way
 * @example typedUnit('dl', 'mL') // { unit: 'mL', times: 100, spoken: 'decilitres' }
 */
export function typedUnit(text: string, wanted: Unit): TypedUnit | null {
  const letters = text.trim().toLowerCase().replace(/\.$/, '')
  const { dimension } = unitDefinition(wanted)
  const own = (unit: Unit): TypedUnit => ({ unit, times: 1, spoken: unitDefinition(unit).spoken })
  if (dimension === 'time' && letters === 'm') return own('min')
  if (dimension === 'temperature' && ['°', 'degree', 'degrees', 'deg'].includes(letters)) return own(wanted)
  const other = others[alsoTyped[letters] ?? letters]
  if (other) return other
  const known = unitFromText(letters)
  return known ? own(known) : null
}

/** The units that follow each other in one amount: "1 m 20 cm", "5 ft 2 in", "2 min 5 s". */
const smaller: Partial<Record<Unit, { unit: Unit; many: number }>> = {
  m: { unit: 'cm', many: 100 },
  cm: { unit: 'mm', many: 10 },
  ft: { unit: 'in', many: 12 },
  kg: { unit: 'g', many: 1000 },
  L: { unit: 'mL', many: 1000 },
  min: { unit: 's', many: 60 },
}

/**
 * The unit that comes after another in one amount, and how many of it make one of the other.
 * @example nextSmaller({ unit: 'ft', times: 1, spoken: 'feet' }) // { unit: 'in', times: 1, spoken: 'inches', many: 12 }
 */
export function nextSmaller(of: TypedUnit): (TypedUnit & { many: number }) | null {
  if (of === others.h) return { unit: 'min', times: 1, spoken: 'minutes', many: 60 }
  const next = of.times === 1 ? smaller[of.unit] : undefined
  return next
    ? { unit: next.unit, times: 1, spoken: unitDefinition(next.unit).spoken, many: next.many }
    : null
}

/**
 * An amount of a typed unit in the unit wanted.
 * @throws RangeError when the two measure different things.
 * @example inUnit(2, { unit: 'mL', times: 100, spoken: 'decilitres' }, 'L') // 0.2
 */
export function inUnit(amount: number, typed: TypedUnit, wanted: Unit): number {
  return Number(convertUnit(amount * typed.times, typed.unit, wanted).toPrecision(12))
}
