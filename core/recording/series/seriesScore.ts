import { firstOf, itemAt, lastOf } from '../../defined'
import type { SeriesScore } from '../../plan'
import { stripRoundingNoise } from '../../quantity'
import type { CurvePoint } from '../way'

/**
 * What one row of readings comes to. A change goes from the first reading to the last, so it needs both; a value is reached between
 * two readings along the straight line that joins them, and one that was never reached is Infinity.
 *
 * @param points in the order of time
 * @param target the value to be reached
 * @param from the time from which it is counted until that is reached
 * @returns null where there is too little to say it
 * @example seriesScore([{ at: 5, value: 44 }, { at: 10, value: 38 }], 'reached', 40) // 8.333: 8 min 20 s
 */
export function seriesScore(
  points: readonly Pick<CurvePoint, 'at' | 'value'>[],
  score: SeriesScore,
  target: number | null = null,
  from = 0,
): number | null {
  const [first, last] = [points[0], points.at(-1)]
  if (!first || !last) return null
  if (score === 'end') return last.value
  if (points.length < 2) return null
  switch (score) {
    case 'gained':
      return stripRoundingNoise(last.value - first.value)
    case 'lost':
      return stripRoundingNoise(first.value - last.value)
    case 'rate':
      // Nothing can be said of how fast within no time; how much it changed can.
      return last.at <= first.at ? null : (last.value - first.value) / (last.at - first.at)
    case 'reached':
      return target === null ? null : timeToReach(points, target) - from
  }
}

/**
 * How far the last reading still was from a value that was not reached.
 * @example shortOf([{ at: 0, value: 50 }, { at: 10, value: 45 }], 40) // 5
 */
export function shortOf(points: readonly Pick<CurvePoint, 'value'>[], target: number): number {
  return Math.abs(lastOf(points).value - target)
}

/** The side from which it is reached is the one where the first reading lies. */
function timeToReach(points: readonly Pick<CurvePoint, 'at' | 'value'>[], target: number): number {
  const start = firstOf(points)
  if (start.value === target) return start.at
  const rising = start.value < target
  const there = (value: number) => (rising ? value >= target : value <= target)
  const after = points.findIndex((point) => there(point.value))
  if (after < 0) return Infinity
  const [before, then] = [itemAt(points, after - 1), itemAt(points, after)]
  const share = (target - before.value) / (then.value - before.value)
  return before.at + share * (then.at - before.at)
}
