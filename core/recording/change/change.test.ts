// Long: before and after, apart and together, with and without a container.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Instrument } from '../../instrument'
import type { ChangeRecording, Plan, Recording } from '../../plan'
import { standingOf, type Entry, type Slot } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { scoredPlan, scoresOf, weighLesson } from '../../comparison'
import { classRows, contextOf, groupProgress, readWithOf, wayOf } from '..'
import { startsDiffer } from './changes'
import { containerMoment } from './containers'

const balance: Instrument = {
  name: 'balance',
  unit: 'g',
  smallestMark: 1,
  numberedEvery: 100,
  least: 0,
  greatest: 2000,
  secondsPerReading: 15,
}
const cylinder: Instrument = {
  ...balance,
  name: 'measuring cylinder',
  unit: 'mL',
  smallestMark: 2,
  greatest: 500,
}
const beforeAfter = {
  kind: 'before-after',
  moments: ['before', 'after'],
  stand: 'in-turn',
  container: 'none',
  change: 'lost',
  compare: 'starts',
} as const satisfies ChangeRecording
const changing = (recording: Recording, levels: string[], changes: Partial<Plan> = {}) =>
  kindsPlan(levels, {
    recording,
    tries: 1,
    measured: { name: 'mass', unit: 'g', instrument: balance },
    ...changes,
  })
const inContainers = changing({ ...beforeAfter, moments: ['before', 'after'], container: 'weighed' }, [
  'jar',
  'cup',
])
const poured = changing(
  { kind: 'parts-whole', parts: ['rice', 'peas'], container: 'none', change: 'lost', compare: 'starts' },
  ['rice and peas'],
  { comparison: 'levels', measured: { name: 'volume', unit: 'mL', instrument: cylinder } },
)

/** Entries of one group, by level, each with what was read at the moments of its tries. */
const group = (plan: Plan, groupId: string, table: Record<string, Record<string, number>[]>): Entry[] =>
  Object.entries(table).flatMap(([levelId, tries]) =>
    tries.flatMap((moments, index) =>
      Object.entries(moments).map(([moment, value]) =>
        entry({ groupId, levelId, tryNumber: index + 1, moment, value, readWith: readWithOf(plan) }),
      ),
    ),
  )
const jarAndCup = group(inContainers, 'leaf', {
  jar: [{ [containerMoment]: 40, before: 200, after: 188 }],
  cup: [{ [containerMoment]: 25, before: 105, after: 97 }],
})
const steps = (plan: Plan, entries: Entry[], levelId: string) =>
  wayOf(plan)
    .arithmetic!.steps(plan, entries, { groupId: 'leaf', levelId, tryNumber: 1 })
    .map((step) => step.said)
const slot = (levelId: string, moment: string, tryNumber = 1): Slot => ({
  groupId: 'leaf',
  levelId,
  tryNumber,
  moment,
})

describe('before and after', () => {
  it('takes the container off and compares by the share where the starts differ: jar 7.5%, cup 10%', () => {
    expect(scoresOf(inContainers, jarAndCup)).toMatchObject([
      { levelId: 'jar', value: 7.5 },
      { levelId: 'cup', value: 10 },
    ])
    const scored = scoredPlan(inContainers, jarAndCup)
    expect(scored.measured).toMatchObject({ name: 'share of mass lost', unit: 'percent' })
    const { results } = weighLesson(inContainers, jarAndCup, ['leaf'])
    expect(wayOf(inContainers).detail(inContainers, jarAndCup, results)).toBe(
      'mass: jar lost 7.5% of its start and cup lost 10% of its start. ' +
        'The starts differ, from 80 g to 160 g, so the changes are compared as shares of the start.',
    )
  })

  it('compares by grams where the plan says so: the jar lost more', () => {
    const plan = {
      ...inContainers,
      recording: { ...inContainers.recording, compare: 'amount' } as ChangeRecording,
    }
    expect(scoresOf(plan, jarAndCup).map((one) => one.value)).toEqual([12, 8])
    expect(scoredPlan(plan, jarAndCup).measured).toMatchObject({ name: 'mass lost', unit: 'g' })
  })

  it('shows its arithmetic line by line', () => {
    expect(steps(inContainers, jarAndCup, 'jar')).toEqual([
      '200 g − 40 g = 160 g',
      '188 g − 40 g = 148 g',
      '160 g − 148 g = 12 g',
      '148 g of 160 g left: lost 7.5%',
    ])
    const heavier = group(inContainers, 'leaf', { cup: [{ [containerMoment]: 25, before: 105, after: 122 }] })
    expect(steps(inContainers, heavier, 'cup').slice(-2)).toEqual([
      '97 g − 80 g = 17 g',
      '97 g from 80 g: gained 21.3%',
    ])
  })

  it('says that no change could be measured where it is within what the readings can show', () => {
    const plan = changing({ ...beforeAfter, moments: ['lump', 'flat', 'lump again'] }, [
      'rolled long',
      'pressed flat',
    ])
    const entries = group(plan, 'leaf', {
      'rolled long': [{ lump: 200, flat: 200, 'lump again': 199 }],
      'pressed flat': [{ lump: 200, flat: 200, 'lump again': 190 }],
    })
    expect(steps(plan, entries, 'rolled long').slice(0, 3)).toEqual([
      '200 g − 200 g = 0 g',
      '200 g − 199 g = 1 g',
      '200 g − 199 g = 1 g',
    ])
    const { results } = weighLesson(plan, entries, ['leaf'])
    expect(wayOf(plan).detail(plan, entries, results)).toBe(
      'mass: pressed flat lost 10 g. Rolled long: no change we could measure; the readings of one try could show more than 1 g.',
    )
  })

  it('believes six groups that all lost a mark, and not six of which one gained it', () => {
    const plan = changing(beforeAfter, ['lump', 'other'])
    const told = (last: number) => {
      const entries = ['a', 'b', 'c', 'd', 'e', 'f'].flatMap((id, place) =>
        group(plan, id, {
          lump: [{ before: 200, after: place === 5 ? last : 199 }],
          other: [{ before: 200, after: 160 }],
        }),
      )
      return wayOf(plan).detail(plan, entries, weighLesson(plan, entries, []).results)
    }
    expect(told(199)).toContain('lump lost 1 g')
    expect(told(201)).toContain('Lump: no change we could measure')
  })

  it('never goes by the share of a temperature, nor of a start of nothing', () => {
    const warm = changing(beforeAfter, ['wool', 'foil'], {
      measured: {
        name: 'temperature',
        unit: 'C',
        instrument: { ...balance, unit: 'C', name: 'thermometer' },
      },
    })
    const entries = group(warm, 'leaf', {
      wool: [{ before: 40, after: 36 }],
      foil: [{ before: 60, after: 50 }],
    })
    expect(scoresOf(warm, entries).map((one) => one.value)).toEqual([4, 10])
    expect(steps(warm, entries, 'wool')).toEqual(['40 °C − 36 °C = 4 °C'])
    const plan = changing(beforeAfter, ['dry', 'wet'])
    const from0 = group(plan, 'leaf', { dry: [{ before: 0, after: 5 }], wet: [{ before: 80, after: 90 }] })
    expect(scoresOf(plan, from0).map((one) => one.value)).toEqual([-5, -10])
    expect(steps(plan, from0, 'dry')).toEqual(['5 g − 0 g = 5 g'])
  })

  it('asks in working order: container first, then each moment; side by side all before any after', () => {
    const order = (plan: Plan) =>
      wayOf(plan)
        .slots(plan, 'leaf', 0)
        .map((one) => `${one.levelId} ${one.moment} ${one.tryNumber}`)
    const twice = { ...inContainers, tries: 2 }
    expect(order(twice).slice(0, 6)).toEqual([
      `jar ${containerMoment} 1`,
      'jar before 1',
      'jar after 1',
      'jar before 2',
      'jar after 2',
      `cup ${containerMoment} 1`,
    ])
    const beside = changing({ ...beforeAfter, stand: 'side-by-side' }, ['jar', 'cup'])
    expect(order(beside)).toEqual(['jar before 1', 'cup before 1', 'jar after 1', 'cup after 1'])
    expect(wayOf(beside).needs(beside.recording).sideBySide).toBe(true)
    expect(groupProgress(twice, 'leaf', 0, standingOf(jarAndCup))).toMatchObject({ done: 6, needed: 10 })
  })

  it('knows nothing of a try before its container is weighed, and then all at once', () => {
    const without = jarAndCup.filter((one) => one.moment !== containerMoment)
    expect(scoresOf(inContainers, without)).toEqual([])
    // Its readings are all there but the one that is taken off.
    expect(wayOf(inContainers).soFar(inContainers, without)?.sentence).toBe(
      'Nothing can be compared before one try has all its readings, its empty container too.',
    )
    expect(scoresOf(inContainers, jarAndCup)).toHaveLength(2)
    expect(wayOf(inContainers).soFar(inContainers, jarAndCup)).toBeNull()
  })
})

describe('what went wrong', () => {
  const spoilt = (plan: Plan, of: Slot) =>
    wayOf(plan)
      .alsoSpoilt(plan, jarAndCup, of)
      .map((one) => one.moment)

  it('spoils its try, which begins anew, and not the container', () => {
    expect(spoilt(inContainers, slot('jar', 'after'))).toEqual(['before'])
    expect(spoilt(inContainers, slot('jar', 'after', 2))).toEqual([])
    expect(spoilt(inContainers, slot('jar', containerMoment))).toEqual([])
  })

  it('spoils one reading alone where all stand side by side', () => {
    const recording = { ...inContainers.recording, stand: 'side-by-side' } as ChangeRecording
    expect(spoilt({ ...inContainers, recording }, slot('jar', 'after'))).toEqual([])
  })
})

describe('what its own row says about a value', () => {
  const hints = (plan: Plan, text: string, entries: Entry[], of: Slot) => {
    const read = wayOf(plan).check(plan, text, contextOf(plan, entries, of))
    return read.state === 'value' ? read.hints.map((hint) => hint.message) : [read.state]
  }

  it('asks where a container is heavier empty than full, or was taken off already', () => {
    expect(hints(inContainers, '240', jarAndCup, slot('jar', containerMoment))[0]).toBe(
      'Filled, it read 188 g: it can’t be more when it is empty. Look again.',
    )
    expect(hints(inContainers, '30', jarAndCup, slot('jar', 'after'))[0]).toContain(
      'Its container alone reads 40 g.',
    )
    expect(hints(inContainers, '188', jarAndCup, slot('jar', 'after'))).toEqual([])
  })

  it('notices an unequal start at once', () => {
    const plan = changing(beforeAfter, ['wool', 'foil', 'felt'])
    const others = group(plan, 'leaf', { wool: [{ before: 200 }], foil: [{ before: 202 }] })
    expect(hints(plan, '160', others, slot('felt', 'before'))).toEqual([
      'The others start near 201 g. Can they all start alike? If not, shares of the start are compared.',
    ])
    expect(hints(plan, '199', others, slot('felt', 'before'))).toEqual([])
    expect(hints(plan, '160', others, slot('felt', 'after'))).toEqual([])
  })

  it('asks where a whole is less than one of its parts', () => {
    const parts = group(poured, 'leaf', { 'rice and peas': [{ rice: 100, peas: 80 }] })
    expect(hints(poured, '92', parts, slot('rice and peas', 'all together'))[0]).toBe(
      'rice alone read 100 mL. Can all together be less? Look again.',
    )
    const whole = group(poured, 'leaf', { 'rice and peas': [{ 'all together': 152 }] })
    expect(hints(poured, '160', whole, slot('rice and peas', 'rice'))[0]).toContain(
      'All together read 152 mL.',
    )
  })
})

describe('parts and the whole', () => {
  const entries = group(poured, 'leaf', { 'rice and peas': [{ rice: 100, peas: 80, 'all together': 152 }] })

  it('finds 152 mL to be 28 mL less than 100 and 80, more than three readings of 2 mL marks may be off', () => {
    expect(scoresOf(poured, entries)).toMatchObject([{ value: 28 }])
    expect(steps(poured, entries, 'rice and peas')).toEqual([
      '100 mL + 80 mL = 180 mL',
      '180 mL − 152 mL = 28 mL',
      '152 mL together, 180 mL apart: 15.6% less',
    ])
    const { results } = weighLesson(poured, entries, ['leaf'])
    expect(wayOf(poured).detail(poured, entries, results)).toBe(
      'volume: rice and peas came to 28 mL less together.',
    )
    expect(wayOf(poured).readingsPerScore(poured, [])).toBe(3)
    const same = group(poured, 'leaf', { 'rice and peas': [{ rice: 100, peas: 80, 'all together': 178 }] })
    expect(wayOf(poured).detail(poured, same, weighLesson(poured, same, ['leaf']).results)).toContain(
      'no change we could measure; the readings of one try could show more than 3 mL',
    )
  })

  it('hands parts and whole to the chart, and means that add up', () => {
    const picture = wayOf(poured).picture!(poured, entries)
    expect(picture).toMatchObject({
      kind: 'stacked',
      parts: ['rice', 'peas'],
      whole: 'all together',
      within: 3,
    })
    const more = group(poured, 'bell', { 'rice and peas': [{ rice: 102, peas: 80 }] })
    const both = wayOf(poured).picture!(poured, [...entries, ...more])
    expect(both.kind === 'stacked' && classRows(both.rows, 'mean').get('rice and peas')).toEqual([
      100, 80, 152,
    ])
  })

  it('gives no score for a try that lacks a part', () => {
    expect(scoresOf(poured, entries.slice(1))).toEqual([])
  })

  it('takes a container off each part and the whole, and knows what that costs', () => {
    const recording = { ...poured.recording, container: 'weighed' } as ChangeRecording
    const plan = { ...poured, recording }
    const weighed = [...entries, ...group(plan, 'leaf', { 'rice and peas': [{ [containerMoment]: 20 }] })]
    expect(scoresOf(plan, weighed)).toMatchObject([{ value: 8 }])
    expect(wayOf(plan).readingsPerScore(plan, [])).toBe(4)
  })
})

describe('starts', () => {
  it('never differ by less than the readings can show, nor by less than a twentieth', () => {
    const plan = changing(beforeAfter, ['a', 'b'])
    expect(startsDiffer(plan, [{ from: 10 }, { from: 11 }])).toBe(false)
    expect(startsDiffer(plan, [{ from: 200 }, { from: 209 }])).toBe(false)
    expect(startsDiffer(plan, [{ from: 200 }, { from: 212 }])).toBe(true)
    expect(startsDiffer(plan, [{ from: 200 }])).toBe(false)
  })

  it('do not matter to shares: all readings times a number give the same shares', () => {
    const plan = changing({ ...beforeAfter, compare: 'share' }, ['a', 'b'])
    const gram = fc.integer({ min: 1, max: 400 })
    fc.assert(
      fc.property(gram, gram, gram, fc.integer({ min: 2, max: 5 }), (from, first, second, times) => {
        const at = (by: number) =>
          scoresOf(
            plan,
            group(plan, 'leaf', {
              a: [{ before: from * by, after: first * by }],
              b: [{ before: from * by, after: second * by }],
            }),
          ).map((one) => one.value)
        const [once, more] = [at(1), at(times)]
        once.forEach((value, index) => expect(more[index]).toBeCloseTo(value, 9))
      }),
    )
  })
})
