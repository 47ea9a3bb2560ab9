import { printPlain, withUnit } from '../quantity'
import type { Level, Plan } from './plan'

/**
 * What a level is called on every screen: "40 cm" or "thick card".
 * @example levelName(plan, { id: 'a', name: '', value: 40, baseline: false }) // '40 cm'
 */
export function levelName(plan: Pick<Plan, 'changed'>, level: Level): string {
  if (plan.changed.kind === 'kinds') return level.name || 'no name yet'
  if (level.value === null) return 'no number yet'
  const { unit } = plan.changed
  const number = printPlain(level.value, unit)
  return unit ? withUnit(number, unit) : number
}

/**
 * The levels in the order in which they are compared: numbers from small to large, kinds as listed.
 * @example orderedLevels(plan).map((level) => level.value) // [20, 40, 60]
 */
export function orderedLevels(plan: Pick<Plan, 'changed' | 'levels'>): Level[] {
  if (plan.changed.kind === 'kinds') return plan.levels
  return [...plan.levels].sort((a, b) => (a.value ?? Infinity) - (b.value ?? Infinity))
}
