import type { Expectation, Plan } from '#core/plan'
import {
  noRehearsal,
  rankNeighbours,
  rehearse,
  seededRandom,
  type RankedNeighbour,
  type Rehearsal,
} from '#core/rehearsal'

/** What a rehearsal is asked for. */
export interface RehearsalJob {
  plan: Plan
  expected: Expectation
  groups: number
}

/** What the worker tells: counts as they grow, then the neighbours. */
export type RehearsalNews =
  { kind: 'progress'; rehearsal: Rehearsal } | { kind: 'neighbours'; neighbours: RankedNeighbour[] }

const classes = 1000
const chunk = 50
const neighbourClasses = 300
const seed = 20260301

const tell = (news: RehearsalNews) => postMessage(news)

onmessage = ({ data: { plan, expected, groups } }: MessageEvent<RehearsalJob>) => {
  const random = seededRandom(seed)
  let rehearsal = noRehearsal
  while (rehearsal.classes < classes) {
    rehearsal = rehearse(plan, expected, groups, chunk, random, rehearsal)
    tell({ kind: 'progress', rehearsal })
  }
  tell({
    kind: 'neighbours',
    neighbours: rankNeighbours(plan, expected, groups, rehearsal, neighbourClasses, () => seededRandom(seed)),
  })
}
