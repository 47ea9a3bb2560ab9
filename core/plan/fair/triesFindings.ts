import { defaultsForAge } from '../blankPlan'
import type { Plan } from '../plan'
import { remedy, type FairContext, type Finding } from './finding'

/** Findings about tries: too few to see the wobble, and levels that every group meets in the same order. */
export function triesFindings(plan: Plan, { age }: FairContext): Finding[] {
  return [...tooFewTries(plan, defaultsForAge(age).tries), ...sameOrder(plan)]
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
  if (plan.levelOrder === 'own' || plan.whoTests === 'whole-class' || plan.levels.length < 2) return []
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
