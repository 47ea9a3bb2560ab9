import { itemAt, defined } from '#core/defined'
import { slotKey, type Entry, type Slot } from '#core/entries'
import {
  alteredField,
  atField,
  plannedAt,
  positionOf,
  readWithOf,
  startMoment,
  usesInstrument,
  valueField,
  wayOf,
} from '#core/recording'
import type { Plan } from '#core/plan'
import { resolutionOf } from '#core/instrument'
import { normalRandom, type Random } from '#core/random'
import { printNumber, roundToMark } from '#core/quantity'
import { uuidFrom } from './random'
import { simulateSeen } from './seen'
import type { Reading, SimulatedClass } from './simulatedClass'
import type { Starter } from '#starters'

/** Entries of a made-up class, from the starter's expected values and spread and a seeded source. */
export function simulateEntries(starter: Starter, own: SimulatedClass, random: Random): Entry[] {
  return usesInstrument(starter.plan)
    ? simulateRead(starter, own, random)
    : simulateSeen(starter, own, random)
}

function simulateRead(
  starter: Starter,
  { groupIds, start, days, done, mishaps }: SimulatedClass,
  random: Random,
): Entry[] {
  const { plan, expected } = starter
  const normal = normalRandom(random)
  const entries: Entry[] = []
  let clock = Date.parse(start)
  groupIds.forEach((groupId, groupIndex) => {
    const slots = wayOf(plan)
      .slots(plan, groupId, groupIndex)
      .filter(({ moment }) => days === undefined || (plannedAt(moment) ?? 0) <= days.length)
      .filter(({ moment }) => mishaps.missed?.groupIndex !== groupIndex || mishaps.missed.moment !== moment)
    const groupFactor = 1 + expected.groupSpread * normal()
    const offset = mishaps.offset?.groupIndex === groupIndex ? mishaps.offset.by : 0
    /** What is read again and again scatters as a whole: its row is a little steeper or flatter. */
    const steepness = new Map(
      (expected.course ? plan.levels : []).map((level) => [
        level.id,
        groupFactor * (1 + expected.trySpread * normal()),
      ]),
    )
    /** What each moment of a try reads, where that follows from how much it changes. */
    const rows = new Map<string, Record<string, number>>()
    function rowOf({ levelId, tryNumber }: Slot): Record<string, number> {
      const key = `${levelId}|${tryNumber}`
      const change =
        defined(expected.values[defined(levelId)]) * groupFactor * (1 + expected.trySpread * normal())
      const row = rows.get(key) ?? defined(expected.row)(defined(levelId), change, normal)
      rows.set(key, row)
      return row
    }
    const times = mishaps.unequal?.groupIndex === groupIndex ? mishaps.unequal.times : 1
    if (expected.course && !days) entries.push(...startsOf(plan, groupId, start, random))
    for (const slot of slots.slice(0, Math.round(slots.length * (done[groupIndex] ?? 1)))) {
      const late =
        mishaps.late?.groupIndex === groupIndex && mishaps.late.moment === slot.moment ? mishaps.late.by : 0
      const when = readingTime(slot, start, days, late, random)
      const centre = expected.row
        ? times * defined(rowOf(slot)[slot.moment])
        : expected.course
          ? courseAt(
              expected.course,
              slot,
              when.at,
              days ? 1 : 0,
              defined(steepness.get(defined(slot.levelId))),
            )
          : defined(expected.values[defined(slot.levelId)]) *
            groupFactor *
            (1 + expected.trySpread * normal())
      const { mark } = resolutionOf(wayOf(plan).planAt(plan, slot.moment))
      const value = Math.max(0, roundToMark(centre + offset, mark))
      if (!expected.course) clock += 20_000 + Math.round(random() * 15_000)
      const take = (read: number, changes: Partial<Entry> = {}): Entry => {
        const at = when.takenAt ?? (clock += 4000)
        const one: Entry = {
          ...slot,
          id: uuidFrom(random),
          fields: {
            [valueField]: { typed: printNumber(read, mark), given: 'typed', value: read },
            ...when.fields,
            ...alteredAt(expected.altered, slot, groupIndex),
          },
          note: '',
          readWith: readWithOf(plan, slot.moment),
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
      const here = (mishap: Reading | undefined) =>
        mishap !== undefined &&
        slotKey(slot) ===
          slotKey({
            groupId: itemAt(groupIds, mishap.groupIndex),
            levelId: itemAt(plan.levels, mishap.level).id,
            tryNumber: mishap.tryNumber,
            moment: mishap.moment ?? '',
          })
      if (here(mishaps.slip)) {
        const slipped = take(value * 10)
        if (defined(mishaps.slip).corrected) take(value, { supersedes: slipped.id })
      } else if (here(mishaps.spoilt)) {
        const read = roundToMark(value * 0.6, mark)
        const spoilt = take(read)
        take(read, { status: 'set-aside', reason: defined(mishaps.spoilt).reason, supersedes: spoilt.id })
        take(value)
      } else take(value)
    }
  })
  return entries
}

/** What a group altered before a round; the first is as it was built. */
function alteredAt(
  altered: Record<string, readonly string[]> | undefined,
  { levelId }: Slot,
  groupIndex: number,
): Entry['fields'] {
  const said = altered?.[defined(levelId)]
  const text = said?.[groupIndex % said.length]
  return text ? { [alteredField]: { typed: text, given: 'typed', value: text } } : {}
}

/** From where it began it goes a little more or less far than expected. */
function courseAt(
  course: NonNullable<Starter['expected']['course']>,
  { levelId, moment }: Slot,
  at: number,
  first: number,
  steepness: number,
): number {
  const value = (when: number) => course(defined(levelId), when, positionOf(moment))
  const start = value(first)
  return start + (value(at) - start) * steepness
}

/** When a slot was really read: some seconds after its minute, or on its day; neither where it is read only once. */
function readingTime(
  { moment, levelId }: Slot,
  start: string,
  days: readonly string[] | undefined,
  late: number,
  random: Random,
): { at: number; takenAt: number | null; fields: Entry['fields'] } {
  const planned = plannedAt(moment)
  if (planned === null || levelId === null) return { at: 0, takenAt: null, fields: {} }
  if (days) {
    const day = itemAt(days, planned - 1)
    const takenAt = Date.parse(`${day}T09:10:00.000Z`) + Math.round(random() * 600_000)
    return { at: planned, takenAt, fields: { [atField]: { typed: day, given: 'typed', value: day } } }
  }
  const seconds = Math.round(60 * (planned + late) + (planned === 0 ? 0 : 25 * random()))
  const typed = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  return {
    at: seconds / 60,
    takenAt: Date.parse(start) + seconds * 1000,
    fields: { [atField]: { typed, given: 'typed', value: seconds / 60 } },
  }
}

/** Each container was started by a press. */
function startsOf(plan: Plan, groupId: string, start: string, random: Random): Entry[] {
  return plan.levels.map((level) => ({
    groupId,
    levelId: level.id,
    tryNumber: 1,
    moment: startMoment,
    id: uuidFrom(random),
    fields: { [atField]: { typed: start, given: 'typed', value: start } },
    note: '',
    readWith: readWithOf(plan),
    status: 'counted',
    reason: '',
    source: 'demo',
    takenAt: start,
    supersedes: null,
  }))
}
