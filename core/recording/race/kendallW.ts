import { firstOf, itemAt } from '../../defined'
import { sum } from 'simple-statistics'

/**
 * Kendall's coefficient of concordance W with ties: how far heats agree on an order, from 0 to 1.
 *
 * W = 12 Σ(Rᵢ − R̄)² / (m²(n³ − n) − m Σ T), where Rᵢ is the sum of the ranks of runner i over m heats of n runners, and T = Σ(t³ − t)
 * over the ties of a heat. Source: M. G. Kendall and B. Babington Smith, Annals of Mathematical Statistics 10 (1939) 275–287.
 *
 * @param heats the ranks of each heat, runner by runner in one order; equal ones share the mean of their places
 * @returns null for fewer than two heats or runners, and where every heat came in level
 * @example kendallW([[1, 2, 3], [1, 3, 2], [1.5, 1.5, 3]]) // 0.636
 */
export function kendallW(heats: readonly (readonly number[])[]): number | null {
  const [m, n] = [heats.length, heats[0]?.length ?? 0]
  if (m < 2 || n < 2) return null
  const sums = firstOf(heats).map((_, runner) => sum(heats.map((ranks) => itemAt(ranks, runner))))
  const middle = sum(sums) / n
  const spread = sum(sums.map((one) => (one - middle) ** 2))
  const most = m * m * (n ** 3 - n) - m * sum(heats.map(tiesOf))
  return most <= 0 ? null : (12 * spread) / most
}

function tiesOf(ranks: readonly number[]): number {
  const counts = new Map<number, number>()
  for (const rank of ranks) counts.set(rank, (counts.get(rank) ?? 0) + 1)
  return sum([...counts.values()].map((count) => count ** 3 - count))
}
