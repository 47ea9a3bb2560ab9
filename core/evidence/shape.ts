import { defined, lastOf } from '../defined'
import type { Direction } from './judgeTrend'
import { contrast, levelFit, type LevelFit } from './levelFit'
import type { ScoreTable } from './scoreTable'
import type { Step } from './steps'

/**
 * The shape of a measure along the levels: how far it goes one way, and what it does then. Places are of levels.
 * *Steady* goes one way by the same for each unit, as far as can be told; *levels-off* goes one way and then no more that could be
 * measured; *starts-late* is level and then goes one way; *mostly* makes more than half of its way between two levels; *turns* goes one
 * way and then back; *mixed* is anything else.
 */
export type Shape =
  | { kind: 'steady' | 'mixed' }
  | { kind: 'levels-off' | 'starts-late'; at: number; lastStepOnly: boolean }
  | { kind: 'mostly'; from: number; to: number }
  | { kind: 'turns'; at: number; first: 'up' | 'down' }

/** What a trend went along, as far as its shape needs it. */
export interface TrendPath {
  table: ScoreTable
  /** Places of the levels that have readings, in order. */
  tested: readonly number[]
  steps: readonly Step[]
  direction: Direction
  effects: Float64Array
  /** The number of each tested level; null where levels are only in order. */
  along: readonly number[] | null
  /** Whether distances of results mean anything. */
  measured: boolean
}

/** The chance, at most, that a step is called uneven, level, or more than half of the way, and is not. */
const wrongAt = 0.05
/** Levels are level when whatever they still differ by lies within this share of the whole way. */
const levelShare = 0.25
/** "About" is so much of a step. */
const saidWithin = 0.1
/** The chance that a step lies so far off what may be said of it; a step that does not is within that far more often. */
const unevenAt = 0.2

/**
 * Names the shape of a trend. It is steady only where no step lies off the straight line beyond chance.
 * @example shapeOf(path) // { kind: 'levels-off', at: 2, lastStepOnly: false }
 */
export function shapeOf({ table, tested, steps, direction, effects, along, measured }: TrendPath): Shape {
  const moving = steps.filter((step) => step.direction !== 'open')
  const changes = moving
    .slice(1)
    .filter((step, index) => step.direction !== defined(moving[index]).direction).length
  if (changes === 1) return turn(steps, effects)
  if (changes > 1) return { kind: 'mixed' }
  const forward = direction === 'falling' ? 'down' : 'up'
  if (moving.some((step) => step.direction !== forward)) return { kind: 'mixed' }
  const fit = measured && direction !== 'none' && tested.length > 2 ? levelFit(table, tested) : null
  if (!fit || isEven(fit, along ?? tested.map((_, place) => place), table.mark)) return { kind: 'steady' }
  const sign = direction === 'falling' ? -1 : 1
  return flatEnd(fit, tested, sign) ?? mostOfIt(fit, tested, sign) ?? { kind: 'mixed' }
}

/**
 * Whether every step may be what the straight line through all levels makes of it, within what the amount of a step is rounded to when it
 * is said.
 */
function isEven(fit: LevelFit, along: readonly number[], mark: number): boolean {
  const middle = along.reduce((sum, x) => sum + x, 0) / along.length
  const square = along.reduce((sum, x) => sum + (x - middle) ** 2, 0)
  const off = steps(along.length).map((step) => {
    const long = defined(along[step + 1]) - defined(along[step])
    return along.map((x, place) => between(step, step + 1)(place) - (long * (x - middle)) / square)
  })
  const [first, last] = [defined(fit.means[0]), lastOf(fit.means)]
  const within = Math.max(mark, (saidWithin * Math.abs(last - first)) / off.length)
  return off.every((weights) => {
    const [above, below] = [contrast(fit, weights, within).p, 1 - contrast(fit, weights, -within).p]
    return 2 * off.length * Math.min(above, below) > unevenAt
  })
}

/** Level from some level on, or up to one, where the rest of the way is beyond chance. */
function flatEnd(fit: LevelFit, tested: readonly number[], sign: 1 | -1): Shape | null {
  const last = tested.length - 1
  const margin = levelShare * Math.abs(contrast(fit, weigh(fit, between(0, last))).amount)
  const isLevel = (from: number, to: number) => {
    const weights = weigh(fit, between(from, to))
    const { p } = contrast(fit, weights)
    const isWithin =
      contrast(fit, weights, -margin).p <= wrongAt && 1 - contrast(fit, weights, margin).p <= wrongAt
    return isWithin && 2 * Math.min(p, 1 - p) > wrongAt
  }
  const moves = (from: number, to: number) =>
    contrast(
      fit,
      weigh(fit, between(from, to)).map((weight) => sign * weight),
    ).p <= wrongAt
  const all = (from: number, to: number, at: number) =>
    Array.from({ length: to - from + 1 }, (_, index) => from + index).every((place) => isLevel(at, place))
  for (let at = 1; at < last; at++)
    if (moves(at - 1, at) && all(at + 1, last, at))
      return { kind: 'levels-off', at: defined(tested[at]), lastStepOnly: false }
  for (let at = last - 1; at > 0; at--)
    if (moves(at, at + 1) && all(0, at - 1, at))
      return { kind: 'starts-late', at: defined(tested[at]), lastStepOnly: at === last - 1 }
  return null
}

/** The fewest neighbouring levels between which more than half of the way lies, beyond chance. */
function mostOfIt(fit: LevelFit, tested: readonly number[], sign: 1 | -1): Shape | null {
  const last = tested.length - 1
  for (let length = 1; length < last; length++) {
    const parts = Array.from({ length: last - length + 1 }, (_, from) => {
      return { from, p: moreThanHalf(fit, from, from + length, sign).p }
    })
    const [first] = parts.sort((a, b) => a.p - b.p)
    if (defined(first).p * parts.length <= wrongAt)
      return {
        kind: 'mostly',
        from: defined(tested[defined(first).from]),
        to: defined(tested[defined(first).from + length]),
      }
  }
  return null
}

const steps = (levels: number) => Array.from({ length: levels - 1 }, (_, step) => step)
/** The weights of a difference: the later place less the earlier one. */
const between = (from: number, to: number) => (place: number) =>
  (place === to ? 1 : 0) - (place === from ? 1 : 0)
const weigh = ({ means }: LevelFit, weight: (place: number) => number) =>
  means.map((_, place) => weight(place))

/**
 * Whether more than half of the way along all levels lies between two of them: true or false beyond chance, null where it can't be told.
 * @param tested places of the levels that have readings, in order
 * @param two the ends, of those
 * @param choices from how many stretches this one was chosen
 * @example mostLiesWithin({ table, tested: [0, 1, 2], direction: 'rising' }, [0, 1], 1) // null: about half of it
 */
export function mostLiesWithin(
  { table, tested, direction }: Pick<TrendPath, 'table' | 'tested' | 'direction'>,
  two: readonly [number, number],
  choices: number,
): boolean | null {
  const fit = direction === 'none' ? null : levelFit(table, tested)
  const [from, to] = two.map((place) => tested.indexOf(place)).sort((a, b) => a - b) as [number, number]
  if (!fit || from < 0 || from === to) return null
  const { p } = moreThanHalf(fit, from, to, direction === 'falling' ? -1 : 1)
  if (p * choices <= wrongAt) return true
  return (1 - p) * choices <= wrongAt ? false : null
}

/** Twice the part less the whole is above nought where the part is more than half. */
function moreThanHalf(fit: LevelFit, from: number, to: number, sign: 1 | -1) {
  const part = weigh(fit, between(from, to))
  const whole = weigh(fit, between(0, fit.means.length - 1))
  return contrast(
    fit,
    part.map((weight, place) => sign * (2 * weight - defined(whole[place]))),
  )
}

/** Between the last step one way and the first step back lies the turn, at the level furthest out. */
function turn(steps: readonly Step[], effects: Float64Array): Shape {
  const first = defined(steps.find((step) => step.direction === 'up' || step.direction === 'down'))
    .direction as 'up' | 'down'
  const back = steps.findIndex(({ direction }) => direction === (first === 'up' ? 'down' : 'up'))
  const last = steps
    .slice(0, back)
    .map((step) => step.direction)
    .lastIndexOf(first)
  const sign = first === 'up' ? 1 : -1
  let at = defined(steps[last]).to
  for (const step of steps.slice(last + 1, back))
    if (sign * (defined(effects[step.to]) - defined(effects[at])) > 0) at = step.to
  return { kind: 'turns', at, first }
}
