import { defined } from '../defined'
import { stripRoundingNoise } from '../quantity'
import type { Judging } from './comparison'
import { pairDifferences } from './differences'
import { hasUnreached, levelMeans, type ScoreTable } from './scoreTable'
import { shiftInterval } from './shiftInterval'

/** How much of a difference might still be there: 90%, over all pairs at once. */
const intervalAlpha = 0.1
/** On scales without distances levels are level when so many of their comparisons came out even. */
const evenShare = 0.9

/** The largest difference that the data leave open. */
export interface OpenDifference {
  /** The largest difference between any two of the levels that cannot be ruled out, in the unit of the scores; Infinity where there is no bound. */
  bound: number
  /** Whether it lies within what is worth noticing, and is small beside what was read. */
  within: boolean
  /** Whether a finer scale is what is wanted: it would lie within, but marks are too large a part of what was read. */
  coarse: boolean
}

/** A difference that may be this share of the middle result is no small one, and a mark that is this share of it too coarse. */
const notSmall = { bound: 0.3, mark: 0.25 }

/**
 * The smallest difference that is worth noticing, in the unit of the table.
 * @example worthNoticing(table, { least: 1, share: 0.1 }) // 2.2 where the middle result is 22
 */
export function worthNoticing(table: ScoreTable, worth: Judging['worth']): number {
  const least = worth.least / table.unit
  if (worth.share === 0) return least
  return Math.max(least, worth.share * middleResult(table))
}

function middleResult(table: ScoreTable): number {
  const means = [...levelMeans(table)]
    .filter(Number.isFinite)
    .map(Math.abs)
    .sort((a, b) => a - b)
  return means.length === 0
    ? 0
    : (defined(means[(means.length - 1) >> 1]) + defined(means[means.length >> 1])) / 2
}

const open: OpenDifference = { bound: Infinity, within: false, coarse: false }

/**
 * Whether any two of the levels could still differ by more than is worth noticing: the joined test inverted for each
 * pair, all pairs held at once. On scales of order or words a bound has no meaning, and levels are level only when
 * nine in ten of the comparisons inside the groups came out even. Where something never came there is no bound, and nothing is level.
 * @param among places of the levels
 * @param of how many levels there were to choose these from
 * @example openDifference(table, judging, [0, 1, 2], 3) // { bound: 1, within: true, coarse: false }
 */
export function openDifference(
  table: ScoreTable,
  judging: Judging,
  among: readonly number[],
  of: number,
): OpenDifference {
  const pairs = among.flatMap((a, index) => among.slice(index + 1).map((b) => [a, b] as const))
  if (table.looks.open) return open
  if (among.some((level) => hasUnreached(table, level))) return open
  if (judging.scale !== 'number') {
    const even = pairs.every(([a, b]) => {
      const { sorted } = pairDifferences(table, a, b)
      return sorted.length > 0 && sorted.filter((one) => one === 0).length >= evenShare * sorted.length
    })
    return even && pairs.length > 0 ? { bound: 0, within: true, coarse: false } : open
  }
  const worth = worthNoticing(table, judging.worth)
  // Stopped early, the bound was looked at before, too.
  const alpha =
    (table.looks.share < 1 ? intervalAlpha / 4 : intervalAlpha) / ((of * (of - 1)) / 2) / table.chosenFrom
  // Once one pair is open, the others need not be asked: the one furthest apart is the likeliest.
  const means = levelMeans(table)
  const away = ([a, b]: readonly [number, number]) => Math.abs(defined(means[a]) - defined(means[b]))
  let bound = 0
  for (const [a, b] of pairs.sort((one, other) => away(other) - away(one))) {
    const { least, greatest } = shiftInterval(table, a, b, alpha)
    bound = Math.max(bound, Math.abs(least), Math.abs(greatest))
    if (bound > worth * (1 + 1e-9)) return open
  }
  if (pairs.length === 0) return open
  const middle = middleResult(table)
  if (judging.hasNought && bound > notSmall.bound * middle * (1 + 1e-9))
    return { ...open, coarse: table.mark > notSmall.mark * middle }
  return { bound: stripRoundingNoise(bound * table.unit), within: true, coarse: false }
}
