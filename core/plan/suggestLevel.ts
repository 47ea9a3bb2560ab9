import type { Plan } from './plan'

/**
 * The next number that keeps the steps even: one step beyond the largest level so far; the first level
 * of a new plan is 10, the second twice the first.
 * @returns null for named kinds, which cannot be guessed
 * @example suggestLevel({ changed: { kind: 'number', … }, levels: [20, 40] }) // 60
 */
export function suggestLevel(plan: Pick<Plan, 'changed' | 'levels'>): number | null {
  if (plan.changed.kind === 'kinds') return null
  const values = plan.levels
    .flatMap((level) => (level.value === null ? [] : [level.value]))
    .sort((a, b) => a - b)
  const last = values.at(-1)
  if (last === undefined) return 10
  const before = values.at(-2)
  const step = before === undefined ? Math.abs(last) || 10 : last - before || 10
  return Number((last + step).toPrecision(12))
}
