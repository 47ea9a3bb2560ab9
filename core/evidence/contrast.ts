import { defined } from '../defined'
import { levelEffects, solve } from './levelEffects'
import { midRanks } from './midRanks'
import type { ScoreTable } from './scoreTable'
import { setUpAllowance } from './setUpAllowance'
import { normalTail } from './tails'

/**
 * Compares two levels by way of all groups, where levels were shared out and few groups tested both: a group that
 * tested the first and a third speaks through one that tested the third and the second. Each try weighs as in the
 * least-squares contrast of the two levels over groups and levels; what is weighed are its ranks within its group,
 * after the levels' own effects are taken off with the two levels held as one. The null permutes ranks inside each
 * group; its spread is exact, its shape taken as normal.
 *
 * Source: aligned ranks, J. L. Hodges and E. L. Lehmann, Annals of Mathematical Statistics 33 (1962) 482–497.
 *
 * @param a and @param b places of the levels
 * @returns the two-sided chance and which level is ahead; a chance of 1 where nothing joins the two
 * @example testContrast(sharedLevels, 0, 2) // { p: 0.008, ahead: 1 }
 */
export function testContrast(table: ScoreTable, a: number, b: number): { p: number; ahead: 1 | 0 | -1 } {
  const { levels, groups, counts, values, room, inHeats } = table
  const potential = contrastWeights(table, a, b)
  if (!potential) return { p: 1, ahead: 0 }
  const { effects } = levelEffects(table, 'number')
  const shift = (level: number) => {
    const own =
      level === a || level === b ? (defined(effects[a]) + defined(effects[b])) / 2 : defined(effects[level])
    // Solved in steps, so that equal ones differ in their last digits.
    return Number.isNaN(own) ? 0 : Math.round(own * 1e4) / 1e4
  }
  let statistic = 0
  let variance = 0
  for (let group = 0; group < groups; group++) {
    for (let heat = 0; heat < (inHeats ? room : 1); heat++) {
      const aligned: number[] = []
      const weights: number[] = []
      for (let level = 0; level < levels; level++) {
        const cell = group * levels + level
        const to = inHeats ? Math.min(heat + 1, defined(counts[cell])) : defined(counts[cell])
        for (let one = heat; one < to; one++) {
          aligned.push(defined(values[cell * room + one]) - shift(level))
          weights.push(defined(potential[level]))
        }
      }
      const n = aligned.length
      if (n < 2) continue
      const ranks = midRanks(aligned)
      const middle = weights.reduce((sum, weight) => sum + weight, 0) / n
      let ofWeights = 0
      let ofRanks = 0
      ranks.forEach((rank, index) => {
        const weight = defined(weights[index]) - middle
        // A larger group has larger ranks; dividing by its size keeps a try a try.
        const place = (rank - (n + 1) / 2) / (n + 1)
        statistic += weight * place
        ofWeights += weight ** 2
        ofRanks += place ** 2
      })
      variance += (ofWeights * ofRanks) / (n - 1)
    }
  }
  if (variance < 1e-12) return { p: 1, ahead: 0 }
  const z = statistic / Math.sqrt(variance * setUpAllowance(table, [a, b]))
  return { p: Math.min(1, 2 * normalTail(Math.abs(z))), ahead: Math.sign(z) as 1 | 0 | -1 }
}

/** The least-squares contrast of two levels, as a number for each level; null where no chain of groups joins them. */
function contrastWeights({ levels, groups, counts }: ScoreTable, a: number, b: number): Float64Array | null {
  const matrix = Array.from({ length: levels }, () => new Array<number>(levels).fill(0))
  const joined = Array.from({ length: levels }, (_, level) => level)
  for (let group = 0; group < groups; group++) {
    const own = counts.subarray(group * levels, (group + 1) * levels)
    const all = own.reduce((sum, count) => sum + count, 0)
    for (let i = 0; i < levels; i++)
      for (let j = 0; j < levels; j++) {
        if (i === j || own[i] === 0 || own[j] === 0) continue
        const weight = (defined(own[i]) * defined(own[j])) / all
        defined(matrix[i])[i]! += weight
        defined(matrix[i])[j]! -= weight
        const [from, to] = [defined(joined[i]), defined(joined[j])]
        if (from !== to) joined.forEach((part, level) => part === from && (joined[level] = to))
      }
  }
  if (joined[a] !== joined[b]) return null
  matrix.forEach((row, i) => row.forEach((_, j) => (row[j]! += joined[i] === joined[j] ? 1 : 0)))
  const right = new Array<number>(levels).fill(0)
  right[a] = 1
  right[b] = -1
  return Float64Array.from(solve(matrix, right))
}
