import { itemAt, defined } from '#core/defined'
import { levelsForGroup, type Plan } from '#core/plan'
import { standingOf, slotKey, type Entry, type Slot } from '#core/entries'
import { atField, groupProgress, letterOf, plannedAt, valueField, wayOf } from '#core/recording'
import { normalRandom, type Random } from '#core/random'
import type { Starter } from '#starters'
import type { SimulatedClass } from './simulatedClass'
import { uuidFrom } from './random'

/** A race is stopped after so many seconds; what comes in closer together than the second comes in level. */
const race = { ends: 600, level: 2 }
/** Two whose measure lies closer together than this are taken for the same. */
const alike = 0.12

/**
 * Entries of a made-up class that reads no instrument: an order, a winner, a word. Each goes through the way's own reading of what is
 * typed, and each group is asked what the way asks it next.
 */
export function simulateSeen(
  starter: Starter,
  { groupIds, start, days, done, mishaps }: SimulatedClass,
  random: Random,
): Entry[] {
  const { plan } = starter
  const way = wayOf(plan)
  const entries: Entry[] = []
  let clock = Date.parse(start)
  groupIds.forEach((groupId, groupIndex) => {
    const eyes = eyesOf(starter, random)
    const missed = new Set<string>()
    const write = (slot: Slot, typed: string, changes: Partial<Entry> = {}) => {
      const read = way.check(plan, typed, null)
      if (read.state !== 'value') throw new Error(`The demo types “${typed}”, which is not read.`)
      const day = days?.[(plannedAt(slot.moment) ?? 1) - 1]
      clock += 40_000 + Math.round(random() * 30_000)
      const takenAt = day ? Date.parse(`${day}T09:10:00.000Z`) + Math.round(random() * 600_000) : clock
      const one: Entry = {
        ...slot,
        id: uuidFrom(random),
        fields: {
          [valueField]: { typed, given: 'typed', value: read.value },
          ...(day ? { [atField]: { typed: day, given: 'typed' as const, value: day } } : {}),
        },
        note: '',
        readWith: null,
        status: 'counted',
        reason: '',
        source: 'demo',
        takenAt: new Date(takenAt).toISOString(),
        supersedes: null,
        ...changes,
      }
      entries.push(one)
      return one
    }
    const open = () =>
      asked(plan, groupId, groupIndex, entries).find(
        (slot) =>
          !missed.has(slotKey(slot)) && (days === undefined || (plannedAt(slot.moment) ?? 0) <= days.length),
      )
    const most = Math.round(
      groupProgress(plan, groupId, groupIndex, standingOf([])).needed * (done[groupIndex] ?? 1),
    )
    for (let slot = open(), made = 0; slot && made < most; slot = open()) {
      made++
      if (mishaps.missed?.groupIndex === groupIndex && mishaps.missed.moment === slot.moment) {
        missed.add(slotKey(slot))
        continue
      }
      const typed = eyes(slot, groupIndex)
      const { spoilt } = mishaps
      if (spoilt?.groupIndex === groupIndex && spoilt.tryNumber === slot.tryNumber && !missed.has('spoilt')) {
        missed.add('spoilt')
        made--
        const wrong = write(slot, typed)
        write(slot, typed, { status: 'set-aside', reason: spoilt.reason, supersedes: wrong.id })
      } else write(slot, typed)
    }
    const { against } = mishaps
    if (against?.groupIndex === groupIndex) {
      const [more, less] = [itemAt(plan.levels, against.more).id, itemAt(plan.levels, against.less).id]
      const slot = way.canonicalSlot(plan, { groupId, tryNumber: 1, levelId: more, moment: less })
      write(slot, letterOf(plan, more))
    }
  })
  return entries
}

/** Every slot that the group still has to fill. */
function asked(plan: Plan, groupId: string, groupIndex: number, entries: readonly Entry[]): Slot[] {
  const way = wayOf(plan)
  const own = entries.filter((entry) => entry.groupId === groupId && entry.status === 'counted')
  const slots = way.askedSlots
    ? way.askedSlots(plan, groupId, groupIndex, own)
    : way.slots(plan, groupId, groupIndex)
  const filled = new Set(own.filter((one) => !isGone(one, entries)).map(slotKey))
  return slots.filter((slot) => !filled.has(slotKey(slot)))
}

const isGone = (one: Entry, entries: readonly Entry[]) => entries.some((other) => other.supersedes === one.id)

/** What a group types for a slot, from what there is to be seen. */
function eyesOf({ plan, expected }: Starter, random: Random): (slot: Slot, groupIndex: number) => string {
  const normal = normalRandom(random)
  const spread = (value: number) => value * (1 + expected.trySpread * normal())
  /** Each container goes its own way, a little earlier or later. */
  const lag = new Map(plan.levels.map((level) => [level.id, 0.6 * normal()]))
  return ({ levelId, moment }, groupIndex) => {
    const { recording } = plan
    if (recording.kind === 'word-scale') {
      const day = (plannedAt(moment) ?? 1) + defined(lag.get(defined(levelId)))
      const word = itemAt(recording.words, defined(expected.course)(defined(levelId), day, ''))
      return word.replace(/ \(.*$/u, '')
    }
    if (recording.kind === 'pairs') {
      const [a, b] = [defined(levelId), moment].map((id) => ({
        id,
        value: spread(defined(expected.values[id])),
      }))
      if (Math.abs(defined(a).value - defined(b).value) < alike) return '='
      return letterOf(plan, defined(a).value > defined(b).value ? defined(a).id : defined(b).id)
    }
    const times = levelsForGroup(plan, groupIndex)
      .map(({ id }) => ({ id, seconds: spread(defined(expected.values[id])) }))
      .sort((a, b) => a.seconds - b.seconds)
    return times
      .map(({ id, seconds }, index) => {
        const before = times[index - 1]
        const level = before !== undefined && seconds - before.seconds < race.level && seconds < race.ends
        return `${index === 0 ? '' : level ? '=' : ' '}${letterOf(plan, id)}${seconds < race.ends ? '' : '!'}`
      })
      .join('')
  }
}
