import { mean } from 'simple-statistics'
import type { Interval } from './shiftInterval'
import { studentQuantile, studentTail } from './tails'

/** Differences of one thing at two of its sides, group by group. */
export interface PairedDifferences {
  groups: readonly (readonly number[])[]
  /** Standard deviation of one difference from reading alone: differences that happen to agree are known no better than that. */
  error: number
}

/** The mean of what is averaged, how far it may be off (a standard error), and by how many degrees of freedom that is known. */
interface Estimate {
  mean: number
  error: number
  freedom: number
}

/**
 * Whether one thing differs from itself, by Student's t: over the groups' means, and over all tries, which know less of what a whole group
 * did otherwise. The two share the 5%. One group alone speaks through its tries, of its own thing. A spread never
 * counts as smaller than reading alone would make it.
 *
 * Source: Student, "The probable error of a mean", Biometrika 6 (1908) 1–25.
 *
 * @returns the two-sided chance and which way it goes; a chance of 1 where fewer than two differences are known
 * @example pairedMeanTest({ groups: [[-4, -5], [-4, -4], [-5, -5]], error: 0.4 }).p // 0.0007
 */
export function pairedMeanTest(differences: PairedDifferences): { p: number; ahead: 1 | 0 | -1 } {
  const groups = ofGroups(differences)
  const tries = ofTries(differences)
  const found = groups ?? tries
  if (!found) return { p: 1, ahead: 0 }
  const chances = [groups, tries].flatMap((one) => (one ? chanceOf(one) : []))
  const p = Math.min(1, chances.length * Math.min(...chances))
  return { p, ahead: Math.sign(found.mean) as 1 | 0 | -1 }
}

/**
 * Where the mean difference of one thing with itself lies: by its groups, or by its tries where there is one group.
 * @param alpha the chance, at most, that it lies outside
 * @returns without ends where fewer than two differences are known
 * @example pairedMeanInterval({ groups: [[0, 1], [0, 0], [-1, 0]], error: 0.4 }, 0.1).greatest // 0.843
 */
export function pairedMeanInterval(differences: PairedDifferences, alpha: number): Interval {
  const found = ofGroups(differences) ?? ofTries(differences)
  if (!found) return { least: -Infinity, greatest: Infinity }
  const off = studentQuantile(alpha / 2, found.freedom) * found.error
  return { least: found.mean - off, greatest: found.mean + off }
}

const chanceOf = ({ mean: middle, error, freedom }: Estimate) =>
  Math.min(1, 2 * studentTail(Math.abs(middle) / error, freedom))

function ofGroups({ groups, error }: PairedDifferences): Estimate | null {
  if (groups.length < 2) return null
  const perGroup = mean(groups.map((own) => 1 / own.length))
  return estimateOf(groups.map(mean), groups.length - 1, error ** 2 * perGroup, 1)
}

/** How much of a try's variance the tries of one group share. */
const shared = 0.25

function ofTries({ groups, error }: PairedDifferences): Estimate | null {
  const tries = groups.flat()
  if (tries.length === groups.length) return null
  const each = tries.length / groups.length
  const wider = groups.length === 1 ? 1 : (1 + each * shared) / (1 + shared)
  return estimateOf(tries, tries.length - groups.length, error ** 2, wider)
}

function estimateOf(
  values: readonly number[],
  freedom: number,
  ofReading: number,
  wider: number,
): Estimate | null {
  if (freedom < 1 || !values.every(Number.isFinite)) return null
  const middle = mean([...values])
  const squares = values.reduce((sum, value) => sum + (value - middle) ** 2, 0)
  const variance = Math.max(squares / (values.length - 1), ofReading) * wider
  return variance === 0 ? null : { mean: middle, error: Math.sqrt(variance / values.length), freedom }
}
