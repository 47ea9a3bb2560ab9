import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Cell } from '../evidence'
import { cellsOf } from '../evidence'
import { comparisonOf } from '../recording'
import { scoresOf } from '../comparison'
import type { Plan } from '../plan'
import { examplePlan } from '../testing/examplePlan'
import { entriesFrom, entry } from '../testing/exampleEntries'
import {
  convincingPhrases,
  disagreement,
  pairGroups,
  repeatableSlots,
  reviewsSaid,
  standingReviews,
  visitsProgress,
  withReview,
  type Review,
} from '.'

const review = (changes: Partial<Review> = {}): Review => ({
  ...{ byGroupId: 'leaf', ofGroupId: 'bell', convinced: 'Their numbers are close together.' },
  ...{
    question: 'How exactly did you do it?',
    answer: '',
    madeAt: '2026-03-09T10:20:00.000Z',
    removed: false,
  },
  ...changes,
})

describe('reviews', () => {
  it('end the same in whatever order they come, one for each pair', () => {
    const one = fc.record({
      byGroupId: fc.constantFrom('leaf', 'bell', 'key'),
      ofGroupId: fc.constantFrom('leaf', 'bell', 'key'),
      minute: fc.integer({ min: 0, max: 9 }),
    })
    const pair = ({ byGroupId, ofGroupId }: { byGroupId: string; ofGroupId: string }) => byGroupId + ofGroupId
    fc.assert(
      fc.property(fc.uniqueArray(one, { selector: pair }), (given) => {
        const all = given.map(({ minute, ...of }) =>
          review({ ...of, madeAt: `2026-03-09T10:0${minute}:00.000Z` }),
        )
        const forth = all.reduce<Review[]>(withReview, [])
        expect([...all, ...all].reverse().reduce<Review[]>(withReview, [])).toEqual(forth)
        expect(forth).toHaveLength(given.length)
      }),
    )
  })

  it('stand where nobody took them back and they say something', () => {
    const all = [review(), review({ removed: true }), review({ convinced: '', question: '' })]
    expect(standingReviews(all)).toEqual([all[0]])
  })

  it.each([
    [[], ''],
    [[review({ removed: true })], ''],
    [[review({ question: '' })], 'Groups looked at each other’s work: no questions.'],
    [[review({ answer: 'With the stick.' })], 'Groups looked at each other’s work: 1 question, answered.'],
    [
      [review(), review({ byGroupId: 'key' })],
      'Groups looked at each other’s work: 2 questions, not answered yet.',
    ],
    [
      [review({ answer: 'Yes.' }), review({ byGroupId: 'key' }), review({ byGroupId: 'moon' })],
      'Groups looked at each other’s work: 3 questions, 1 answered so far.',
    ],
  ])('are counted in a sentence', (all, said) => {
    expect(reviewsSaid(all)).toBe(said)
  })
})

it.each([
  [0, 6, '0 of 6 groups have left something'],
  [1, 6, '1 of 6 groups has left something'],
  [6, 6, 'all 6 groups have left something'],
  [1, 1, 'the one visiting group has left something'],
  [0, 1, '0 of 1 groups have left something'],
])('of visits, %i of %i is said as %j', (done, all, said) => {
  expect(visitsProgress(done, all)).toBe(said)
})

describe('how differently two groups found it', () => {
  const cells = (centres: Record<string, [number, number, number]>): Cell[] =>
    cellsOf(
      comparisonOf(examplePlan(), Object.keys(centres)),
      scoresOf(
        examplePlan(),
        entriesFrom(
          Object.fromEntries(
            Object.entries(centres).map(([group, [a, b, c]]) => [group, { h20: [a], h40: [b], h60: [c] }]),
          ),
        ),
      ),
    )

  it.each([
    [[11, 22, 33], [5, 6, 7], 0],
    [[11, 22, 33], [33, 22, 11], 1],
    [[11, 22, 33], [22, 11, 33], 1 / 3],
    [[11, 22, 33], [11, 11, 33], 0.5 / 3],
  ] as const)('%j beside %j is %d', (a, b, share) => {
    expect(disagreement(cells({ leaf: [...a], bell: [...b] }), 'leaf', 'bell')).toBeCloseTo(share)
  })

  it('is nothing where they have no two levels in common', () => {
    expect(disagreement(cells({ leaf: [11, 22, 33] }), 'leaf', 'bell')).toBe(0)
    expect(disagreement([], 'leaf', 'bell')).toBe(0)
  })
})

describe('pairing groups', () => {
  const names = ['leaf', 'bell', 'key', 'fish', 'moon']
  const facts = fc.integer({ min: 1, max: 5 }).chain((many) =>
    fc.record({
      visitors: fc.constant(names.slice(0, many)),
      hosts: fc.subarray(names.slice(0, many)),
      apart: fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 25, maxLength: 25 }),
      been: fc.array(fc.integer({ min: 0, max: 1 }), { minLength: 25, maxLength: 25 }),
    }),
  )
  const at = (table: readonly number[], a: string, b: string) =>
    table[names.indexOf(a) * 5 + names.indexOf(b)]!

  /** Every way to send each visitor somewhere or nowhere, and the best by the same order of wishes. */
  function bestByTrying(
    visitors: readonly string[],
    hosts: readonly string[],
    score: (pairs: Record<string, string>) => number,
  ): number {
    const ways = visitors.reduce<Record<string, string>[]>(
      (all, visitor) =>
        all.flatMap((one) => [
          one,
          ...hosts.filter((host) => host !== visitor).map((host) => ({ ...one, [visitor]: host })),
        ]),
      [{}],
    )
    return Math.max(...ways.map(score))
  }

  it('is as good as the best of all ways to do it', () => {
    fc.assert(
      fc.property(facts, ({ visitors, hosts, apart, been }) => {
        const differ = (a: string, b: string) => at(apart, a, b) / 8
        const before = (visitor: string, host: string) => at(been, visitor, host)
        const score = (pairs: Record<string, string>) => {
          const visits = new Map<string, number>()
          return Object.entries(pairs).reduce((sum, [visitor, host]) => {
            const nth = visits.get(host) ?? 0
            visits.set(host, nth + 1)
            return sum + 1e6 - 1e4 * nth - 100 * before(visitor, host) + differ(visitor, host)
          }, 0)
        }
        const found = pairGroups(visitors, { hosts, differ, before })
        expect(Object.entries(found).every(([a, b]) => a !== b && hosts.includes(b))).toBe(true)
        expect(score(found)).toBeCloseTo(bestByTrying(visitors, hosts, score), 6)
      }),
    )
  })

  it('of twelve groups visits each once', () => {
    const groups = Array.from({ length: 12 }, (_, place) => `g${place}`)
    const found = pairGroups(groups, { hosts: groups, differ: () => 0.5, before: () => 0 })
    expect(new Set(Object.values(found)).size).toBe(12)
    expect(Object.entries(found).some(([a, b]) => a === b)).toBe(false)
  })

  it('sends a group to another the next time', () => {
    const groups = ['leaf', 'bell', 'key']
    const differ = () => 0
    const first = pairGroups(groups, { hosts: groups, differ, before: () => 0 })
    const again = pairGroups(groups, {
      ...{ hosts: groups, differ },
      before: (visitor, host) => (first[visitor] === host ? 1 : 0),
    })
    expect(groups.every((group) => again[group] !== first[group])).toBe(true)
  })

  it('brings together who found most different things', () => {
    const unlike = new Set(['leaf|fish', 'fish|leaf', 'bell|key', 'key|bell'])
    const found = pairGroups(names.slice(0, 4), {
      hosts: names.slice(0, 4),
      differ: (a, b) => (unlike.has(`${a}|${b}`) ? 1 : 0),
      before: () => 0,
    })
    expect(found).toEqual({ leaf: 'fish', fish: 'leaf', bell: 'key', key: 'bell' })
  })

  it('leaves out whoever has nobody to visit', () => {
    const none = { differ: () => 0, before: () => 0 }
    expect(pairGroups(['leaf', 'bell'], { ...none, hosts: ['leaf'] })).toEqual({ bell: 'leaf' })
    expect(pairGroups(['leaf'], { ...none, hosts: ['leaf'] })).toEqual({})
    expect(pairGroups(['leaf', 'bell'], { ...none, hosts: [] })).toEqual({})
    expect(() => pairGroups(Array.from({ length: 13 }, String), { ...none, hosts: ['1'] })).toThrow(
      RangeError,
    )
  })
})

describe('phrases to choose from', () => {
  const ids = (changes: Partial<Plan>) => convincingPhrases(examplePlan(changes)).map(({ id }) => id)

  it('say nothing of tries or closeness where each is tried once', () => {
    expect(ids({ tries: 1 })).toEqual(['same-way', 'agrees', 'wrote'])
    expect(ids({ tries: 2 })).toEqual(['tries', 'same-way', 'close', 'agrees', 'wrote'])
    expect(convincingPhrases(examplePlan({ tries: 2 }))[0]!.words).toBe('They tried everything twice.')
  })

  it('say nothing of numbers where there are none', () => {
    expect(ids({ tries: 3, recording: { kind: 'race' } as Plan['recording'] })).not.toContain('close')
  })
})

describe('what can be repeated', () => {
  it('is each try of the group once, by its last reading', () => {
    const plan = examplePlan({ tries: 2 })
    const counted = [
      entry({ id: 'a', groupId: 'leaf', levelId: 'h20', tryNumber: 1 }),
      entry({ id: 'b', groupId: 'leaf', levelId: 'h20', tryNumber: 2 }),
      entry({ id: 'c', groupId: 'bell', levelId: 'h20', tryNumber: 1 }),
    ]
    expect(repeatableSlots(plan, counted, 'leaf').map(({ tryNumber }) => tryNumber)).toEqual([1, 2])
    expect(repeatableSlots(plan, [], 'leaf')).toEqual([])
  })
})
