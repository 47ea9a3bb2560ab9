import type { Judging } from './comparison'
import { holm } from './holm'
import { pairTest } from './pairTest'
import type { ScoreTable } from './scoreTable'
import { shiftInterval } from './shiftInterval'
import { clearAt } from './verdict'

/** From one tested level to the next: what the measure does there. */
export interface Step {
  /** Places of the levels. */
  from: number
  to: number
  direction: 'up' | 'down' | 'level' | 'open'
}

const intervalAlpha = 0.1
/** A step is level when whatever it may still be lies within this share of the whole rise. */
const levelShare = 0.25

/**
 * What the measure does from level to level: up or down where the joined test of the two says so, all steps judged
 * together; level where the interval of the difference, all steps at once, lies within a quarter of the whole rise;
 * else open.
 * @param tested places of the levels that have readings, in order
 * @param effects of the levels; their range is the whole rise
 * @example stepsOf(table, [0, 1, 2], effects, judging).map((step) => step.direction) // ['up', 'up']
 */
export function stepsOf(
  table: ScoreTable,
  tested: readonly number[],
  effects: Float64Array,
  judging: Judging,
): Step[] {
  const turning = turningSteps(table, tested)
  const known = tested.map((level) => effects[level]!).filter((effect) => !Number.isNaN(effect))
  const rise = Math.max(...known) - Math.min(...known)
  return turning.map((step) => {
    if (step.direction !== 'open' || judging.scale !== 'number') return step
    const { least, greatest } = shiftInterval(table, step.to, step.from, intervalAlpha / turning.length)
    const level = Math.max(Math.abs(least), Math.abs(greatest)) <= levelShare * rise * (1 + 1e-9)
    return { ...step, direction: level ? ('level' as const) : ('open' as const) }
  })
}

/**
 * The steps that are up or down beyond chance, all judged together; the others are left open.
 * @param alpha the chance, at most, that any of them is wrong
 * @example turningSteps(table, [0, 1, 2]).map((step) => step.direction) // ['up', 'up']
 */
export function turningSteps(table: ScoreTable, tested: readonly number[], alpha = clearAt): Step[] {
  const tests = tested
    .slice(1)
    .map((to, index) => ({ from: tested[index]!, to, test: pairTest(table, to, tested[index]!) }))
  const beyondChance = holm(
    tests.map(({ test }) => (test.ahead === 0 ? 1 : test.p)),
    alpha,
  )
  return tests.map(({ from, to, test }, index) => ({
    from,
    to,
    direction: !beyondChance[index] ? 'open' : test.ahead > 0 ? 'up' : 'down',
  }))
}
