import type { Plan } from '../../plan'
import { lessonTime, type LessonTime } from '../lessonTime'
import type { FitsContext } from '../testingOf'
import { candidates, type Candidate } from './candidates'

/** One press that makes a lesson shorter. */
export interface WayToFit extends Candidate {
  /** How long the longest lesson then takes, in minutes. */
  takes: number
  /** How many minutes it gains. */
  gains: number
  /** Whether it then fits. */
  fits: boolean
}

/** So many of the ways that gain most are tried with another one, where no way is enough by itself. */
const triedTogether = 4
const mostPairs = 3

/**
 * What would make a lesson shorter, one after another, so that a caller can stop between them. Where none is enough by itself, two together
 * are looked for.
 * @example [...findWaysToFit(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard })][0].id // 'shared-levels'
 */
export function* findWaysToFit(plan: Plan, context: FitsContext): Generator<WayToFit> {
  const now = lessonTime(plan, context)
  const single: WayToFit[] = []
  for (const candidate of candidates(plan, context, now)) {
    const way = tried(plan, candidate, now, context)
    if (!way) continue
    single.push(way)
    yield way
  }
  if (now.takes > now.minutes.lesson && !single.some((one) => one.fits))
    yield* findPairs(plan, single, now, context)
}

/**
 * Ways to fit, those that make it fit first and then by the minutes gained, with only the best pairs. What the plan would then show less is
 * for the rehearsal to say (`keepingTheAnswer`).
 * @example rankWaysToFit([]) // []
 */
export function rankWaysToFit(ways: readonly WayToFit[]): WayToFit[] {
  const pairs = ways.filter(isPair).sort(dearer).slice(0, mostPairs)
  return [...ways.filter((way) => !isPair(way)), ...pairs].sort(
    (a, b) => Number(b.fits) - Number(a.fits) || dearer(a, b),
  )
}

/**
 * All that would make a lesson shorter, best first.
 * @returns empty where nothing that leaves the test what it is makes it shorter
 * @example waysToFit(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard })[0].label // 'Share the levels out'
 */
export const waysToFit = (plan: Plan, context: FitsContext): WayToFit[] =>
  rankWaysToFit([...findWaysToFit(plan, context)])

const isPair = ({ id }: WayToFit) => id.includes(' and ')
/** Another lesson costs a lesson; of others the one that gains more comes first. */
const dearer = (a: WayToFit, b: WayToFit) => Number(isDear(a)) - Number(isDear(b)) || b.gains - a.gains
const isDear = ({ id }: WayToFit) => /\blessons\b/.test(id)

function tried(plan: Plan, candidate: Candidate, now: LessonTime, context: FitsContext): WayToFit | null {
  const then = lessonTime({ ...plan, ...candidate.changes }, context)
  const gains = now.takes - then.takes
  if (then.isEmpty || then.problem !== null || (gains < 1 && now.problem === null)) return null
  return { ...candidate, takes: then.takes, gains, fits: then.takes <= then.minutes.lesson }
}

/** Two ways together that fit where neither does alone; each two once. */
function* findPairs(
  plan: Plan,
  single: readonly WayToFit[],
  now: LessonTime,
  context: FitsContext,
): Generator<WayToFit> {
  const best = [...single].sort((a, b) => b.gains - a.gains).slice(0, triedTogether)
  const done = new Set<string>()
  for (const first of best) {
    done.add(first.id)
    const changed = { ...plan, ...first.changes }
    for (const second of candidates(changed, context, lessonTime(changed, context))) {
      if (done.has(second.id) || !single.some(({ id }) => id === second.id)) continue
      const together = {
        id: `${first.id} and ${second.id}`,
        label: `${first.label}, and ${second.label.charAt(0).toLowerCase()}${second.label.slice(1)}`,
        changes: { ...first.changes, ...second.changes },
      }
      const way = tried(plan, together, now, context)
      if (way?.fits) yield way
    }
  }
}
