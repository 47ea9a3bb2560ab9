import { neverClear } from './joinedChance'
import { normalTail } from './tails'

/** How far the planned tries of a test have come, and whether anybody still waits for the rest. */
export interface Looks {
  /** The share of the planned tries that are in, up to 1. */
  share: number
  /** Whether testing goes on: no verdict is more than a lean then, whatever the tries say so far. */
  open: boolean
}

/** All that was planned is in. */
export const allIn: Looks = { share: 1, open: false }

/**
 * A chance as it stands after the looks that were taken before all planned tries were in. Whoever looks again and again, and stops where
 * the sentence happens to be clear, sees one in far more than 1 in 20 classes with nothing true. While testing goes on nothing is clear;
 * where it was stopped early the result must be as rare as the furthest that it could have drifted by then.
 *
 * Source: the reflection principle for the maximum of a random walk, W. Feller, An Introduction to Probability Theory 1 (1968), III.7.
 *
 * @param p two-sided
 * @example afterLooks(0.01, { share: 0.5, open: false }) // 0.1371
 */
export function afterLooks(p: number, { share, open }: Looks): number {
  if (open) return Math.max(p, neverClear)
  if (share >= 1) return p
  return Math.min(1, 4 * normalTail(normalQuantile(p / 2) * Math.sqrt(share)))
}

/**
 * A chance as it stands after everything that was looked at: other stretches that could have been chosen, and earlier looks.
 * @example seenChance(0.01, { looks: allIn, chosenFrom: 3 }) // 0.03
 */
export const seenChance = (p: number, { looks, chosenFrom }: { looks: Looks; chosenFrom: number }): number =>
  afterLooks(Math.min(1, p * chosenFrom), looks)

/** The z beyond which lies a chance from 0 to a half, by bisection: the usual formula is off in its third digit. */
function normalQuantile(tail: number): number {
  let [least, greatest] = [0, 40]
  for (let step = 0; step < 60; step++) {
    const middle = (least + greatest) / 2
    if (normalTail(middle) > tail) least = middle
    else greatest = middle
  }
  return least
}
