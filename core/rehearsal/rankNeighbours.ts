import type { Expectation, Plan } from '../plan'
import { neighbourPlans, type NeighbourPlan } from './neighbours'
import { rehearse, type Rehearsal } from './rehearse'
import type { Random } from './random'

/** A neighbouring plan with how much more often its classes saw the right answer. */
export interface RankedNeighbour extends NeighbourPlan {
  /** Share of classes, beyond the plan's own share. */
  gain: number
}

/** A gain below this share of classes is not worth a press, nor beyond the luck of a few hundred classes. */
const worthAPress = 0.03

/**
 * The neighbouring plans that show the right answer more often, best gain for each extra minute first. What
 * costs no time counts as half a minute.
 * @param rehearsal what the plan itself came to
 * @param classes how many virtual classes rehearse each neighbour
 * @param random makes a source for each neighbour, so that all meet the same luck
 * @example rankNeighbours(plan, expected, 6, rehearsal, 300, () => seededRandom(1))[0].label // '4 tries instead of 3'
 */
export function rankNeighbours(
  plan: Plan,
  expected: Expectation,
  groups: number,
  rehearsal: Rehearsal,
  classes: number,
  random: () => Random,
): RankedNeighbour[] {
  const share = rehearsal.right / rehearsal.classes
  return neighbourPlans(plan, expected)
    .map((neighbour) => ({
      ...neighbour,
      gain: rehearse(neighbour.plan, neighbour.expected, groups, classes, random()).right / classes - share,
    }))
    .filter((neighbour) => neighbour.gain >= worthAPress)
    .sort((a, b) => gainPerMinute(b) - gainPerMinute(a))
}

function gainPerMinute({ gain, extraMinutes }: RankedNeighbour): number {
  return gain / Math.max(0.5, extraMinutes)
}
