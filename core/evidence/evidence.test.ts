// Long: every sentence that a class may be told has its lesson here.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { openDifference, resultSentence, tableOf, verdictOf, worthNoticing } from '.'
import { resolutionOf } from '../instrument'
import { standingOf } from '../entries'
import { weighLesson } from '../comparison'
import { worthNoticingIn } from '../recording'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { entry, entriesFrom } from '../testing/exampleEntries'

const rising = {
  leaf: { h20: [11, 12, 11], h40: [22, 21, 23], h60: [33, 32, 34] },
  bell: { h20: [10, 12, 11], h40: [20, 22, 22], h60: [31, 33, 33] },
  key: { h20: [12, 12, 13], h40: [23, 22, 24], h60: [34, 35, 33] },
  fish: { h20: [11, 10, 12], h40: [21, 22, 21], h60: [32, 33, 32] },
}

describe('weighLesson on numbers', () => {
  const plan = examplePlan()

  it('finds a clear rise, its size, and who agrees', () => {
    const { judgement, results } = weighLesson(plan, entriesFrom(rising))
    expect(judgement).toMatchObject({
      kind: 'trend',
      direction: 'rising',
      verdict: { word: 'clear', because: 'groups' },
      agreeing: 4,
      dissenting: [],
      groups: 4,
      unanimous: true,
      order: [['h60'], ['h40'], ['h20']],
    })
    // Group centres at 20 cm are 11, 11, 12, 11, so the class result is 11.25.
    expect(results[0]!.centre).toBe(11.25)
    expect(judgement.kind === 'trend' && judgement.slope).toBeCloseTo(0.55, 2)
  })

  it('weighs groups equally, however many tries they made', () => {
    const readings = entriesFrom({ leaf: { h20: [10, 10, 10, 10, 10, 10] }, bell: { h20: [20] } })
    expect(weighLesson(plan, readings).results[0]!.centre).toBe(15)
  })

  it('leaves out what was superseded or set aside', () => {
    const wrong = entry({ id: 'w', value: 900 })
    const readings = [
      wrong,
      entry({ value: 9, supersedes: 'w' }),
      entry({ tryNumber: 2, value: 11 }),
      entry({ tryNumber: 3, value: 500, status: 'set-aside', reason: 'x' }),
    ]
    expect(weighLesson(plan, standingOf(readings).counted).cells[0]!.values).toEqual([9, 11])
  })

  it('can’t tell from one group with one try, and leans at most with one group whose tries all agree', () => {
    expect(
      weighLesson(plan, entriesFrom({ leaf: { h20: [10], h40: [20], h60: [30] } })).judgement.verdict,
    ).toMatchObject({ word: 'cant-tell', because: 'too-little-data' })
    const { judgement } = weighLesson(
      plan,
      entriesFrom({ leaf: { h20: [10, 11, 12], h40: [20, 21, 22], h60: [30, 31, 32] } }),
    )
    // Whatever the tries say, nobody can tell one group's set-ups from the levels.
    expect(judgement.verdict).toMatchObject({ word: 'leaning', because: 'tries' })
  })

  it('finds no difference only where the data bound it: within what is worth noticing', () => {
    const rows = [
      [41, 42, 41],
      [42, 41, 41],
      [41, 42, 42],
    ]
    const of = (count: number) =>
      weighLesson(
        plan,
        entriesFrom(
          Object.fromEntries(
            Array.from({ length: count }, (_, index) => [
              `g${index}`,
              Object.fromEntries(['h20', 'h40', 'h60'].map((id, level) => [id, rows[(level + index) % 3]!])),
            ]),
          ),
        ),
      )
    const found = of(9)
    expect(found.judgement.verdict).toMatchObject({ word: 'no-difference', because: 'within-noticing' })
    expect(resultSentence(plan, found).sentence).toBe(
      'We couldn’t measure any difference in the bounce height: if there is any, it is no more than 1 cm.',
    )
    expect(of(1).judgement.verdict.word).toBe('cant-tell')
    // Three groups that go every way, by far more than a mark.
    const wild = weighLesson(
      plan,
      entriesFrom({
        a: { h20: [12, 12, 12], h60: [42, 42, 42] },
        b: { h20: [52, 52, 52], h60: [20, 20, 20] },
        c: { h20: [27, 27, 27], h60: [28, 28, 28] },
      }),
    )
    expect(wild.judgement.verdict.word).toBe('cant-tell')
  })

  it('can’t tell where groups disagree, and names those who see it otherwise', () => {
    const { judgement } = weighLesson(
      plan,
      entriesFrom({
        leaf: { h20: [10], h40: [20], h60: [30] },
        bell: { h20: [30], h40: [20], h60: [10] },
        key: { h20: [10], h40: [21], h60: [30] },
      }),
    )
    expect(judgement).toMatchObject({
      verdict: { word: 'cant-tell', because: 'open' },
      agreeing: 2,
      dissenting: ['bell'],
    })
  })

  it('finds a slip among the tries, and only the slip', () => {
    const slipped = { ...rising, key: { ...rising.key, h40: [230, 22, 24] } }
    const { odd } = weighLesson(plan, entriesFrom(slipped))
    expect(odd).toHaveLength(1)
    expect(odd[0]).toMatchObject({ groupId: 'key', levelId: 'h40', value: 230, others: [22, 24] })
  })

  it('finds a group that always reads high', () => {
    const shifted = Object.fromEntries(
      Object.entries(rising.fish).map(([level, values]) => [level, values.map((value) => value + 8)]),
    )
    // Row effects before centring: 0, 0, 1 and 7; their middle, 0.5, belongs to the whole.
    expect(weighLesson(plan, entriesFrom({ ...rising, fish: shifted })).offsets).toEqual([
      { groupId: 'fish', offset: 6.5 },
    ])
    expect(weighLesson(plan, entriesFrom(rising)).offsets).toEqual([])
  })

  it('judges alike in whichever order readings arrive', () => {
    const readings = entriesFrom(rising)
    fc.assert(
      fc.property(fc.shuffledSubarray(readings, { minLength: readings.length }), (shuffled) => {
        const { judgement } = weighLesson(plan, shuffled)
        expect(judgement).toMatchObject({ direction: 'rising', verdict: { word: 'clear' } })
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
          entriesFrom(
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
        ).judgement
        const other = weighLesson(
          plan,
          from((value) => 100 - value),
        ).judgement
        expect(other.verdict).toMatchObject({ word: one.verdict.word, because: one.verdict.because })
        expect(other.verdict.p).toBeCloseTo(one.verdict.p, 9)
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
    const { judgement } = weighLesson(plan, entriesFrom(six))
    expect(judgement).toMatchObject({
      kind: 'kinds',
      verdict: { word: 'clear', because: 'groups' },
      agreeing: 6,
    })
    expect(judgement.kind === 'kinds' && judgement.first?.level.name).toBe('tiles')
    expect(judgement.kind === 'kinds' && judgement.next?.level.name).toBe('carpet')
  })

  it('turns to the other end when the least is best', () => {
    const { judgement } = weighLesson({ ...plan, best: 'least' }, entriesFrom(six))
    expect(judgement.kind === 'kinds' && judgement.first?.level.name).toBe('grass')
  })

  it('takes no shortcut by full agreement: three groups with one try each can’t tell', () => {
    const { judgement } = weighLesson(plan, entriesFrom({ a: six.a!, b: six.b!, c: six.c! }))
    expect(judgement.verdict).toMatchObject({ word: 'cant-tell', because: 'open', p: 0.25 })
  })

  it('can’t tell while only one kind is tested', () => {
    expect(weighLesson(plan, entriesFrom({ a: { carpet: [1, 2, 3] } })).judgement.verdict.word).toBe(
      'cant-tell',
    )
  })
})

describe('patterns that neither rise nor fall, and kinds too close at the top', () => {
  const groups = ['a', 'b', 'c', 'd', 'e', 'f']

  it('are said to turn when the rise and the fall are both beyond luck', () => {
    const peak = Object.fromEntries(
      groups.map((group, index) => [
        group,
        { h20: [20 + index, 21], h40: [50 + index, 52], h60: [21 + index, 22] },
      ]),
    )
    const evidence = weighLesson(examplePlan(), entriesFrom(peak))
    expect(evidence.judgement).toMatchObject({
      verdict: { word: 'clear', because: 'turns' },
      direction: 'none',
    })
    expect(resultSentence(examplePlan(), evidence).sentence).toBe(
      'The bounce got higher up to 40 cm, and then lower again.',
    )
  })

  it('are too close to tell apart, but ahead of the third', () => {
    const plan = kindsPlan(['carpet', 'tiles', 'grass'], { best: 'most' })
    const apart = weighLesson(
      plan,
      entriesFrom(
        Object.fromEntries(
          groups.map((group, index) => [
            group,
            { carpet: [40 + (index % 2 ? 9 : -5), 41], tiles: [39, 42], grass: [10 + index, 12] },
          ]),
        ),
      ),
    )
    expect(apart.judgement).toMatchObject({ kind: 'kinds', verdict: { word: 'cant-tell' } })
    expect(resultSentence(plan, apart).sentence).toBe(
      'Carpet and tiles are too close to tell apart yet. From highest to lowest: carpet and tiles (not told apart); grass.',
    )
  })

  it('come out level at the top, both ahead of the third', () => {
    const plan = kindsPlan(['carpet', 'tiles', 'grass'], { best: 'most' })
    const level = weighLesson(
      plan,
      entriesFrom(
        Object.fromEntries(
          [...groups, 'g', 'h'].map((group, index) => [
            group,
            {
              carpet: [40 + index, 41 + index, 40 + index],
              tiles: [41 + index, 40 + index, 40 + index],
              grass: [10, 11, 12],
            },
          ]),
        ),
      ),
    )
    expect(level.judgement).toMatchObject({
      verdict: { word: 'clear', because: 'level-at-top' },
      order: [expect.arrayContaining(['carpet', 'tiles']), ['grass']],
    })
    expect(resultSentence(plan, level).sentence).toMatch(
      /^(Carpet and tiles|Tiles and carpet) came out level, and both gave a higher bounce than grass\.$/,
    )
  })

  it('judges rounds of redesign by their order', () => {
    const bridge = kindsPlan(['round 1', 'round 2', 'round 3'], { recording: { kind: 'rounds' } })
    const better = Object.fromEntries(
      groups.map((group, index) => [
        group,
        { 'round 1': [5 + index], 'round 2': [9 + index], 'round 3': [15 + index] },
      ]),
    )
    const evidence = weighLesson(bridge, entriesFrom(better))
    expect(evidence.judgement).toMatchObject({
      kind: 'trend',
      direction: 'rising',
      verdict: { word: 'clear' },
    })
    expect(resultSentence(bridge, evidence).sentence).toBe('The later the round, the higher the bounce.')
  })
})

describe('verdictOf', () => {
  it.each([
    [0.05, 'clear'],
    [0.051, 'leaning'],
    [0.2, 'leaning'],
    [0.21, 'cant-tell'],
  ])('a chance of %d: %s', (p, word) => expect(verdictOf({ p, carriedBy: 'groups' }).word).toBe(word))
})

describe('what is worth noticing', () => {
  const table = tableOf(
    [
      [[40], [44]],
      [[42], [46]],
    ],
    'median',
  )

  it('is what can be read, or a share of the middle result', () => {
    expect(worthNoticing(table, { least: 1, share: 0.1 })).toBeCloseTo(4.3, 9)
    expect(worthNoticing(table, { least: 6, share: 0.1 })).toBe(6)
    expect(worthNoticingIn(examplePlan())).toEqual({ least: 1, share: 0.1 })
    expect(worthNoticingIn(examplePlan({ expected: { first: 10, last: 40, apart: 3 } }))).toEqual({
      least: 15,
      share: 0,
    })
  })

  it('needs nine comparisons in ten to come out even where there are no distances', () => {
    const words = (tries: number[]) =>
      tableOf(
        Array.from({ length: 4 }, () => [tries, [2, 2, 2, 2, 2]]),
        'median',
      )
    const judging = { scale: 'word', best: 'most', worth: { least: 1, share: 0 }, hasNought: true } as const
    expect(openDifference(words([2, 2, 2, 2, 2]), judging, [0, 1], 2).within).toBe(true)
    expect(openDifference(words([2, 2, 2, 2, 3]), judging, [0, 1], 2).within).toBe(false)
  })
})

describe('resolutionOf', () => {
  it('is the mark in the unit measured, without the offset of temperatures', () => {
    expect(resolutionOf(examplePlan()).mark).toBe(1)
    expect(
      resolutionOf({
        rounding: 'mark',
        measured: { unit: 'm', instrument: examplePlan().measured.instrument },
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
    expect(resolutionOf({ rounding: 'mark', measured: { unit: 'F', instrument: thermometer } }).mark).toBe(
      1.8,
    )
  })

  it('is half a mark where half marks are read', () => {
    expect(resolutionOf(examplePlan({ rounding: 'half-mark' })).mark).toBe(0.5)
  })
})

describe('resultSentence', () => {
  it('says the size of a clear trend by the usual step', () => {
    expect(resultSentence(examplePlan(), weighLesson(examplePlan(), entriesFrom(rising)))).toEqual({
      sentence: 'The higher the drop, the higher the bounce: about 11 cm more for every extra 20 cm.',
      reasons: [
        'All 4 groups found the same.',
        'If it made no difference, fewer than 1 class in 20 would see this.',
      ],
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
      entriesFrom({ leaf: { h20: [10], h40: [20] }, bell: { h20: [30], h40: [20] } }),
    )
    expect(resultSentence(examplePlan(), open).reasons.join(' ')).toMatch(/would settle it/)
  })
})
