import { comparesSides, sidesFor, sidesSaid, withComparison } from '../comparison'
import { looksAtVariation, type Plan } from '../plan'
import { choiceOf, word, type MethodSentence } from './word'

const levels = 'the levels with each other'

/** "We compare before with after": where the way of recording has more to compare than the levels. */
export function comparisonClause(plan: Plan): MethodSentence {
  const sides = sidesFor(plan)
  if (!sides || looksAtVariation(plan)) return []
  const chosen = comparesSides(plan) ? sides.kind : 'levels'
  const inside = sidesSaid(plan, sides)
  return [
    'We compare ',
    word(
      'comparison',
      'What we compare',
      chosen === 'levels' ? levels : inside,
      choiceOf(
        chosen,
        [
          [sides.kind, inside],
          ['levels', levels],
        ],
        withComparison,
      ),
      { chosen: chosen !== 'levels' },
    ),
    '.',
  ]
}
