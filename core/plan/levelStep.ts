import { defined } from '../defined'
import { unitDefinition } from '../quantity'
import type { Plan } from './plan'

/**
 * The step in which a level is moved: a round one, about a twentieth of the largest level; whole things for counts.
 * @example levelStep(plan) // 5 for levels up to 120 cm
 */
export function levelStep({ changed, levels }: Pick<Plan, 'changed' | 'levels'>): number {
  const largest = Math.max(0, ...levels.map(({ value }) => Math.abs(value ?? 0)))
  const rough = largest > 0 ? largest / 20 : 1
  const power = 10 ** Math.floor(Math.log10(rough))
  const round = defined([1, 2, 5, 10].find((factor) => factor * power >= rough * 0.8)) * power
  const step = Number(round.toPrecision(1))
  return changed.unit && unitDefinition(changed.unit).dimension === 'count'
    ? Math.max(1, Math.round(step))
    : step
}

/**
 * The plan with one of its number levels moved to a value on the step, within what the set-up lets it do; never below nought but for
 * temperatures.
 * @example moveLevel(plan, 'h20', 33).levels[0].value // 35
 */
export function moveLevel(plan: Plan, id: string, to: number): Plan {
  const { unit, range } = plan.changed
  const step = levelStep(plan)
  const least = range?.least ?? (unit && unitDefinition(unit).dimension === 'temperature' ? -Infinity : 0)
  const stepped = Number((Math.round(to / step) * step).toPrecision(12))
  const value = Math.min(range?.greatest ?? 1e6, Math.max(least, stepped))
  if (plan.levels.every((level) => level.id !== id || level.value === value)) return plan
  return { ...plan, levels: plan.levels.map((level) => (level.id === id ? { ...level, value } : level)) }
}
