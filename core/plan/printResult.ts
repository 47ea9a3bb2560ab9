import { resolutionOf } from '../instrument'
import { printNumber, printQuantity, printReadingIn } from '../quantity'
import type { Plan } from './plan'

/**
 * A result as people read it, on the scale of a plan's scores: a quantity with its unit, a place, or a word; halves lie between two of
 * these.
 * @param extraDecimals for the middle of several, which may show one decimal more
 * @example printResult(plan, 62.333, 1) // '62.3 cm'
 * @example printResult(scoredPlan(race), 1.5) // 'place 1.5'
 */
export function printResult(
  plan: Pick<Plan, 'measured' | 'rounding'>,
  value: number,
  extraDecimals = 0,
): string {
  const { scale, unit } = plan.measured
  switch (scale?.kind) {
    case undefined:
      return printQuantity(value, unit, resolutionOf(plan).mark, extraDecimals)
    case 'place':
      return Number.isFinite(value) ? `place ${inPlaces(value)}` : 'not finished'
    case 'rank':
      return `place ${inPlaces(scale.of + 1 - value)} of ${scale.of}`
    case 'word':
      return wordAt(scale.words, value)
    case 'when':
      if (!Number.isFinite(value)) return 'never'
      return scale.per === 'day' ? `day ${inPlaces(value)}` : printQuantity(value, unit, 1, 1)
  }
}

/**
 * A number that somebody said or predicted, with all the digits that it was said with: it need lie on no mark.
 * @example printSaid(plan, 12.5) // '12.5 cm' with marks of 1 cm
 */
export const printSaid = (plan: Pick<Plan, 'measured' | 'rounding'>, value: number): string =>
  plan.measured.scale
    ? printResult(plan, value)
    : printReadingIn(value, plan.measured.unit, resolutionOf(plan).mark)

/** Middles of places lie on halves, and on quarters where two middles are taken of. */
const inPlaces = (value: number) => printNumber(value, 1, 2)

function wordAt(words: readonly string[], value: number): string {
  const [below, above] = [words[Math.floor(value)], words[Math.ceil(value)]]
  return below === above ? (below ?? '–') : `between ${below ?? '–'} and ${above ?? '–'}`
}
