import { slotKey, type Entry } from '#core/record'
import { readWithOf, valueField, wayOf } from '#core/recording'
import { resolutionOf } from '#core/instrument'
import { normalRandom, type Random } from '#core/rehearsal'
import { printNumber, roundToMark } from '#core/quantity'
import { uuidFrom } from './random'
import type { Starter } from './starters'

/** What goes wrong in a demo lesson, on purpose. */
export interface Mishaps {
  /** A group whose readings are all too high or too low, by this much. */
  offset?: { place: number; by: number }
  /** A reading typed ten times too large; the group corrects it, or leaves it for the teacher to find. */
  slip?: { place: number; level: number; tryNumber: number; corrected: boolean }
  /** A try that was set aside and repeated. */
  spoilt?: { place: number; level: number; tryNumber: number; reason: string }
}

/** How a class is simulated. */
export interface SimulatedClass {
  groupIds: string[]
  /** When the first reading was taken, ISO 8601. */
  start: string
  /** The share of its slots that each group has done, from 0 to 1, by place. */
  done: number[]
  mishaps: Mishaps
}

/** Entries of a made-up class, from the starter's expected values and spread and a seeded source. */
export function simulateEntries(
  { plan, expected }: Starter,
  { groupIds, start, done, mishaps }: SimulatedClass,
  random: Random,
): Entry[] {
  const { mark } = resolutionOf(plan)
  const normal = normalRandom(random)
  const entries: Entry[] = []
  let clock = Date.parse(start)
  groupIds.forEach((groupId, place) => {
    const slots = wayOf(plan).slots(plan, groupId, place)
    const groupFactor = 1 + expected.groupSpread * normal()
    const offset = mishaps.offset?.place === place ? mishaps.offset.by : 0
    for (const slot of slots.slice(0, Math.round(slots.length * (done[place] ?? 1)))) {
      const centre = expected.values[slot.levelId!]! * groupFactor + offset
      const value = Math.max(0, roundToMark(centre * (1 + expected.trySpread * normal()), mark))
      clock += 20_000 + Math.round(random() * 15_000)
      const take = (read: number, changes: Partial<Entry> = {}): Entry => {
        const at = (clock += 4000)
        const one: Entry = {
          ...slot,
          id: uuidFrom(random),
          fields: { [valueField]: { typed: printNumber(read, mark), given: 'typed', value: read } },
          note: '',
          readWith: readWithOf(plan),
          status: 'counted',
          reason: '',
          source: 'demo',
          takenAt: new Date(at).toISOString(),
          supersedes: null,
          ...changes,
        }
        entries.push(one)
        return one
      }
      const here = (mishap: { place: number; level: number; tryNumber: number } | undefined) =>
        mishap !== undefined &&
        slotKey(slot) ===
          slotKey({
            groupId: groupIds[mishap.place]!,
            levelId: plan.levels[mishap.level]!.id,
            tryNumber: mishap.tryNumber,
            moment: '',
          })
      if (here(mishaps.slip)) {
        const slipped = take(value * 10)
        if (mishaps.slip!.corrected) take(value, { supersedes: slipped.id })
      } else if (here(mishaps.spoilt)) {
        const read = roundToMark(value * 0.6, mark)
        const spoilt = take(read)
        take(read, { status: 'set-aside', reason: mishaps.spoilt!.reason, supersedes: spoilt.id })
        take(value)
      } else take(value)
    }
  })
  return entries
}
