import { defined } from '../defined'
import { unitFromText, unitDefinition, type Unit } from '../quantity'

/** How a line of the kit is measured: whole things, perhaps with a word for them, or an amount in a unit. */
export type KitUnit = { kind: 'things'; word: string } | { kind: 'measured'; unit: Unit }

const measured = new Set(['length', 'mass', 'volume'])

/**
 * What a typed unit stands for. Only lengths, masses and volumes are measured out; all else is counted.
 * @example kitUnit('ml') // { kind: 'measured', unit: 'mL' }
 * @example kitUnit('sheets') // { kind: 'things', word: 'sheets' }
 */
export function kitUnit(text: string): KitUnit {
  const unit = unitFromText(text)
  return unit && measured.has(unitDefinition(unit).dimension)
    ? { kind: 'measured', unit }
    : { kind: 'things', word: text.trim() }
}

/** The unit that amounts of its dimension are added up in. */
const small: Partial<Record<string, Unit>> = { length: 'cm', mass: 'g', volume: 'mL' }

/**
 * The unit in which amounts of one thing are added up: "L" and "mL" both become mL, words of count stay.
 * @example sharedUnit('L') // 'mL'
 */
export function sharedUnit(text: string): string {
  const known = kitUnit(text)
  if (known.kind === 'things') return known.word
  return defined(small[unitDefinition(known.unit).dimension])
}
