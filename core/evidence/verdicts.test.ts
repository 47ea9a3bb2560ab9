import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  judgeKinds,
  judgeTrend,
  resultSentence,
  tableOf,
  weighEvidence,
  type Comparison,
  type Judging,
} from '.'
import type { Plan } from '../plan'
import { normalRandom, seededRandom } from '../random'
import { suggestClaim } from '../conclusion'
import { scoresOf, weighLesson } from '../comparison'
import { comparisonOf } from '../recording'
import { examplePlan, kindsPlan, numberLevel } from '../testing/examplePlan'
import { entriesFrom } from '../testing/exampleEntries'

const numbers: Judging = { scale: 'number', best: 'most', worth: { least: 1, share: 0 }, hasNought: true }
const six = ['a', 'b', 'c', 'd', 'e', 'f']
/** The same cells for each of so many groups, a little higher from group to group. */
const groups = (count: number, cells: (group: number) => Record<string, number[]>) =>
  entriesFrom(Object.fromEntries(Array.from({ length: count }, (_, index) => [`g${index}`, cells(index)])))

describe('places and counts that all groups agree on', () => {
  it('are clear: red, blue and green in every heat', () => {
    const heats = { red: [1, 1, 1], blue: [2, 2, 2], green: [3, 3, 3] }
    const comparison: Comparison = {
      ...comparisonOf(kindsPlan(Object.keys(heats))),
      scale: 'order',
      best: 'least',
    }
    const { judgement } = weighEvidence(
      comparison,
      scoresOf(
        kindsPlan(Object.keys(heats)),
        groups(6, () => heats),
      ),
    )
    expect(judgement).toMatchObject({ verdict: { word: 'clear' }, order: [['green'], ['blue'], ['red']] })
    expect(judgement.kind === 'kinds' && judgement.first?.level.id).toBe('red')
  })

  it('are clear: two clips against one in every group', () => {
    const plan = kindsPlan(['thin card', 'thick card'], { best: 'most' })
    const { judgement } = weighLesson(
      plan,
      groups(6, () => ({ 'thin card': [2, 2, 2], 'thick card': [1, 1, 1] })),
    )
    expect(judgement).toMatchObject({ verdict: { word: 'clear' }, unanimous: true })
  })

  it('are real and small: every group rises by exactly one mark', () => {
    const readings = groups(6, (g) => ({ h20: [20 + g, 20 + g, 20 + g], h40: [21 + g, 21 + g, 21 + g] }))
    const plan = examplePlan({ levels: [20, 40].map((value) => numberLevel(value)) })
    const evidence = weighLesson(plan, readings)
    expect(evidence.judgement.verdict.word).toBe('clear')
    expect(resultSentence(plan, evidence).sentence).toBe(
      'The higher the drop, the higher the bounce, but only by about 1 cm from end to end.',
    )
  })

  it('are not little that are most of what was read, however much more was expected', () => {
    const readings = groups(6, (g) => ({ h20: [3 + g, 3 + g, 3 + g], h40: [25 + g, 26 + g, 25 + g] }))
    const plan = examplePlan({
      levels: [20, 40].map((value) => numberLevel(value)),
      expected: { first: 10, last: 90, apart: 2 },
    })
    const { sentence } = resultSentence(plan, weighLesson(plan, readings))
    expect(sentence).toBe(
      'The higher the drop, the higher the bounce: about 22 cm more for every extra 20 cm.',
    )
  })
})

describe('one more group that shows the stated order', () => {
  const table = fc.array(
    fc.array(fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 2, maxLength: 3 }), {
      minLength: 3,
      maxLength: 3,
    }),
    { minLength: 2, maxLength: 6 },
  )
  const rank = { clear: 2, leaning: 1, 'cant-tell': 0, 'no-difference': 0 }
  /** Tries further apart than any in the class, in the given order of levels. */
  const showing = (order: number[], tries: number) => {
    const cells: number[][] = []
    order.forEach((level, place) => (cells[level] = Array.from({ length: tries }, (_, t) => 100 * place + t)))
    return cells
  }

  it('never weakens a verdict on a trend', () => {
    fc.assert(
      fc.property(table, (all) => {
        const tries = all[0]![0]!.length
        const before = judgeTrend(tableOf(all, 'median'), numbers)
        if (before.direction === 'none') return
        const order = before.direction === 'rising' ? [0, 1, 2] : [2, 1, 0]
        const after = judgeTrend(tableOf([...all, showing(order, tries)], 'median'), numbers)
        expect(rank[after.verdict.word]).toBeGreaterThanOrEqual(rank[before.verdict.word])
      }),
      { numRuns: 300 },
    )
  })

  it('does not let wide gaps of its own change which come first and next', () => {
    // By medians of differences alone the further group would put the second kind before the first.
    const before = [
      [
        [30, 28, 21],
        [8, 18],
        [10, 3],
      ],
      [
        [8, 5, 14],
        [2, 1],
        [1, 8],
      ],
    ]
    const order = (all: number[][][]) => judgeKinds(tableOf(all, 'median'), numbers).ranking.order
    expect(order(before)).toEqual([0, 1, 2])
    expect(order([...before, showing([2, 1, 0], 3)])).toEqual([0, 1, 2])
  })

  it('never weakens a verdict on kinds', () => {
    fc.assert(
      fc.property(table, (all) => {
        const tries = all[0]![0]!.length
        const before = judgeKinds(tableOf(all, 'median'), numbers)
        if (before.verdict.because === 'level-at-top') return
        const order = [...before.ranking.order].reverse()
        const after = judgeKinds(tableOf([...all, showing(order, tries)], 'median'), numbers)
        expect(rank[after.verdict.word]).toBeGreaterThanOrEqual(rank[before.verdict.word])
      }),
      { numRuns: 300 },
    )
  })
})

describe('a slip of x10', () => {
  it('hides nothing that is otherwise clear, though means are taken', () => {
    const plan = kindsPlan(['felt', 'rubber', 'plastic'], { best: 'most', summary: 'mean' })
    const sound = (g: number) => ({ felt: [24, 25, 26], rubber: [60 + g, 62, 61], plastic: [31, 30, 32] })
    const slipped = groups(6, (g) => (g === 2 ? { ...sound(g), felt: [240, 25, 26] } : sound(g)))
    const { judgement } = weighLesson(plan, slipped)
    expect(judgement).toMatchObject({
      verdict: { word: 'clear' },
      order: [['rubber'], ['plastic'], ['felt']],
    })
  })
})

describe('groups that tested different kinds', () => {
  it('do not put a kind first because its group reads high', () => {
    const plan = kindsPlan(['x', 'y', 'z'], { best: 'most', whoTests: 'shared-levels' })
    const { judgement } = weighLesson(
      plan,
      entriesFrom({
        low: { x: [12, 13, 14], z: [9, 10, 11] },
        high: { y: [52, 53, 54], z: [49, 50, 51] },
      }),
    )
    expect(judgement.kind === 'kinds' && judgement.first?.level.id).not.toBe('z')
  })
})

describe('shapes', () => {
  const heights = [20, 40, 60, 80, 100]
  const plan = examplePlan({
    levels: heights.map((value) => numberLevel(value)),
    measured: {
      ...examplePlan().measured,
      instrument: { ...examplePlan().measured.instrument, smallestMark: 1, greatest: 300 },
    },
  })
  const lesson = (centres: number[]) => {
    const normal = normalRandom(seededRandom(7))
    return weighLesson(
      plan,
      groups(8, (g) =>
        Object.fromEntries(
          heights.map((height, level) => [
            `h${height}`,
            [0, 1, 2].map(() => Math.round(centres[level]! + 2 * g + 4 * normal())),
          ]),
        ),
      ),
    )
  }

  it.each([
    [
      'a plateau',
      [40, 60, 80, 80, 80],
      'The higher the drop, the higher the bounce, up to 60 cm, then no more that we could measure.',
    ],
    [
      'the last step alone',
      [40, 40, 40, 40, 80],
      'The bounce got higher only in the last step, from 80 cm to 100 cm.',
    ],
    ['up and down', [40, 60, 80, 60, 40], 'The bounce got higher up to 60 cm, and then lower again.'],
    [
      'a late start',
      [40, 40, 40, 60, 80],
      'Up to 60 cm we couldn’t measure any difference, and then the bounce got higher.',
    ],
  ])('%s is said as such', (_, centres, sentence) => {
    expect(resultSentence(plan, lesson(centres)).sentence).toBe(sentence)
  })

  it('that rise and fall more than once are not said to go one way overall', () => {
    const evidence = lesson([40, 70, 40, 70, 40])
    expect(evidence.judgement).toMatchObject({ direction: 'none', verdict: { because: 'turns' } })
    expect(resultSentence(plan, evidence).sentence).toMatch(
      /^It goes up and down more than once: highest at .*(40|80) cm.*, lowest at .*(20|60|100) cm/,
    )
    expect(suggestClaim(plan, evidence)).toBeNull()
  })

  it('give a slope only where the steps agree', () => {
    const slope = (centres: number[]) => {
      const { judgement } = lesson(centres)
      return judgement.kind === 'trend' ? judgement.slope : undefined
    }
    expect(slope([40, 60, 80, 100, 120])).toBeCloseTo(1, 1)
    expect(slope([40, 60, 80, 80, 80])).toBeNull()
  })
})

describe('what everybody found', () => {
  const plan = examplePlan()
  const steady = { h20: [10, 11, 12], h40: [20, 21, 22], h60: [30, 31, 32] }
  const reasonWith = (last: Record<string, number[]>) =>
    resultSentence(
      plan,
      weighLesson(
        plan,
        groups(6, (g) => (g === 5 ? last : steady)),
      ),
    ).reasons.join(' ')

  it('is said of all groups only while no step of theirs ties or falls', () => {
    expect(reasonWith(steady)).toMatch(/^All 6 groups found the same\./)
    expect(reasonWith({ ...steady, h40: [10, 11, 12] })).toMatch(
      /^Each of the 6 groups leans this way, though/,
    )
    expect(reasonWith({ ...steady, h40: [9, 9, 9] })).toMatch(/^Each of the 6 groups leans this way, though/)
    expect(reasonWith({ ...steady, h60: [1, 1, 1] })).toMatch(/^5 of 6 groups/)
  })

  it('might be tiring or warming where all went through the levels in one order', () => {
    const same = examplePlan({ levelOrder: 'same' })
    const evidence = weighLesson(
      same,
      groups(6, () => steady),
    )
    expect(resultSentence(same, evidence).reasons.join(' ')).toMatch(
      /same order, so tiring, wearing or warming/,
    )
    expect(
      resultSentence(
        plan,
        weighLesson(
          plan,
          groups(6, () => steady),
        ),
      ).reasons.join(' '),
    ).not.toMatch(/tiring/)
  })
})

describe('a lesson half-way', () => {
  it('speaks of what is there: two of five groups, one kind untested', () => {
    const plan = kindsPlan(['smooth', 'felt', 'flat', 'ridged'], { best: 'most' })
    const there = { smooth: [31, 30, 32], felt: [24, 25, 23], flat: [52, 51, 53] }
    const evidence = weighLesson(plan, entriesFrom({ a: there, b: there }), six.slice(0, 5))
    expect(evidence.coverage).toMatchObject({ partial: true, groupsDone: 2, groupsMeant: 5 })
    expect(resultSentence(plan, evidence).sentence).toMatch(
      /^So far, from 2 of 5 groups and without ridged: /,
    )
  })

  it('speaks plainly once half of the groups have tested every level', () => {
    const plan = kindsPlan(['felt', 'flat'], { best: 'most' })
    const there = { felt: [24, 25, 23], flat: [52, 51, 53] }
    const evidence = weighLesson(plan, entriesFrom({ a: there, b: there, c: there }), six)
    expect(evidence.coverage.partial).toBe(false)
  })
})

describe('groups that don’t agree', () => {
  const open = (plan: Plan, cells: (group: number) => Record<string, number[]>) =>
    resultSentence(plan, weighLesson(plan, groups(6, cells))).reasons[0]

  it('are told apart by what came first in how many of them', () => {
    const plan = kindsPlan(['carpet', 'tile'], { best: 'most', tries: 3 })
    const reason = open(plan, (group) =>
      group < 4 ? { carpet: [30, 31, 30], tile: [20, 21, 20] } : { carpet: [20, 21, 20], tile: [30, 31, 30] },
    )
    expect(reason).toBe('In 4 of the 6 groups carpet came out ahead, in the others it didn’t.')
  })

  it('are told apart by which way they lean', () => {
    const plan = examplePlan({ tries: 3 })
    const reason = open(plan, (group) =>
      group < 4 ? { h20: [10, 11, 10], h60: [30, 31, 30] } : { h20: [30, 31, 30], h60: [10, 11, 10] },
    )
    expect(reason).toBe('4 of the 6 groups lean one way, the others don’t.')
  })
})
