import type { CupboardInstrument } from '../instrument'
import type { Expectation, Plan } from '../plan'
import type { FitsContext } from '../timetable'
import { neighbourPlans, type NeighbourPlan } from './neighbours'
import { rehearse, type Rehearsal } from './rehearse'
import type { Random } from '../random'

/** A neighbouring plan with how much more often its classes saw the right answer. */
export interface RankedNeighbour extends NeighbourPlan {
  /** Share of classes, beyond the plan's own share. */
  gain: number
}

/** A gain below this share of classes is not worth a press, nor beyond the luck of a few hundred classes. */
const worthAPress = 0.03

/**
 * The gain of each neighbouring plan, one after another, so that a caller can stop between them.
 * @param rehearsal what the plan itself came to
 * @param classes how many virtual classes rehearse each neighbour
 * @param random makes a source for each neighbour, so that all meet the same luck
 * @param time how many groups there are, and what time goes by
 * @param cupboard the instruments that may be taken instead
 * @example [...neighbourGains(plan, expected, context, rehearsal, 300, () => seededRandom(1))][0].gain // 0.21
 */
export function* neighbourGains(
  plan: Plan,
  expected: Expectation,
  time: FitsContext,
  rehearsal: Rehearsal,
  classes: number,
  random: () => Random,
  cupboard?: readonly CupboardInstrument[],
): Generator<RankedNeighbour> {
  const share = rehearsal.right / rehearsal.classes
  for (const neighbour of neighbourPlans(plan, expected, time, cupboard)) {
    const { right } = rehearse(neighbour.plan, neighbour.expected, time.groups, classes, random())
    yield { ...neighbour, gain: right / classes - share }
  }
}

/**
 * The neighbouring plans that show the right answer more often, best gain for each extra minute first. What
 * costs no time counts as half a minute.
 * @example rankNeighbours(gains)[0].label // '4 tries instead of 3'
 */
export function rankNeighbours(gains: Iterable<RankedNeighbour>): RankedNeighbour[] {
  return [...gains]
    .filter((neighbour) => neighbour.gain >= worthAPress)
    .sort((a, b) => gainPerMinute(b) - gainPerMinute(a))
}

function gainPerMinute({ gain, extraMinutes }: RankedNeighbour): number {
  return gain / Math.max(0.5, extraMinutes)
}
