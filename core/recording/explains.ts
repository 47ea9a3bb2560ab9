import { itemAt } from '../defined'
import type { ExpectedReading } from './expectedReading'

/** What lies this many spreads away is asked about: nearer where a usual slip explains it. */
export const apartAt = { explained: 3.3, elsewhere: 4, unexplained: 5.4 }
/** By how much few readings widen a distance. */
const usualCaution = 5
/** What explains a slip must bring the value this near. */
const nearEnough = 2

/** A spread that rests on few readings may be far too small; so much further away must a reading lie to be asked about. */
export function caution(freedom: number, strength = usualCaution): number {
  return Math.exp(strength / freedom)
}

/** How far apart a value lies that a slip explains, how few readings that may rest on, and how much better the explained value fits. */
interface Explanation {
  apartAt: number
  caution: number
  betterBy: number
}
export const ofSlips: Explanation = { apartAt: apartAt.explained, caution: usualCaution, betterBy: 1 }
/** Half of what lies beyond a number is seldom far from the whole of it, so that the same distance would find few of them. */
export const ofMiscountedMarks: Explanation = { apartAt: 2.8, caution: 3, betterBy: 2 }

/** The value lies apart, and what was meant lies with what is expected. */
export function explains(
  value: number,
  meant: number,
  { value: middle, spread, freedom }: ExpectedReading,
  how = ofSlips,
): boolean {
  const [away, left] = [Math.abs(value - middle), Math.abs(meant - middle)]
  const isApart = away > how.apartAt * caution(freedom, how.caution) * spread && away > how.betterBy * left
  return isApart && left <= nearEnough * spread
}

/** The value is a good part off what is usual, and another lies four times nearer to it: no wobble of tries does both. */
export function fitsMuchBetter(value: number, other: number, usual: number, mark: number): boolean {
  const [away, left] = [Math.abs(value - usual), Math.abs(other - usual)]
  const near = Math.max(4 * mark, 0.4 * Math.abs(usual))
  return away > near && left <= near && away > 4 * left
}

/** Within half as much again: a slip of x10 explains what is ten times off, not what is five times off. */
export function alike(meant: number, middle: number): boolean {
  return meant / middle > 1 / 1.5 && meant / middle < 1.5
}

/** With too few readings for a spread: what was meant lies within the others, widened by a quarter, and the value outside of twice that. */
export function explainsRoughly(
  value: number,
  meant: number,
  here: readonly number[],
  mark: number,
): boolean {
  if (here.length < 2) return false
  const slack = Math.max(Math.abs(middleOf(here)) / 4, 2 * mark)
  const fits = (amount: number, allowance: number) =>
    amount >= Math.min(...here) - allowance && amount <= Math.max(...here) + allowance
  return fits(meant, slack) && !fits(value, 2 * slack)
}

export function middleOf(values: readonly number[]): number {
  if (values.length === 0) return NaN
  const sorted = [...values].sort((a, b) => a - b)
  return itemAt(sorted, sorted.length >> 1)
}
