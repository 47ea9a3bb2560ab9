import { holm } from './holm'
import { pairTest } from './pairTest'
import type { ScoreTable } from './scoreTable'
import { clearAt } from './verdict'

/** From one tested level to the next: what the measure does there, as far as it is beyond chance. */
export interface Step {
  /** Places of the levels. */
  from: number
  to: number
  direction: 'up' | 'down' | 'open'
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
