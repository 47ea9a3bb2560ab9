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

/**
 * The supply that a need is met from: the same name, and a unit that it can be measured in. Bottles and bags that say how much is in one
 * are taken by what they hold.
 * @example supplyFor({ key: 'oil', unit: 'mL' }, [{ ...oil, unit: 'bottles of 1 L', amount: 2 }])?.amount // 2000
 */
export function supplyFor(
  need: { key: string; unit: string },
  supplies: readonly Supply[],
): Supply | undefined {
  const named = supplies.filter((one) => supplyKey(one.name) === need.key)
  const fits = (one: Supply) => isCounted(one.unit) === isCounted(need.unit)
  return named.find(fits) ?? named.map(byContents).find(fits)
}

/**
 * What is taken out of the cupboard for a need, in the unit in which that supply is counted: 1.5 of bottles that hold a litre.
 * @returns null where the cupboard does not list it
 * @example takenFor({ key: 'oil', unit: 'mL', amount: 1500 }, [{ ...oil, id: 'o', unit: 'bottles of 1 L' }]) // { supplyId: 'o', amount: 1.5 }
 */
export function takenFor(
  need: { key: string; unit: string; amount: number },
  supplies: readonly Supply[],
): { supplyId: string; amount: number } | null {
  const supply = supplyFor(need, supplies)
  if (!supply) return null
  const own = supplies.find((one) => one.id === supply.id)
  const each = own && own.unit !== supply.unit ? contentsOf(own.unit) : null
  const amount = each === null ? fromSharedUnit(need.amount, supply.unit) : need.amount / each
  return { supplyId: supply.id, amount: stripRoundingNoise(amount) }
}

const contents = /(\d+(?:[.,]\d+)?)\s*(mL|L|litres?|g|kg|cm|m)\b/i

/** Two bottles of a litre as 2,000 mL, bought by the litre. */
function byContents(supply: Supply): Supply {
  const each = contentsOf(supply.unit)
  if (each === null) return supply
  return {
    ...supply,
    unit: sharedUnit(contents.exec(supply.unit)?.[2] ?? ''),
    amount: stripRoundingNoise(supply.amount * each),
    packSize: stripRoundingNoise((supply.packSize ?? 1) * each),
  }
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

/** How much is in one bottle or bag that says so, in mL, g or cm. */
function contentsOf(unit: string): number | null {
  const found = kitUnit(unit).kind === 'things' ? contents.exec(unit) : null
  if (!found) return null
  const [, amount = '', of = ''] = found
  const each = inSharedUnit(Number(amount.replace(',', '.')), of)
  return each > 0 ? each : null
}
