import { defined } from '../defined'
import { testPair } from './levelPair'
import { levelMeans, type ScoreTable } from './scoreTable'
import { clearAt } from './verdict'

/** From one tested level to the next: what the measure does there, as far as it is beyond chance. */
export interface Step {
  /** Places of the levels. */
  from: number
  to: number
  direction: 'up' | 'down' | 'open'
}

/**
 * The steps that are up or down beyond chance, all judged together; the others are left open. They are asked from the largest on, each
 * at its share of the chance among those left, until one is not beyond it: a step that is none is so by chance in that share at most,
 * whatever the order (S. Holm, Scandinavian Journal of Statistics 6 (1979) 65–70), and most classes need one test.
 * @param alpha the chance, at most, that any of them is wrong
 * @example turningSteps(table, [0, 1, 2]).map((step) => step.direction) // ['up', 'up']
 */
export function turningSteps(table: ScoreTable, tested: readonly number[], alpha = clearAt): Step[] {
  const means = levelMeans(table)
  const steps = tested
    .slice(1)
    .map((to, index): Step => ({ from: defined(tested[index]), to, direction: 'open' }))
  const away = ({ from, to }: Step) => Math.abs(defined(means[to]) - defined(means[from]))
  const largestFirst = [...steps].sort((a, b) => away(b) - away(a))
  for (const [index, step] of largestFirst.entries()) {
    const { p, ahead } = testPair(table, step.to, step.from)
    if (ahead === 0 || p > alpha / (steps.length - index)) break
    step.direction = ahead > 0 ? 'up' : 'down'
  }
  return steps
}
