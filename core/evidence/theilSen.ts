import { median } from 'simple-statistics'

/**
 * Theil–Sen slope: the median of the slopes through all pairs of points with different x. Points of several groups
 * are paired inside their group only, so that a group that reads high does not tilt it.
 *
 * Source: H. Theil (1950), Indagationes Mathematicae 12, 85–91; P. K. Sen (1968), J. Am. Stat. Assoc. 63, 1379–1389.
 *
 * @param groups for each group its pairs of x and y
 * @returns the slope in units of y per unit of x, or null when no two points differ in x
 * @example theilSen([[[0, 0], [1, 2], [2, 4], [3, 6], [4, 90]]]) // 2: one wild point does not move it
 */
export function theilSen(groups: readonly (readonly (readonly [number, number])[])[]): number | null {
  const slopes: number[] = []
  for (const points of groups)
    points.forEach(([x1, y1], index) => {
      for (const [x2, y2] of points.slice(index + 1)) if (x1 !== x2) slopes.push((y2 - y1) / (x2 - x1))
    })
  return slopes.length === 0 ? null : median(slopes)
}
