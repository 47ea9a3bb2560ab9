import type { Plan } from '../../plan'
import { printNumber, stripRoundingNoise } from '../../quantity'
import type { Working } from '../way'
import { inSum } from '../working'
import { hasShare, type Change } from './changes'

/**
 * What a try changed as a share of its start; null where a share says nothing.
 * @param said the line as it is read, of the share in per cent
 * @example share(plan, { from: 160, to: 156 }, leftOf)?.said // '156 g of 160 g left: lost 2.5%'
 */
export function share(
  plan: Plan,
  change: Pick<Change, 'from' | 'to'>,
  said: (plan: Plan, change: Pick<Change, 'from' | 'to'>, percent: string) => string,
): Working | null {
  const { from, to } = change
  if (!hasShare(plan) || from <= 0) return null
  const value = (100 * Math.abs(from - to)) / from
  const percent = `${printNumber(value, 1, 1)}%`
  return {
    name: 'as a share of the start',
    sum: `${inSum(plan, Math.abs(stripRoundingNoise(from - to)))} of ${inSum(plan, from)}`,
    value,
    unit: 'percent',
    mark: 0.1,
    said: said(plan, change, percent),
    short: percent,
  }
}
