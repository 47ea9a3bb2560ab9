// Long: the contract that all ways keep, and what is special about some.
import { describe, expect, it } from 'vitest'
import type { Plan, RecordingKind } from '../plan'
import { standingOf, slotKey, type Entry } from '../entries'
import { examplePlan } from '../testing/examplePlan'
import { entry } from '../testing/exampleEntries'
import { typedFor } from '../testing/typedEntries'
import { perMinute } from './count/perMinute'
import { scoredPlan, scoresOf, weighLesson } from '../comparison'
import { comparisonOf, contextOf, groupProgress, readWithOf, setUps, valueField, wayOf, ways } from '.'

const ruler = {
  name: 'ruler',
  unit: 'cm',
  smallestMark: 1,
  numberedEvery: 10,
  least: 0,
  greatest: 30,
  secondsPerReading: 8,
} as const
const tally = { ...ruler, name: 'tally', unit: 'count', greatest: 200 } as const
const counting = examplePlan({
  recording: { kind: 'count' },
  measured: { name: 'clips held', unit: 'count', instrument: tally },
})
const typed = (text: string, value: number): Entry['fields'] => ({
  [valueField]: { typed: text, given: 'typed', value },
})

/** How an entry of the first slot is read back. */
const printed: Partial<Record<RecordingKind, string>> = {
  race: '20 cm > 40 cm > 60 cm',
  pairs: '40 cm',
  'word-scale': 'a little',
}

describe.each(ways.map((way) => [way.kind, way] as const))('the way %s', (kind, way) => {
  const plan = examplePlan({ recording: way.usualRecording })

  it('is found by its plan and has words for a list', () => {
    expect(way.usualRecording.kind).toBe(kind)
    expect(wayOf(plan)).toBe(way)
    expect(Object.keys(way.usualRecording)).toEqual([
      'kind',
      ...way.options
        .filter((option) => !('optional' in option && option.optional))
        .map((option) => option.name),
    ])
    expect([way.name, way.oneEntry].every((words) => words.trim() !== '')).toBe(true)
  })

  it('has a column for each moment and try of a level', () => {
    const places = (of: readonly { tryNumber: number; moment: string }[]) =>
      of.map((one) => `${one.tryNumber}|${one.moment}`).sort()
    const slots = way.slots(plan, 'leaf', 0)
    const together = way.layout(plan) === 'together'
    expect(places(way.columns(plan))).toEqual(
      places(slots.filter((slot) => together || slot.levelId === 'h20')),
    )
    expect(way.columns(plan).every((column) => column.head !== '')).toBe(true)
  })

  it('has slots that differ, each for the group that is asked about', () => {
    const slots = way.slots(plan, 'leaf', 0)
    expect(new Set(slots.map(slotKey)).size).toBe(slots.length)
    expect(slots.length).toBeGreaterThan(0)
    expect(slots.every((slot) => slot.groupId === 'leaf')).toBe(true)
  })

  it('reads back what it takes: the same text gives the same value on both sides of the wire', () => {
    const [field] = way.fields(plan)
    const slot = way.slots(plan, 'leaf', 0)[0]!
    const sent = typedFor(plan, slot).value!
    const { typed: text, value } = sent
    expect(way.check(plan, text, { slot, others: [], row: [] })).toEqual({ state: 'value', value, hints: [] })
    const understood = way.understand(plan, {
      fields: { [field!.name]: typeof value === 'number' ? { ...sent, value: 99 } : sent },
      readWith: readWithOf(plan),
      moment: slot.moment,
    })
    expect(understood).toEqual({ ok: true, fields: { [field!.name]: sent } })
    const kept = entry({ ...slot, fields: { [field!.name]: sent } })
    expect(way.check(plan, way.typedText(plan, kept), { slot, others: [], row: [] })).toMatchObject({ value })
    expect(way.print(plan, kept)).toBe(printed[kind] ?? '12 cm')
    expect(way.canonicalSlot(plan, slot)).toEqual(slot)
    expect(way.slotName(plan, slot).trim()).not.toBe('')
  })

  it('asks for what a group has to fill, and for no more once it has', () => {
    const before = groupProgress(plan, 'leaf', 0, standingOf([]))
    expect(before).toMatchObject({ done: 0, next: { groupId: 'leaf' } })
    const filled: Entry[] = []
    for (
      let next = before.next;
      next !== null;
      next = groupProgress(plan, 'leaf', 0, standingOf(filled)).next
    ) {
      filled.push(entry({ ...next, fields: typedFor(plan, next) }))
      expect(filled.length).toBeLessThanOrEqual(before.needed)
    }
    expect(groupProgress(plan, 'leaf', 0, standingOf(filled))).toMatchObject({
      done: filled.length,
      needed: filled.length,
    })
  })

  it('gives a score for what counts and none for what could not be read', () => {
    const slots = way.slots(plan, 'leaf', 0)
    const filled = slots
      .filter((one) => one.tryNumber === 1)
      .map((slot, day) =>
        entry({
          ...slot,
          fields: typedFor(plan, slot),
          takenAt: new Date(Date.UTC(2026, 2, 9 + day)).toISOString(),
        }),
      )
    const spoilt = entry({ ...slots.at(-1)!, value: null, status: 'set-aside', reason: 'pushed' })
    const scores = scoresOf(plan, [...filled, spoilt])
    expect(scores.filter((one) => one.levelId === 'h20')).toMatchObject([{ groupId: 'leaf', tryNumber: 1 }])
    expect(scores.every((one) => Number.isFinite(one.value))).toBe(true)
    expect(way.print(plan, spoilt)).toBe('')
    expect(way.typedText(plan, spoilt)).toBe('')
  })

  it('refuses a field that it does not have', () => {
    expect(
      way.understand(plan, {
        fields: { ...typed('1', 1), other: typed('2', 2).value! },
        readWith: null,
        moment: '',
      }).ok,
    ).toBe(false)
  })
})

describe('measure', () => {
  const plan = examplePlan({ measured: { name: 'roll', unit: 'cm', instrument: ruler } })
  const read = (text: string) => wayOf(plan).check(plan, text, null)

  it.each([
    ['2 ruler lengths and 11 cm', 71],
    ['two rulers + 11', 71],
    ['2 x ruler 110 mm', 71],
    ['1 ruler', 30],
    ['3 whole rulers and 2,5 cm', 92.5],
    ['2 sticks of 30 cm and 11 cm', 71],
    ['two wooden sticks of 250 mm', 50],
    ['3 x stick of 1 m, 4 cm', 304],
  ])('reads %j as %d cm, on both sides', (text, value) => {
    expect(read(text)).toMatchObject({ state: 'value', value })
    expect(wayOf(plan).understand(plan, { fields: typed(text, value), readWith: null, moment: '' })).toEqual({
      ok: true,
      fields: typed(text, value),
    })
  })

  it('may be off by more where pieces were laid end to end', () => {
    const laid = (...texts: string[]) =>
      wayOf(plan).readingsPerScore(
        plan,
        texts.map((text) => entry({ fields: typed(text, 71) })),
      )
    expect(laid()).toBe(1)
    expect(laid('71')).toBe(1)
    expect(laid('2 sticks of 30 cm and 11 cm')).toBe(3)
    expect(laid('3 rulers')).toBe(3)
    expect(laid('3 rulers', '71')).toBe(2)
  })

  it('says that a plain number beyond the ruler is off it, and what it cannot read', () => {
    expect(read('71')).toMatchObject({ hints: [{ code: 'above-scale' }] })
    expect(read('2 rulers and 11 cm')).toMatchObject({ hints: [] })
    expect(read('2 rulers and 3 g')).toMatchObject({ state: 'unreadable' })
    expect(read('2 elephants and 11 cm')).toMatchObject({ state: 'unreadable' })
    expect(read('2 sticks of 30 g and 11 cm')).toMatchObject({ state: 'unreadable' })
  })

  it('asks about a slip in them without making a number of it', () => {
    const slot = { groupId: 'd', levelId: 'h20', tryNumber: 1, moment: '' }
    const others = ['a', 'b', 'c'].flatMap((groupId) =>
      [7, 8, 7].map((value, index) => ({
        id: `${groupId}${index}`,
        groupId,
        levelId: 'h20',
        tryNumber: index + 1,
        value,
      })),
    )
    const entry = wayOf(plan).check(plan, '2 rulers and 11 cm', { slot, others, row: [] })
    expect(entry).toMatchObject({
      state: 'value',
      value: 71,
      hints: [{ code: 'likely-slip', suggestion: null }],
    })
  })

  it('does not measure out the lengths of one instrument by another', () => {
    const metre = { instrument: 'metre stick', unit: 'cm', mark: 1 } as const
    const entry = { fields: typed('2 rulers and 11 cm', 71), readWith: metre, moment: '' }
    expect(wayOf(plan).understand(plan, entry)).toMatchObject({
      ok: false,
      message: expect.stringContaining('another instrument'),
    })
    expect(wayOf(plan).understand(plan, { ...entry, readWith: readWithOf(plan) }).ok).toBe(true)
  })

  it('knows no lengths of a stopwatch', () => {
    const time: Plan = examplePlan({
      measured: { name: 'time', unit: 's', instrument: { ...ruler, unit: 's' } },
    })
    expect(wayOf(time).check(time, '2 rulers', null)).toMatchObject({ state: 'unreadable' })
  })
})

describe('count', () => {
  const read = (text: string) => wayOf(counting).check(counting, text, null)

  it('takes whole numbers from 0', () => {
    expect(read('12')).toEqual({ state: 'value', value: 12, hints: [] })
    expect(read('0')).toMatchObject({ state: 'value', value: 0 })
  })

  it.each([
    ['2,5', 'whole number'],
    ['-3', 'never below 0'],
  ])('asks about %j on both sides', (text, words) => {
    expect(read(text)).toMatchObject({ state: 'unreadable', message: expect.stringContaining(words) })
    const value = Number(text.replace(',', '.'))
    expect(
      wayOf(counting).understand(counting, { fields: typed(text, value), readWith: null, moment: '' }),
    ).toMatchObject({
      ok: false,
      message: expect.stringContaining(words),
    })
  })
})

describe('count in a set time', () => {
  const beats = examplePlan({
    recording: { kind: 'count', seconds: 15 },
    measured: { name: 'heart beats', unit: 'count', instrument: tally },
    levelOrder: 'same',
  })

  it('makes 92 a minute of 23 in 15 s, and says both', () => {
    const one = entry({ value: 23 })
    expect(scoresOf(beats, [one])).toMatchObject([{ value: 92 }])
    expect(wayOf(beats).print(beats, one)).toBe('23 in 15 s, 92 a minute')
    expect(perMinute(23, 15)).toBe(92)
    expect(perMinute(7, 60)).toBe(7)
    expect(() => perMinute(7, 0)).toThrow(RangeError)
  })

  it('is weighed by the minute: one more in 15 s is a step of four', () => {
    const entries = ['a', 'b', 'c'].flatMap((groupId) =>
      [20, 25, 31].flatMap((value, level) =>
        [0, 1, -1].map((off, index) =>
          entry({ groupId, levelId: `h${20 * (level + 1)}`, tryNumber: index + 1, value: value + off }),
        ),
      ),
    )
    const weighed = weighLesson(beats, entries, ['a', 'b', 'c'])
    expect(weighed.results.map((one) => one.centre)).toEqual([80, 100, 124])
    expect(scoredPlan(beats).measured).toMatchObject({
      name: 'heart beats a minute',
      instrument: { smallestMark: 4 },
    })
    expect(comparisonOf(scoredPlan(beats)).worth.least).toBe(4)
    expect(weighed.judgement.verdict.word).toBe('clear')
  })

  it('compares what is typed with the other counts, not with rates', () => {
    const context = contextOf(
      beats,
      ['a', 'b', 'c'].flatMap((groupId) =>
        [22, 23, 24].map((value, index) => entry({ groupId, tryNumber: index + 1, value })),
      ),
      { groupId: 'd', levelId: 'h20', tryNumber: 1, moment: '' },
    )
    expect(wayOf(beats).check(beats, '23', context)).toEqual({
      state: 'value',
      value: 23,
      hints: [],
    })
    expect(wayOf(beats).check(beats, '230', context)).toMatchObject({
      hints: [{ suggestion: 23 }, {}],
    })
  })
})

describe('setUps', () => {
  it('counts what the entries that count were read with, the most used first', () => {
    const cm = (instrument: string) => ({ instrument, unit: 'cm', mark: 1 }) as const
    const entries = [
      entry({ readWith: cm('tape measure') }),
      entry({ tryNumber: 2, readWith: cm('metre stick') }),
      entry({ tryNumber: 3, readWith: cm('metre stick') }),
      entry({ levelId: 'h40', readWith: cm('ruler'), status: 'set-aside', reason: 'pushed' }),
    ]
    expect(setUps(standingOf(entries).counted)).toEqual([
      [
        { instrument: 'metre stick', entries: 2 },
        { instrument: 'tape measure', entries: 1 },
      ],
    ])
  })

  it('knows that a balance beside a measuring cylinder is no other set-up', () => {
    const grams = { instrument: 'balance', unit: 'g', mark: 1 } as const
    const millilitres = { instrument: 'measuring cylinder', unit: 'mL', mark: 2 } as const
    const entries = [entry({ readWith: millilitres }), entry({ tryNumber: 2, readWith: grams })]
    expect(setUps(entries)).toEqual([
      [{ instrument: 'measuring cylinder', entries: 1 }],
      [{ instrument: 'balance', entries: 1 }],
    ])
  })
})

describe('two entries for one slot', () => {
  const plan = examplePlan({ levelOrder: 'same' })
  const twice = [entry({ id: 'a', value: 12 }), entry({ id: 'b', value: 99 })]

  it('count for neither until one is chosen, and keep no group waiting', () => {
    expect(scoresOf(plan, standingOf(twice).counted)).toEqual([])
    expect(groupProgress(plan, 'leaf', 0, standingOf(twice))).toMatchObject({
      done: 1,
      next: { tryNumber: 2 },
    })
    const chosen = [
      ...twice,
      entry({ value: 99, status: 'set-aside', reason: 'another was chosen', supersedes: 'b' }),
    ]
    expect(scoresOf(plan, standingOf(chosen).counted).map((score) => score.id)).toEqual(['a'])
  })

  it('are left out of what a slot is compared with', () => {
    const third = entry({ tryNumber: 2, value: 14 })
    const others = standingOf([...twice, third]).counted
    expect(contextOf(plan, others, third).others).toEqual([])
    expect(contextOf(plan, others, twice[0]!).others.map((score) => score.value)).toEqual([14])
  })
})
