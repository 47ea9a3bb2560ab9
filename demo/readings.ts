import type { Reading } from '#core/record'
import { groupSlots, slotKey } from '#core/record'
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

/** Readings of a made-up class, from the starter's expected values and spread and a seeded source. */
export function simulateReadings(
  { plan, expected }: Starter,
  { groupIds, start, done, mishaps }: SimulatedClass,
  random: Random,
): Reading[] {
  const { mark } = resolutionOf(plan)
  const normal = normalRandom(random)
  const readings: Reading[] = []
  let clock = Date.parse(start)
  groupIds.forEach((groupId, place) => {
    const slots = groupSlots(plan, groupId, place)
    const groupFactor = 1 + expected.groupSpread * normal()
    const offset = mishaps.offset?.place === place ? mishaps.offset.by : 0
    for (const slot of slots.slice(0, Math.round(slots.length * (done[place] ?? 1)))) {
      const centre = expected.values[slot.levelId]! * groupFactor + offset
      const value = Math.max(0, roundToMark(centre * (1 + expected.trySpread * normal()), mark))
      clock += 20_000 + Math.round(random() * 15_000)
      const take = (changes: Partial<Reading>): Reading => {
        const at = (clock += 4000)
        const one: Reading = {
          ...slot,
          id: uuidFrom(random),
          value,
          typed: printNumber(value, mark),
          given: 'typed',
          status: 'counted',
          reason: '',
          source: 'demo',
          takenAt: new Date(at).toISOString(),
          supersedes: null,
          ...changes,
        }
        readings.push(one)
        return one
      }
      const here = (mishap: { place: number; level: number; tryNumber: number } | undefined) =>
        mishap !== undefined &&
        slotKey(slot) ===
          slotKey({
            groupId: groupIds[mishap.place]!,
            levelId: plan.levels[mishap.level]!.id,
            tryNumber: mishap.tryNumber,
          })
      if (here(mishaps.slip)) {
        const slipped = take({ value: value * 10, typed: printNumber(value * 10, mark) })
        if (mishaps.slip!.corrected) take({ supersedes: slipped.id })
      } else if (here(mishaps.spoilt)) {
        const spoilt = take({
          value: roundToMark(value * 0.6, mark),
          typed: printNumber(roundToMark(value * 0.6, mark), mark),
        })
        take({
          value: spoilt.value,
          typed: spoilt.typed,
          status: 'set-aside',
          reason: mishaps.spoilt!.reason,
          supersedes: spoilt.id,
        })
        take({})
      } else take({})
    }
  })
  return readings
}
