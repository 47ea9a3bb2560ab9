import { testingGroups, type Plan } from '../plan'
import { usesInstrument } from '../recording'
import { lookSeconds, secondsFor, type Hands } from './usualTimes'

/** How readings at set minutes are shared among groups. */
export interface Readers {
  /** What is read with; null where eyes are enough. */
  thing: string | null
  /** Whether each group has one of its own, so that groups do not wait for one another. */
  ownEach: boolean
  /** How many readings can be taken at once: in a group of its own, or in the whole class. */
  atOnce: number
  /** How long one container takes to be read, at all its places, in seconds. */
  seconds: number
}

/**
 * Who can read at the same moment, where containers are read at set minutes.
 * @param owned how many there are of each thing; of what is not named there are enough
 * @example readersOf(plan, new Map([['metre stick', 2]]), { age: '7-9', groups: 6 }) // { thing: 'metre stick', ownEach: false, atOnce: 2, seconds: 8 }
 */
export function readersOf(
  plan: Plan,
  owned: ReadonlyMap<string, number>,
  context: Hands & { groups: number },
): Readers {
  const { groups } = context
  if (!usesInstrument(plan))
    return { thing: null, ownEach: true, atOnce: Infinity, seconds: secondsFor(context, lookSeconds) }
  const { name, secondsPerReading } = plan.measured.instrument
  const howMany = owned.get(name) ?? Infinity
  const ownEach = howMany >= testingGroups(plan, groups).length
  const { recording } = plan
  const places = 'positions' in recording ? Math.max(1, recording.positions?.length ?? 1) : 1
  return {
    thing: name,
    ownEach,
    atOnce: ownEach ? 1 : howMany,
    seconds: secondsFor(context, secondsPerReading) * places,
  }
}
