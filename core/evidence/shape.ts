import type { Direction } from './judgeTrend'
import type { Step } from './steps'

/**
 * The shape of a measure along the levels: how far it goes one way, and what it does then. Places are of levels.
 * *Steady* goes one way as far as can be told; *levels-off* goes one way and then no more that could be measured;
 * *starts-late* is level and then goes one way; *turns* goes one way and then back; *mixed* is anything else.
 */
export type Shape =
  | { kind: 'steady' | 'mixed' }
  | { kind: 'levels-off' | 'starts-late'; at: number; lastStepOnly: boolean }
  | { kind: 'turns'; at: number; first: 'up' | 'down' }

/**
 * Names the shape that the steps make.
 * @param effects of the levels; they say where between two turning steps the turn is
 * @example shapeOf(steps, 'rising', effects) // { kind: 'levels-off', at: 2, lastStepOnly: false }
 */
export function shapeOf(steps: readonly Step[], direction: Direction, effects: Float64Array): Shape {
  const moving = steps.filter(({ direction: one }) => one === 'up' || one === 'down')
  const changes = moving.slice(1).filter((step, index) => step.direction !== moving[index]!.direction).length
  if (changes === 1) return turn(steps, effects)
  if (changes > 1) return { kind: 'mixed' }
  const forward = direction === 'falling' ? 'down' : 'up'
  if (moving.length === 0 || moving[0]!.direction !== forward)
    return { kind: moving.length ? 'mixed' : 'steady' }
  const isLevel = steps.map((step) => step.direction === 'level')
  if (!isLevel.includes(true)) return { kind: 'steady' }
  const lastOther = isLevel.lastIndexOf(false)
  const firstOther = isLevel.indexOf(false)
  const inside = isLevel.slice(firstOther, lastOther + 1).includes(true)
  if (inside || (firstOther > 0 && lastOther < steps.length - 1)) return { kind: 'mixed' }
  if (firstOther > 0)
    return { kind: 'starts-late', at: steps[firstOther]!.from, lastStepOnly: firstOther === steps.length - 1 }
  return { kind: 'levels-off', at: steps[lastOther]!.to, lastStepOnly: false }
}

/** Between the last step one way and the first step back lies the turn, at the level furthest out. */
function turn(steps: readonly Step[], effects: Float64Array): Shape {
  const first = steps.find((step) => step.direction === 'up' || step.direction === 'down')!.direction as
    'up' | 'down'
  const back = steps.findIndex(({ direction }) => direction === (first === 'up' ? 'down' : 'up'))
  const last = steps
    .slice(0, back)
    .map((step) => step.direction)
    .lastIndexOf(first)
  const sign = first === 'up' ? 1 : -1
  let at = steps[last]!.to
  for (const step of steps.slice(last + 1, back))
    if (sign * (effects[step.to]! - effects[at]!) > 0) at = step.to
  return { kind: 'turns', at, first }
}
