import { comparesSides } from '../comparison'
import { defaultsForAge, looksAtVariation, triesForVariation, type Plan, remedy } from '../plan'
import { isInRounds, wayOf } from '../recording'
import type { FairContext, Finding } from './finding'

/** Findings about tries: too few to see the wobble, and levels that every group meets in the same order. */
export function triesFindings(plan: Plan, { age, ways }: FairContext): Finding[] {
  return [...tooFewTries(plan, defaultsForAge(age, ways).tries), ...sameOrder(plan)]
}

function tooFewTries(plan: Plan, usual: number): Finding[] {
  if (looksAtVariation(plan)) return tooFewToVary(plan)
  const needed = wayOf(plan).onceIsEnough ? 1 : usual
  // Compared with itself, each level is one more try of the same.
  const tries = comparesSides(plan) ? plan.tries * plan.levels.length : plan.tries
  if (tries >= needed) return []
  const none = plan.tries < 1
  return [
    {
      code: none ? 'no-tries' : 'too-few-tries',
      severity: none ? 'mend' : 'think',
      field: 'tries',
      reason: none
        ? 'With no tries there is no result.'
        : `With ${plan.tries === 1 ? 'one try' : `${plan.tries} tries`}${comparesSides(plan) ? '' : ' at each level'}, one slip looks like a result. ${usual} is usual at this age.`,
      remedies: [
        remedy(needed === 1 ? 'Make it one try' : `Make it ${needed} tries`, () => ({ tries: needed })),
      ],
    },
  ]
}

function tooFewToVary({ tries }: Plan): Finding[] {
  if (tries >= triesForVariation) return []
  return [
    {
      code: tries < 1 ? 'no-tries' : 'too-few-tries',
      severity: tries < 1 ? 'mend' : 'think',
      field: 'tries',
      reason: `Few tries show little of how much it varies. Take ${triesForVariation} or more.`,
      remedies: [remedy(`Make it ${triesForVariation} tries`, () => ({ tries: triesForVariation }))],
    },
  ]
}

function sameOrder(plan: Plan): Finding[] {
  // Stations turn by themselves, the whole class meets each level once, rounds have only one order, and what stands side by side none.
  const turns =
    plan.levelOrder === 'own' ||
    ['whole-class', 'stations'].includes(plan.whoTests) ||
    wayOf(plan).needs(plan.recording).sideBySide
  if (turns || isInRounds(plan) || comparesSides(plan) || plan.levels.length < 2) return []
  return [
    {
      code: 'same-order',
      severity: 'think',
      field: 'levels',
      reason:
        'Every group tests the levels in the same order. If things wear out, warm up or get tiring, that looks like a result.',
      remedies: [remedy('Give each group its own order', () => ({ levelOrder: 'own' }))],
    },
  ]
}
