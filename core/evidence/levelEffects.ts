import { defined } from '../defined'
import { apart, pairDifferences } from './differences'
import type { ScoreScale } from './score'
import type { ScoreTable } from './scoreTable'

/** How far each level lies from the others, by comparisons within groups only. */
export interface LevelEffects {
  /** In the unit of the scores, about a middle of 0; NaN where a level was compared with nothing. */
  readonly effects: Float64Array
  /** Share of comparisons won less lost, each group weighing the same, about a middle of 0. */
  dominance: Float64Array
}

/**
 * The additive effect of each level. For each pair of levels the differences of all tries within a group are taken
 * together over the groups, and their median is how far the two lie apart (Hodges and Lehmann's estimate, which one
 * slip cannot move far); the effects are those that fit all pairs best, each weighing as many groups as tested both.
 * So a group that reads high moves no level, whichever levels it tested. On scales of order or words, which know no
 * distances, the share of comparisons won takes the place of the median.
 *
 * Source: J. L. Hodges and E. L. Lehmann, Annals of Mathematical Statistics 34 (1963) 598–611; several levels:
 * E. Spjøtvoll, the same 39 (1968) 1486–1492.
 *
 * @example levelEffects(table, 'number').effects[2] // 11
 */
export function levelEffects(table: ScoreTable, scale: ScoreScale): LevelEffects {
  const compared = pairsCompared(table)
  return {
    dominance: dominanceOf(table, compared),
    // Most virtual classes are judged by who won alone.
    get effects() {
      return effectsOf(table, scale, compared)
    },
  }
}

/** How many groups compared each two levels, and how much more often than not the first had more. */
interface Compared {
  groups: Float64Array
  won: Float64Array
}

function pairsCompared(table: ScoreTable): Compared {
  const { levels } = table
  const compared = { groups: new Float64Array(levels * levels), won: new Float64Array(levels * levels) }
  for (let a = 0; a < levels; a++)
    for (let b = a + 1; b < levels; b++) {
      const { share, groups } = shareWon(table, a, b)
      if (groups === 0) continue
      const [there, back] = [a * levels + b, b * levels + a]
      compared.groups[there] = compared.groups[back] = groups
      compared.won[there] = share / groups
      compared.won[back] = -defined(compared.won[there])
    }
  return compared
}

const dominanceOf = ({ levels }: ScoreTable, { groups, won }: Compared) => fit(levels, groups, won)

function effectsOf(table: ScoreTable, scale: ScoreScale, { groups, won }: Compared): Float64Array {
  const { levels } = table
  if (scale !== 'number') return fit(levels, groups, won)
  const medians = new Float64Array(levels * levels)
  for (let a = 0; a < levels; a++)
    for (let b = a + 1; b < levels; b++) {
      if (groups[a * levels + b] === 0) continue
      const middle = medianOfSorted(pairDifferences(table, a, b).sorted)
      medians[a * levels + b] = middle
      medians[b * levels + a] = -middle
    }
  return fit(levels, groups, medians)
}

/** Over the groups that compared two levels, the share of comparisons that the first wins, less the share that it loses. */
function shareWon(
  { values, counts, levels, groups, room, inHeats }: ScoreTable,
  a: number,
  b: number,
): { share: number; groups: number } {
  let share = 0
  let comparing = 0
  for (let group = 0; group < groups; group++) {
    const [cellA, cellB] = [group * levels + a, group * levels + b]
    const [countA, countB] = [defined(counts[cellA]), defined(counts[cellB])]
    const pairs = inHeats ? Math.min(countA, countB) : countA * countB
    let won = 0
    for (let i = 0; i < countA; i++)
      for (let j = inHeats ? i : 0; j < (inHeats ? Math.min(i + 1, countB) : countB); j++)
        won += Math.sign(apart(defined(values[cellA * room + i]), defined(values[cellB * room + j])))
    if (pairs === 0) continue
    share += won / pairs
    comparing++
  }
  return { share, groups: comparing }
}

function medianOfSorted(sorted: Float64Array): number {
  const middle = sorted.length >> 1
  if (sorted.length % 2 === 1) return defined(sorted[middle])
  const [below, above] = [defined(sorted[middle - 1]), defined(sorted[middle])]
  return below === above ? below : (below + above) / 2
}

/** Weighted least squares on the differences: Σ weight · (eᵢ − eⱼ − dᵢⱼ)² as small as can be, Σ e = 0. */
function fit(levels: number, weights: Float64Array, differences: Float64Array): Float64Array {
  const compared: number[] = []
  for (let level = 0; level < levels; level++)
    if (weights.subarray(level * levels, (level + 1) * levels).some((weight) => weight > 0))
      compared.push(level)
  const matrix = compared.map((i) => compared.map((j) => (i === j ? 0 : -defined(weights[i * levels + j]))))
  const right = compared.map((i, row) => {
    let sum = 0
    compared.forEach((j) => {
      const weight = defined(weights[i * levels + j])
      if (weight === 0) return
      defined(matrix[row])[row]! += weight
      // A level that never came lies beyond all others, however far: a large distance stands for it.
      sum += weight * Math.max(-farAway, Math.min(farAway, defined(differences[i * levels + j])))
    })
    return sum
  })
  // The effects are free by a constant; adding one to every entry pins their sum to nought.
  matrix.forEach((row) => row.forEach((_, column) => (row[column]! += 1)))
  const solved = solve(matrix, right)
  const effects = new Float64Array(levels).fill(NaN)
  compared.forEach((level, index) => (effects[level] = defined(solved[index])))
  return effects
}

const farAway = 1e9

/** Gauss elimination with the largest pivot; a part that nothing binds to the rest is left at nought. */
export function solve(matrix: number[][], right: number[]): number[] {
  const n = right.length
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let row = column + 1; row < n; row++)
      if (Math.abs(defined(defined(matrix[row])[column])) > Math.abs(defined(defined(matrix[pivot])[column])))
        pivot = row
    ;[matrix[column], matrix[pivot]] = [defined(matrix[pivot]), defined(matrix[column])]
    ;[right[column], right[pivot]] = [defined(right[pivot]), defined(right[column])]
    const head = defined(defined(matrix[column])[column])
    if (Math.abs(head) < 1e-9) continue
    for (let row = column + 1; row < n; row++) {
      const factor = defined(defined(matrix[row])[column]) / head
      if (factor === 0) continue
      for (let next = column; next < n; next++)
        defined(matrix[row])[next]! -= factor * defined(defined(matrix[column])[next])
      right[row]! -= factor * defined(right[column])
    }
  }
  const solution = new Array<number>(n).fill(0)
  for (let row = n - 1; row >= 0; row--) {
    let sum = defined(right[row])
    for (let column = row + 1; column < n; column++)
      sum -= defined(defined(matrix[row])[column]) * defined(solution[column])
    solution[row] =
      Math.abs(defined(defined(matrix[row])[row])) < 1e-9 ? 0 : sum / defined(defined(matrix[row])[row])
  }
  return solution
}
