import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { neighbourPlans, noRehearsal, rehearse, type NeighbourPlan, type Rehearsal } from '#core/rehearsal'
import type { Expectation, Plan } from '#core/plan'

/** What a rehearsal is asked for. */
export interface RehearsalJob {
  plan: Plan
  expected: Expectation
  groups: number
}

/** A neighbouring plan with how much more often its classes saw the right answer. */
export interface RankedNeighbour extends NeighbourPlan {
  /** Share of classes, beyond the plan's own share. */
  gain: number
}

/** What the worker tells: counts as they grow, then the neighbours. */
export type RehearsalNews =
  | { kind: 'progress'; rehearsal: Rehearsal; done: number }
  | { kind: 'neighbours'; neighbours: RankedNeighbour[] }

const classes = 1000
const chunk = 50
const neighbourClasses = 300
const worthAPress = 0.03
const seed = 20260301

const seeded = () => {
  const generator = xoroshiro128plus(seed)
  return () => uniformFloat64(generator)
}
const tell = (news: RehearsalNews) => postMessage(news)

onmessage = ({ data: { plan, expected, groups } }: MessageEvent<RehearsalJob>) => {
  const random = seeded()
  let rehearsal = noRehearsal
  while (rehearsal.classes < classes) {
    rehearsal = rehearse(plan, expected, groups, chunk, random, rehearsal)
    tell({ kind: 'progress', rehearsal, done: rehearsal.classes / classes })
  }
  const share = rehearsal.right / rehearsal.classes
  const ranked = neighbourPlans(plan, expected)
    .map((neighbour) => ({
      ...neighbour,
      gain:
        rehearse(neighbour.plan, neighbour.expected, groups, neighbourClasses, seeded()).right /
          neighbourClasses -
        share,
    }))
    .filter((neighbour) => neighbour.gain >= worthAPress)
    .sort((a, b) => gainPerMinute(b) - gainPerMinute(a))
  tell({ kind: 'neighbours', neighbours: ranked })
}

/** What costs no time is worth as much as if it cost half a minute. */
function gainPerMinute({ gain, extraMinutes }: RankedNeighbour): number {
  return gain / Math.max(0.5, extraMinutes)
}
