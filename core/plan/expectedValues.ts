import { itemAt } from '../defined'
import { orderedLevels } from './levelName'
import type { Expectation, Plan } from './plan'

/**
 * The expected value at each level, by level id: on a straight line from the first to the last, numbers by
 * their value, kinds and rounds evenly spaced in the order listed.
 * @example expectedValues(plan, { first: 10, last: 30, apart: 1 }).get('h40') // 20
 */
export function expectedValues(
  plan: Pick<Plan, 'changed' | 'levels'>,
  { first, last }: Expectation,
): Map<string, number> {
  const levels = orderedLevels(plan)
  const places = levels.map((level, index) => (plan.changed.kind === 'number' ? (level.value ?? 0) : index))
  const [from, to] = [places[0] ?? 0, places.at(-1) ?? 0]
  return new Map(
    levels.map((level, index) => [
      level.id,
      to === from
        ? (first + last) / 2
        : first + ((last - first) * (itemAt(places, index) - from)) / (to - from),
    ]),
  )
}
