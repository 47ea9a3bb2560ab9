import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { decideVerdict, resultSentence } from '.'
import { resolutionOf } from '../instrument'
import { weighLesson } from '../recording'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { reading, readingsFrom } from '../testing/exampleReadings'

const rising = {
  leaf: { h20: [11, 12, 11], h40: [22, 21, 23], h60: [33, 32, 34] },
  bell: { h20: [10, 12, 11], h40: [20, 22, 22], h60: [31, 33, 33] },
  key: { h20: [12, 12, 13], h40: [23, 22, 24], h60: [34, 35, 33] },
  fish: { h20: [11, 10, 12], h40: [21, 22, 21], h60: [32, 33, 32] },
}

describe('weighLesson on numbers', () => {
  const plan = examplePlan()

  it('finds a clear rise, its size, and who agrees', () => {
    const { finding, results } = weighLesson(plan, readingsFrom(rising))
    expect(finding).toMatchObject({
      kind: 'trend',
      direction: 'rising',
      verdict: { word: 'clear', because: 'chance' },
      agreeing: 4,
      dissenting: [],
      blocks: 4,
    })
    // Group centres at 20 cm are 11, 11, 12, 11, so the class result is 11.25.
    expect(results[0]!.centre).toBe(11.25)
    expect(finding.kind === 'trend' && finding.slope).toBeCloseTo(0.55, 2)
  })

  it('weighs groups equally, however many tries they made', () => {
    const readings = readingsFrom({ leaf: { h20: [10, 10, 10, 10, 10, 10] }, bell: { h20: [20] } })
    expect(weighLesson(plan, readings).results[0]!.centre).toBe(15)
  })

  it('leaves out what was superseded or set aside', () => {
    const wrong = reading({ id: 'w', value: 900 })
    const readings = [
      wrong,
      reading({ value: 9, supersedes: 'w' }),
      reading({ tryNumber: 2, value: 11 }),
      reading({ tryNumber: 3, value: 500, status: 'set-aside', reason: 'x' }),
    ]
    expect(weighLesson(plan, readings).cells[0]!.values).toEqual([9, 11])
  })

  it('can’t tell from one group with one try, but can from one group whose rounds all agree', () => {
    expect(
      weighLesson(plan, readingsFrom({ leaf: { h20: [10], h40: [20], h60: [30] } })).finding.verdict,
    ).toEqual({ word: 'cant-tell', because: 'too-little-data' })
    const { finding } = weighLesson(
      plan,
      readingsFrom({ leaf: { h20: [10, 11, 12], h40: [20, 21, 22], h60: [30, 31, 32] } }),
    )
    // Three rising rounds of three: 1/216 on one side.
    expect(finding.verdict).toEqual({ word: 'clear', because: 'chance' })
  })

  it('finds no difference where the results differ by less than a mark', () => {
    const level = { h20: [11, 12], h40: [12, 11], h60: [11, 12] }
    expect(weighLesson(plan, readingsFrom({ leaf: level, bell: level, key: level })).finding.verdict).toEqual(
      { word: 'no-difference', because: 'below-resolution' },
    )
  })

  it('can’t tell where groups disagree, and names those who see it otherwise', () => {
    const { finding } = weighLesson(
      plan,
      readingsFrom({
        leaf: { h20: [10], h40: [20], h60: [30] },
        bell: { h20: [30], h40: [20], h60: [10] },
        key: { h20: [10], h40: [21], h60: [30] },
      }),
    )
    expect(finding).toMatchObject({
      verdict: { word: 'cant-tell', because: 'groups-disagree' },
      agreeing: 2,
      dissenting: ['bell'],
    })
  })

  it('finds a slip among the tries, and only the slip', () => {
    const slipped = { ...rising, key: { ...rising.key, h40: [230, 22, 24] } }
    const { odd } = weighLesson(plan, readingsFrom(slipped))
    expect(odd).toHaveLength(1)
    expect(odd[0]).toMatchObject({ groupId: 'key', levelId: 'h40', value: 230, others: [22, 24] })
  })

  it('finds a group that always reads high', () => {
    const shifted = Object.fromEntries(
      Object.entries(rising.fish).map(([level, values]) => [level, values.map((value) => value + 8)]),
    )
    // Row effects before centring: 0, 0, 1 and 7; their middle, 0.5, belongs to the whole.
    expect(weighLesson(plan, readingsFrom({ ...rising, fish: shifted })).offsets).toEqual([
      { groupId: 'fish', offset: 6.5 },
    ])
    expect(weighLesson(plan, readingsFrom(rising)).offsets).toEqual([])
  })

  it('judges alike in whichever order readings arrive', () => {
    const readings = readingsFrom(rising)
    fc.assert(
      fc.property(fc.shuffledSubarray(readings, { minLength: readings.length }), (shuffled) => {
        const { finding } = weighLesson(plan, shuffled)
        expect(finding).toMatchObject({ direction: 'rising', verdict: { word: 'clear' } })
      }),
      { numRuns: 20 },
    )
  })

  it('turns round when every reading is mirrored', () => {
    const table = fc.array(fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 3, maxLength: 3 }), {
      minLength: 2,
      maxLength: 6,
    })
    fc.assert(
      fc.property(table, (groups) => {
        const from = (value: (one: number) => number) =>
          readingsFrom(
            Object.fromEntries(
              groups.map((values, index) => [
                `g${index}`,
                Object.fromEntries(values.map((one, level) => [['h20', 'h40', 'h60'][level]!, [value(one)]])),
              ]),
            ),
          )
        const one = weighLesson(
          plan,
          from((value) => value),
        ).finding
        const other = weighLesson(
          plan,
          from((value) => 100 - value),
        ).finding
        expect(other.verdict).toEqual(one.verdict)
        if (one.kind === 'trend' && other.kind === 'trend')
          expect(other.direction).toBe({ rising: 'falling', falling: 'rising', none: 'none' }[one.direction])
      }),
    )
  })
})

describe('weighLesson on kinds', () => {
  const plan = kindsPlan(['carpet', 'tiles', 'grass'], { best: 'most', question: 'Which is best?' })
  const six = Object.fromEntries(
    ['a', 'b', 'c', 'd', 'e', 'f'].map((group, index) => [
      group,
      { carpet: [20 + index], tiles: [40 + index], grass: [10 + index] },
    ]),
  )

  it('is clear with six groups that agree: 2 of 64 ways', () => {
    const { finding } = weighLesson(plan, readingsFrom(six))
    expect(finding).toMatchObject({
      kind: 'kinds',
      verdict: { word: 'clear', because: 'chance' },
      agreeing: 6,
    })
    expect(finding.kind === 'kinds' && finding.first?.level.name).toBe('tiles')
    expect(finding.kind === 'kinds' && finding.next?.level.name).toBe('carpet')
  })

  it('turns to the other end when the least is best', () => {
    const { finding } = weighLesson({ ...plan, best: 'least' }, readingsFrom(six))
    expect(finding.kind === 'kinds' && finding.first?.level.name).toBe('grass')
  })

  it('counts full agreement without overlap in a small class, and says so', () => {
    const { finding } = weighLesson(plan, readingsFrom({ a: six.a!, b: six.b!, c: six.c! }))
    expect(finding.verdict).toEqual({ word: 'clear', because: 'small-class-agreement' })
    expect(
      resultSentence(plan, weighLesson(plan, readingsFrom({ a: six.a!, b: six.b!, c: six.c! }))).reason,
    ).toMatch(/few/)
  })

  it('can’t tell while only one kind is tested', () => {
    expect(weighLesson(plan, readingsFrom({ a: { carpet: [1, 2, 3] } })).finding.verdict.word).toBe(
      'cant-tell',
    )
  })
})

describe('patterns that neither rise nor fall, and kinds too close at the top', () => {
  const groups = ['a', 'b', 'c', 'd', 'e', 'f']

  it('are called uneven when the levels differ all the same', () => {
    const peak = Object.fromEntries(
      groups.map((group, index) => [group, { h20: [20 + index], h40: [50 + index], h60: [21 + index] }]),
    )
    const evidence = weighLesson(examplePlan(), readingsFrom(peak))
    expect(evidence.finding).toMatchObject({
      verdict: { word: 'leaning', because: 'uneven' },
      direction: 'none',
    })
    expect(resultSentence(examplePlan(), evidence).sentence).toBe(
      'The bounce height differs, but not steadily up or down: most at 40 cm, least at 20 cm.',
    )
  })

  it('still differ by Friedman’s test though the first two are level', () => {
    const plan = kindsPlan(['carpet', 'tiles', 'grass'], { best: 'most' })
    const close = Object.fromEntries(
      groups.map((group, index) => [
        group,
        { carpet: [40 + (index % 2 ? 3 : -3)], tiles: [41], grass: [10 + index] },
      ]),
    )
    const evidence = weighLesson(plan, readingsFrom(close))
    expect(evidence.finding).toMatchObject({
      kind: 'kinds',
      differ: true,
      verdict: { word: 'no-difference' },
    })
    const apart = Object.fromEntries(
      groups.map((group, index) => [
        group,
        { carpet: [40 + (index % 2 ? 9 : -5)], tiles: [39], grass: [10 + index] },
      ]),
    )
    expect(resultSentence(plan, weighLesson(plan, readingsFrom(apart))).sentence).toBe(
      'They do differ, but carpet and tiles are too close to tell apart yet.',
    )
  })

  it('judges rounds of redesign by their order', () => {
    const bridge = kindsPlan(['round 1', 'round 2', 'round 3'], { aim: 'improve' })
    const better = Object.fromEntries(
      groups.map((group, index) => [
        group,
        { 'round 1': [5 + index], 'round 2': [9 + index], 'round 3': [15 + index] },
      ]),
    )
    const evidence = weighLesson(bridge, readingsFrom(better))
    expect(evidence.finding).toMatchObject({ kind: 'trend', direction: 'rising', verdict: { word: 'clear' } })
    expect(resultSentence(bridge, evidence).sentence).toBe('Later rounds gave a larger bounce height.')
  })
})

describe('decideVerdict', () => {
  const grounds = { p: 0.5, fullAgreement: () => false, blocks: 6, difference: 5, resolution: 1 }

  it.each([
    [{ p: 0.05 }, 'clear'],
    [{ p: 0.051 }, 'leaning'],
    [{ p: 0.2 }, 'leaning'],
    [{ p: 0.21 }, 'cant-tell'],
    [{ p: 0.5, fullAgreement: () => true }, 'clear'],
    [{ p: 0.001, difference: 1 }, 'no-difference'],
    [{ p: 0.001, difference: 1, blocks: 2 }, 'cant-tell'],
    [{ p: 0.001, blocks: 1 }, 'cant-tell'],
  ])('%j: %s', (changes, word) => {
    expect(decideVerdict({ ...grounds, ...changes }).word).toBe(word)
  })
})

describe('resolutionOf', () => {
  it('is the mark in the unit measured, without the offset of temperatures', () => {
    expect(resolutionOf(examplePlan()).mark).toBe(1)
    expect(
      resolutionOf({
        rounding: 'mark',
        measured: { name: '', unit: 'm', instrument: examplePlan().measured.instrument },
      }).mark,
    ).toBe(0.01)
    const thermometer = {
      name: '',
      unit: 'C' as const,
      smallestMark: 1,
      numberedEvery: 10,
      least: -10,
      greatest: 110,
      secondsPerReading: 1,
    }
    expect(
      resolutionOf({ rounding: 'mark', measured: { name: '', unit: 'F', instrument: thermometer } }).mark,
    ).toBe(1.8)
  })

  it('is half a mark where half marks are read', () => {
    expect(resolutionOf(examplePlan({ rounding: 'half-mark' })).mark).toBe(0.5)
  })
})

describe('resultSentence', () => {
  it('says the size of a clear trend by the usual step', () => {
    expect(resultSentence(examplePlan(), weighLesson(examplePlan(), readingsFrom(rising)))).toEqual({
      sentence: 'A larger drop height gave a larger bounce height: each extra 20 cm added about 11 cm.',
      reason: 'All 4 groups found the same. Luck alone would rarely do that.',
    })
  })

  it('promises nothing before there is anything to compare', () => {
    expect(resultSentence(examplePlan(), weighLesson(examplePlan(), [])).sentence).toBe(
      'There is nothing to compare yet.',
    )
  })

  it('says what would settle an open question', () => {
    const open = weighLesson(
      examplePlan(),
      readingsFrom({ leaf: { h20: [10], h40: [20] }, bell: { h20: [30], h40: [20] } }),
    )
    expect(resultSentence(examplePlan(), open).reason).toMatch(/would settle it/)
  })
})
