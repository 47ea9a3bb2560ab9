import { stripRoundingNoise } from '../../quantity'
import { kitUnit } from '../kitUnit'
import type { Availability } from './reservations'
import { fromSharedUnit, inSharedUnit, supplyFor, type Supply } from './supply'

/** Something that a shop offers. */
export interface Offer {
  name: string
  unit: string
  packSize: number
  price: number
}

/** One line of the shopping list. */
export interface ShoppingLine {
  name: string
  unit: string
  /** What is missing, in `unit`. */
  missing: number
  /** Whole packs to buy. */
  packs: number
  packSize: number
  /** What the packs cost together; null when nobody knows the price. */
  cost: number | null
  /** What will be left over, in `unit`. */
  left: number
}

/**
 * What to buy: every shortage in whole packs, by the cupboard's own pack and price, else by the shop's list.
 * @param offers what a shop sells, cheapest first among those of one name
 * @example shoppingList([{ short: 172, … }], [{ name: 'paper strip', packSize: 50, … }])[0].packs // 4
 */
export function shoppingList(all: readonly Availability[], offers: readonly Offer[]): ShoppingLine[] {
  return all
    .filter((one) => one.short > 0 && one.need.name !== 'water')
    .map(({ need, supply, short }) => {
      const offer = supplyFor(need, offers.map(asSupply))
      const source =
        supply && (supply.packSize !== null || supply.price !== null) ? supply : (offer ?? supply)
      const unit = source?.unit ?? need.unit
      const missing = fromSharedUnit(short, unit)
      // What is measured out and comes in no known pack is bought as one, as much as is missing.
      const packSize = source?.packSize ?? (kitUnit(unit).kind === 'measured' ? missing : 1)
      const packs = Math.ceil(Number((short / inSharedUnit(packSize, unit)).toPrecision(10)))
      return {
        name: need.name,
        unit,
        missing,
        packs,
        packSize,
        cost:
          source?.price === null || source?.price === undefined
            ? null
            : stripRoundingNoise(packs * source.price),
        left: stripRoundingNoise(packs * packSize - missing),
      }
    })
}

const asSupply = (offer: Offer): Supply => ({
  ...offer,
  id: offer.name,
  amount: 0,
  shelf: '',
  instead: [],
  care: '',
})

/**
 * What a list costs, as far as prices are known.
 * @example totalCost([{ cost: 2.5 }, { cost: null }]) // { known: 2.5, unknown: 1 }
 */
export function totalCost(lines: readonly Pick<ShoppingLine, 'cost'>[]): { known: number; unknown: number } {
  return {
    known: stripRoundingNoise(lines.reduce((sum, one) => sum + (one.cost ?? 0), 0)),
    unknown: lines.filter((one) => one.cost === null).length,
  }
}
