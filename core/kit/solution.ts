import type { CupboardInstrument } from '../instrument'
import type { Making } from '../plan'
import { convertUnit, stripRoundingNoise } from '../quantity'
import { measurable } from './measurable'

/** What to measure out for a mixture. */
export interface Mixture {
  /** Millilitres of water, measurable. */
  water: number
  /** Of what is mixed in, in its unit, measurable. */
  added: number
  /** In how many equal lots, so that each fits the largest jug there is. */
  batches: number
}

/**
 * Returns water and what goes into it for so much of a mixture, for all batches together. What is poured in is part of the volume; what
 * dissolves is not, as a spoon of salt makes no difference that a jug would show.
 * @param millilitres of the mixture, at least 0
 * @throws RangeError when the ratio is to no water at all
 * @example mix({ kind: 'solution', of: 'sugar', unit: 'g', amount: 60, inMillilitres: 1000 }, 2880, cupboard) // { water: 2880, added: 173, batches: 3 }
 */
export function mix(
  { unit, amount, inMillilitres }: Extract<Making, { kind: 'solution' }>,
  millilitres: number,
  cupboard: readonly CupboardInstrument[],
): Mixture {
  if (!(inMillilitres > 0)) throw new RangeError('a ratio is to some water')
  const share = unit === 'mL' ? inMillilitres / (inMillilitres + amount) : 1
  const water = stripRoundingNoise(millilitres * share)
  return {
    water: measurable(water, 'mL', cupboard),
    added: measurable(stripRoundingNoise((amount * water) / inMillilitres), unit, cupboard),
    batches: batchesOf(millilitres, cupboard),
  }
}

/** In how many lots a volume is mixed in the largest jug; in one where there is no jug. */
function batchesOf(millilitres: number, cupboard: readonly CupboardInstrument[]): number {
  const largest = Math.max(
    0,
    ...cupboard
      .filter((one) => one.dimension === 'volume' && one.howMany > 0)
      .map((one) => convertUnit(one.greatest, one.unit, 'mL')),
  )
  return largest === 0 ? 1 : Math.max(1, Math.ceil(stripRoundingNoise(millilitres / largest)))
}

/** One strength of a dilution series. */
export interface Dilution {
  levelId: string
  /** Millilitres of the strongest mixture. */
  strong: number
  /** Millilitres of water beside it. */
  water: number
}

/** How to make a whole series from one strong mixture. */
export interface DilutionSeries {
  /** The strong mixture that all are made from. */
  stock: Mixture
  steps: Dilution[]
}

/**
 * A dilution series: one mixture as strong as the strongest level, let down with water for the others. Each step
 * is exact to the nearest millilitre that can be measured; the stock is rounded up so that it is enough for all.
 * @param levels how much of each level is wanted in mL, and its strength: how much goes into `inMillilitres`
 * @throws RangeError when a strength or a volume is below 0
 * @example dilute({ kind: 'series', of: 'salt', unit: 'g', inMillilitres: 1000 }, [{ id: 'a', millilitres: 600, strength: 10 }, { id: 'b', millilitres: 600, strength: 40 }], cupboard).stock // { water: 750, added: 30, batches: 1 }
 * // stock 750 mL of water with 30 g; a: 150 mL strong + 450 mL water, b: 600 mL strong
 */
export function dilute(
  { unit, inMillilitres }: Extract<Making, { kind: 'series' }>,
  levels: readonly { id: string; millilitres: number; strength: number }[],
  cupboard: readonly CupboardInstrument[],
): DilutionSeries {
  if (!(inMillilitres > 0)) throw new RangeError('a ratio is to some water')
  if (levels.some((one) => !(one.strength >= 0) || !(one.millilitres >= 0)))
    throw new RangeError('strengths and volumes are from 0')
  const strongest = Math.max(0, ...levels.map((one) => one.strength))
  const steps = levels.map(({ id, millilitres, strength }) => {
    const strong = strongest === 0 ? 0 : Math.round((millilitres * strength) / strongest)
    return { levelId: id, strong, water: stripRoundingNoise(millilitres - strong) }
  })
  const water = measurable(
    steps.reduce((sum, one) => sum + one.strong, 0),
    'mL',
    cupboard,
  )
  const added = measurable((strongest * water) / inMillilitres, unit, cupboard)
  return { stock: { water, added, batches: batchesOf(water, cupboard) }, steps }
}
