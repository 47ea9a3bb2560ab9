import type { CupboardInstrument } from '../../instrument'
import { convertUnit, stripRoundingNoise, type Unit } from '../../quantity'
import { kitUnit, sharedUnit } from '../kitUnit'
import { supplyKey } from '../sameThing'

/** One line of the school's store cupboard. */
export interface Supply {
  id: string
  name: string
  /** mL, g, cm, a word such as "sheets", or nothing for things that are counted. */
  unit: string
  /** How much there is, in `unit`. */
  amount: number
  /** Where it lies: "shelf 3, blue box". */
  shelf: string
  /** How much a pack holds, in `unit`; null when it is bought one by one. */
  packSize: number | null
  /** What a pack costs, or one where there are no packs; null when nobody knows. */
  price: number | null
  /** Other supplies that do the same job, by name, the best first. */
  instead: string[]
  /** What the school itself has to say about handling it; empty for nothing. */
  care: string
}

/** The supply that a need is met from: the same name, and a unit that it can be measured in. */
export function supplyFor(
  need: { key: string; unit: string },
  supplies: readonly Supply[],
): Supply | undefined {
  return supplies.find(
    (one) => supplyKey(one.name) === need.key && isCounted(one.unit) === isCounted(need.unit),
  )
}

const isCounted = (unit: string) => (kitUnit(unit).kind === 'things' ? '' : sharedUnit(unit))

/** An amount of a supply in the unit that needs are added up in. */
export function inSharedUnit(amount: number, unit: string): number {
  const known = kitUnit(unit)
  return known.kind === 'measured' ? convertUnit(amount, known.unit, sharedUnit(unit) as Unit) : amount
}

/** An amount in the unit that needs are added up in, back in the unit of a supply. */
export function fromSharedUnit(amount: number, unit: string): number {
  const known = kitUnit(unit)
  return known.kind === 'measured'
    ? stripRoundingNoise(convertUnit(amount, sharedUnit(unit) as Unit, known.unit))
    : amount
}

/** A supply that stands for an instrument of the cupboard is known by this. */
export const instrumentSupply = 'instrument:'

/**
 * Everything that a lesson can take: the materials, and the instruments as far as no material has their name.
 * @example withInstruments([], [balance])[0].amount // 3
 */
export function withInstruments(
  supplies: readonly Supply[],
  cupboard: readonly CupboardInstrument[],
): Supply[] {
  const known = new Set(supplies.map((one) => supplyKey(one.name)))
  return [
    ...supplies,
    ...cupboard
      .filter((one) => !known.has(supplyKey(one.name)))
      .map((one) => ({
        id: `${instrumentSupply}${one.id}`,
        name: one.name,
        unit: '',
        amount: one.howMany,
        shelf: 'cupboard of instruments',
        packSize: null,
        price: null,
        instead: [],
        care: '',
      })),
  ]
}
