import type { Plan } from '../../plan'
import { checkFits, type FitsCheck } from '../checkFits'
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
 * What would make the lesson shorter, those that make it fit first and then by the minutes gained; each can be taken. Where none is enough
 * by itself, two together are looked for.
 * What the plan would then show less is for the rehearsal to say (`keepingTheAnswer`).
 * @returns empty where nothing that leaves the test what it is makes it shorter
 * @example waysToFit(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard })[0].label // 'Share the levels out'
 */
export function waysToFit(plan: Plan, context: FitsContext): WayToFit[] {
  const now = checkFits(plan, context)
  const single = tried(plan, candidates(plan, context), now, context)
  const isTooLong = now.takes > now.minutes.lesson
  const ways =
    isTooLong && !single.some((one) => one.fits) ? [...single, ...pairs(plan, single, now, context)] : single
  return ways.sort((a, b) => Number(b.fits) - Number(a.fits) || dearer(a, b))
}

/** Another lesson costs a lesson; of others the one that gains more comes first. */
const dearer = (a: WayToFit, b: WayToFit) => Number(isDear(a)) - Number(isDear(b)) || b.gains - a.gains
const isDear = ({ id }: WayToFit) => /\blessons\b/.test(id)

function tried(plan: Plan, each: readonly Candidate[], now: FitsCheck, context: FitsContext): WayToFit[] {
  const isImpossible = now.parts.some((one) => one.problem !== null)
  return each.flatMap((candidate): WayToFit[] => {
    const then = checkFits({ ...plan, ...candidate.changes }, context)
    const gains = now.takes - then.takes
    if (then.state === 'none' || then.parts.some((one) => one.problem !== null)) return []
    if (gains < 1 && !isImpossible) return []
    return [{ ...candidate, takes: then.takes, gains, fits: then.takes <= then.minutes.lesson }]
  })
}

/** Two ways together that fit where neither does alone; each two once. */
function pairs(plan: Plan, single: readonly WayToFit[], now: FitsCheck, context: FitsContext): WayToFit[] {
  const found = new Map<string, WayToFit>()
  const best = [...single].sort((a, b) => b.gains - a.gains).slice(0, triedTogether)
  for (const first of best) {
    const changed = { ...plan, ...first.changes }
    const seconds = candidates(changed, context).filter((one) =>
      single.some(({ id }) => id === one.id && id !== first.id),
    )
    const together = seconds.map((second) => ({
      id: `${first.id} and ${second.id}`,
      label: `${first.label}, and ${second.label.charAt(0).toLowerCase()}${second.label.slice(1)}`,
      changes: { ...first.changes, ...second.changes },
    }))
    for (const way of tried(plan, together, now, context)) {
      const key = way.id.split(' and ').sort().join(' and ')
      if (way.fits && !found.has(key)) found.set(key, way)
    }
  }
  return [...found.values()].sort(dearer).slice(0, mostPairs)
}
