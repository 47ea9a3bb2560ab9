import type { AgeBand } from '../class'
import { findThings, hazards, type HazardId } from '../catalogue'
import type { Plan } from '../plan'
import type { Activity } from './activity'

/** What an adult is called among the things that groups wait for. */
export const adult = 'adult'
/** How long an adult is at one container or try: pouring, heating, cutting. A stated assumption. */
export const adultSeconds = 20

/** What is done in the lesson itself by whoever is allowed to, and doings that say so without naming a thing. */
const atTheTables: readonly HazardId[] = ['hot-water', 'warm-water', 'heating', 'flames', 'glue-gun']
const doings: [words: RegExp, hazard: HazardId][] = [
  [/\b(?:boil\w*|kettle|scald\w*)\b/i, 'hot-water'],
  [/\b(?:melt\w* (?:the )?(?:wax|chocolate|plastic)|hot ?plate|iron (?:it|the)|with an iron)\b/i, 'heating'],
  [/\b(?:light (?:the|a|each) (?:candle|tea light)s?|strike a match)\b/i, 'flames'],
]

/**
 * Whether each try waits for an adult, since something in it is reserved for one at this age: warm water that is poured, heating, a flame.
 * @example waitsForAdult(bottleJackets, '7-9') // true
 */
export function waitsForAdult(plan: Plan, age: AgeBand): boolean {
  if (plan.whoTests === 'at-home') return false
  const listed = plan.materials.map(({ name }) => name)
  const found = [
    ...listed.flatMap((name) => findThings(name)),
    ...plan.steps.flatMap((step) => findThings(step, 'sentence')),
  ].flatMap(({ thing }) => thing.hazards)
  const done = doings.flatMap(([words, hazard]) =>
    plan.steps.some((step) => words.test(step)) ? [hazard] : [],
  )
  return [...found, ...done].some(
    (hazard) =>
      atTheTables.includes(hazard) && ['adult only', 'not at all'].includes(hazards[hazard].handling[age]),
  )
}

/** How many adults a lesson has: the teacher, where nothing else is said. */
export const adultsOf = (plan: Plan): number => plan.times.adults ?? 1

/** Acts of a group whose setting up ends with an adult at its table. */
export function withAdult(acts: readonly Activity[]): Activity[] {
  return acts.flatMap((act): Activity[] => {
    if (act.kind !== 'set-up') return [act]
    const own = Math.min(adultSeconds, act.seconds)
    return [
      ...(act.seconds > own ? [{ ...act, seconds: act.seconds - own }] : []),
      { ...act, seconds: own, uses: [...act.uses, adult] },
    ]
  })
}
