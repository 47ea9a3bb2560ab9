import { levelName, orderedLevels, type Level, type Measured, type Plan } from '../plan'
import { convertUnit, unitDefinition, type Dimension } from '../quantity'
import { letterOf, wayOf } from '../recording'

/** One level as the bench draws it: as what it is, to scale with the others. */
export interface BenchLevel extends Pick<Level, 'id' | 'value' | 'baseline' | 'picture'> {
  name: string
  /** What its number is; null for a kind. */
  dimension: Dimension | null
  /** Its size as a share of the largest, 0 to 1. */
  share: number
  /** The largest of all levels, by size. */
  largest: number
  /** Its place in the order of comparison, from 0. */
  place: number
}

/**
 * The levels of a plan as they are drawn on the bench, in the order of comparison.
 * @example benchLevels(plan)[0] // { id: 'h20', name: '20 cm', dimension: 'length', value: 20, share: 1 / 3, largest: 60, place: 0, … }
 */
export function benchLevels(plan: Plan): BenchLevel[] {
  const levels = orderedLevels(plan)
  const largest = Math.max(1e-9, ...levels.map(({ value }) => Math.abs(value ?? 0)))
  const { kind, unit } = plan.changed
  const dimension = kind === 'kinds' ? null : unit ? unitDefinition(unit).dimension : 'count'
  return levels.map(({ id, value, baseline, picture, ...level }, place) => ({
    ...{ id, value, baseline, picture, dimension, largest, place },
    name: levelName(plan, { id, value, baseline, picture, ...level }),
    share: Math.abs(value ?? 0) / largest,
  }))
}

/**
 * A number in the unit measured as the instrument shows it; null where it shows another kind of quantity.
 * @example onInstrument({ unit: 'm', instrument: { unit: 'cm', … }, … }, 0.62) // 62
 */
export function onInstrument({ unit, instrument }: Measured, value: number): number | null {
  const same = unitDefinition(unit).dimension === unitDefinition(instrument.unit).dimension
  return same ? convertUnit(value, unit, instrument.unit) : null
}

/** Something that is looked for in place of a number. */
export interface BenchChoice {
  key: string
  /** The word or letter on the bench. */
  short: string
  name: string
  /** How far along an order of words it is, 0 to 1. */
  share: number
}

/**
 * What is seen where nothing is read off an instrument: the words in their order, or the letters of what is set against each other.
 * @example benchChoices(clips).map((one) => one.short) // ['shiny', 'spotted', 'rusty']
 */
export function benchChoices(plan: Plan): BenchChoice[] {
  const words = wayOf(plan).fields(plan)[0]?.choices
  if (words)
    return words.map(({ label }, place) => ({
      key: label,
      short: label,
      name: label,
      share: words.length < 2 ? 0 : place / (words.length - 1),
    }))
  return orderedLevels(plan).map((level) => ({
    key: level.id,
    short: letterOf(plan, level.id),
    name: levelName(plan, level),
    share: 0,
  }))
}
