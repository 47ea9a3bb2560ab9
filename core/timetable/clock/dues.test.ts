import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../../instrument'
import { atField, startOf, wayOf } from '../../recording'
import { standingOf, type Entry, type Slot } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../../testing/examplePlan'
import { duesOf, testingOf, type Due } from '..'

const thermometer = instrumentCupboard.find((one) => one.id === 'thermometer')!
const plan = kindsPlan(['none', 'wool', 'wrap', 'paper'], {
  ...{ tries: 1, practiceTries: 0, times: { setUp: 20, reset: 10 } },
  measured: { name: 'temperature', unit: 'C', instrument: { ...thermometer, secondsPerReading: 40 } },
  recording: { kind: 'intervals', minutes: [2, 4, 8, 15], score: 'lost' },
})
const groupIds = ['leaf', 'bell']
const owning = (howMany: number) => ({
  ...({ age: '7-9', groups: 2, lessonMinutes: 45 } as const),
  cupboard: instrumentCupboard.map((one) => (one.id === 'thermometer' ? { ...one, howMany } : one)),
})

const startEntry = (slot: Slot, at: number): Entry =>
  entry({
    ...startOf(slot),
    fields: { [atField]: { typed: '', given: 'typed', value: new Date(at).toISOString() } },
    takenAt: new Date(at).toISOString(),
  })

/** What a class does that follows what is due; a group that is not ready in time looks once more when it is. */
function follow(howMany: number, since: number | null, late: (due: Due) => number) {
  const testing = testingOf(plan, owning(howMany))
  const entries: Entry[] = []
  const done: { due: Due; at: number }[] = []
  let now = since ?? 0
  for (let turn = 0; turn < 100; turn++) {
    const { slots } = standingOf(entries)
    const ask = (at: number) =>
      duesOf(plan, { groupIds, hands: { age: '7-9' }, slots, testing, since, now: at })
    const [told] = ask(now)
    if (!told) return done
    const ready = Math.max(now, (told.at ?? now) + late(told))
    const due = late(told) === 0 ? told : ask(ready).find(({ slot }) => isSame(slot, told.slot))!
    now = Math.max(ready, due.at ?? ready)
    done.push({ due, at: now })
    entries.push(due.kind === 'start' ? startEntry(due.slot, now) : entry({ ...due.slot, value: 40 }))
  }
  throw new Error('it never comes to an end')
}

const isSame = (a: Slot, b: Slot) =>
  a.groupId === b.groupId && a.levelId === b.levelId && a.moment === b.moment

/** The most readings that go on at the same moment, as they were planned after their starts. */
function together(done: readonly { due: Due; at: number }[]): number {
  const starts = done.filter(({ due }) => due.kind === 'start').map(({ at }) => at / 1000)
  const begins = starts.flatMap((start) => [2, 4, 8, 15].map((minute) => start + minute * 60))
  return Math.max(...begins.map((at) => begins.filter((other) => other <= at && at < other + 40).length))
}

describe('what is due', () => {
  it('is what the plan says, where a class keeps to it, and then nothing more', () => {
    const done = follow(2, 1000, () => 0)
    expect(done).toHaveLength(2 * 4 * 5)
    const leaf = done.filter(({ due }) => due.groupIndex === 0)
    const planned = testingOf(plan, owning(2)).starts.filter((one) => one.groupIndex === 0)
    expect(leaf.filter(({ due }) => due.kind === 'start').map(({ at }) => (at - 1000) / 1000)).toEqual(
      planned.map((one) => one.at),
    )
    // Between two starts what was started is read.
    expect(leaf.slice(0, 5).map(({ due }) => `${due.kind} ${due.slot.levelId} ${due.slot.moment}`)).toEqual([
      'start none 2 min',
      'read none 2 min',
      'start wool 2 min',
      'start wrap 2 min',
      'read none 4 min',
    ])
    // Each group has a thermometer of its own.
    expect(together(leaf)).toBe(1)
  })

  it('makes room where a start was late, also for one thermometer between two groups', () => {
    const late = ({ kind, slot }: Due) =>
      kind === 'start' ? 17_000 * plan.levels.findIndex(({ id }) => id === slot.levelId) : 0
    for (const howMany of [1, 2]) {
      const done = follow(howMany, 0, late)
      expect(done).toHaveLength(2 * 4 * 5)
      const own =
        howMany === 1 ? [done] : [0, 1].map((group) => done.filter(({ due }) => due.groupIndex === group))
      for (const one of own) expect(together(one)).toBe(1)
    }
  })

  it('goes by the first start where nobody runs the clock', () => {
    const slots = () => standingOf([]).slots
    const testing = testingOf(plan, owning(2))
    const [first] = duesOf(plan, {
      groupIds,
      hands: { age: '7-9' },
      slots: slots(),
      testing,
      since: null,
      now: 5,
    })
    expect(first).toMatchObject({ kind: 'start', at: null })
    const done = follow(2, null, () => 0)
    expect(done).toHaveLength(2 * 4 * 5)
    expect(together(done.filter(({ due }) => due.groupIndex === 1))).toBe(1)
  })

  it('lets a missed reading stay a gap once the next one has come', () => {
    const [slot] = wayOf(plan).slots(plan, 'leaf', 0)
    const { slots } = standingOf([startEntry(slot!, 0)])
    const testing = testingOf(plan, owning(2))
    const readAt = (minutes: number) =>
      duesOf(plan, { groupIds, hands: { age: '7-9' }, slots, testing, since: 0, now: minutes * 60_000 }).find(
        (due) => due.kind === 'read',
      )?.slot.moment
    expect([0, 3.9, 4, 7.9, 8, 29].map(readAt)).toEqual([
      ...['2 min', '2 min', '4 min', '4 min', '8 min', '15 min'],
    ])
    expect(readAt(31)).toBeUndefined()
  })

  it('is nothing where time does not say when something is read', () => {
    const testing = { starts: [], owned: new Map<string, number>() }
    expect(
      duesOf(examplePlan(), { groupIds, hands: { age: '7-9' }, slots: new Map(), testing, since: 0, now: 0 }),
    ).toEqual([])
  })
})
