import type { Plan } from '../plan'
import { defaultsForAge } from '../schoolWays'
import { remedy, type FairContext, type Finding } from './finding'

/** Findings about tries: too few to see the wobble, and levels that every group meets in the same order. */
export function triesFindings(plan: Plan, { age, ways }: FairContext): Finding[] {
  return [...tooFewTries(plan, defaultsForAge(age, ways).tries), ...sameOrder(plan)]
}

function tooFewTries(plan: Plan, usual: number): Finding[] {
  if (plan.tries >= usual) return []
  const none = plan.tries < 1
  return [
    {
      code: none ? 'no-tries' : 'too-few-tries',
      severity: none ? 'mend' : 'think',
      part: 'tries',
      reason: none
        ? 'With no tries there is no result.'
        : `With ${plan.tries === 1 ? 'one try' : `${plan.tries} tries`} at each level, one slip looks like a result. ${usual} is usual at this age.`,
      remedies: [remedy(`Make it ${usual} tries`, () => ({ tries: usual }))],
    },
  ]
}

function sameOrder(plan: Plan): Finding[] {
  // Stations turn by themselves, the whole class meets each level once, and rounds have only one order.
  const turns = plan.levelOrder === 'own' || ['whole-class', 'stations'].includes(plan.whoTests)
  if (turns || plan.aim === 'improve' || plan.levels.length < 2) return []
  return [
    {
      code: 'same-order',
      severity: 'think',
      part: 'levels',
      reason:
        'Every group tests the levels in the same order. If things wear out, warm up or get tiring, that looks like a result.',
      remedies: [remedy('Give each group its own order', () => ({ levelOrder: 'own' }))],
    },
  ]
}
