import { median } from 'simple-statistics'
import type { Curve } from '../way'

/** The class at one moment: the middle of its groups, at the middle of the times at which they read. */
export interface ClassPoint {
  moment: string
  at: number
  value: number
  /** How many containers were read. */
  count: number
}

/**
 * A level and a place in it as one text.
 * @example curveKey('wool', 'top') // 'wool|top'
 */
export const curveKey = (levelId: string, position: string): string => `${levelId}|${position}`

/**
 * The middle curve of each level, and of each place in it, over all groups, by level and place: the middle value of
 * each moment. A moment at which nobody read is a gap.
 * @example classCurves(curves).get('wool|')[0] // { moment: '0 min', at: 0, value: 40, count: 6 }
 */
export function classCurves(curves: readonly Curve[]): Map<string, ClassPoint[]> {
  const levels = new Map<string, Map<string, { at: number[]; value: number[] }>>()
  for (const { levelId, position, points } of curves) {
    const key = curveKey(levelId, position)
    const moments = levels.get(key) ?? new Map<string, { at: number[]; value: number[] }>()
    levels.set(key, moments)
    for (const { moment, at, value } of points) {
      const here = moments.get(moment) ?? { at: [], value: [] }
      here.at.push(at)
      here.value.push(value)
      moments.set(moment, here)
    }
  }
  return new Map(
    [...levels].map(([key, moments]) => [
      key,
      [...moments]
        .map(([moment, { at, value }]) => ({
          moment,
          at: median(at),
          value: median(value),
          count: value.length,
        }))
        .sort((a, b) => a.at - b.at),
    ]),
  )
}
