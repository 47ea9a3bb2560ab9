import fc from 'fast-check'
import { mean } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import {
  cellsOf,
  coverageOf,
  edgeworthTail,
  leaderAgreement,
  normalTail,
  oddReadings,
  rankLevels,
  residualModel,
  shapeOf,
  tableOf,
  tiedOrder,
  trendAgreement,
  type Score,
  turningSteps,
  type Direction,
} from '.'
import { comparisonOf } from '../recording'
import { normalRandom, seededRandom } from '../random'
import { examplePlan } from '../testing/examplePlan'
import { driftOf } from './drift'
import { setUpAllowance } from './setUpAllowance'
import { setUpSpread } from './setUpSpread'
import { sumNull } from './sumNull'

const plan = examplePlan()
const comparison = comparisonOf(plan)
const scores = (table: Record<string, Record<string, number[]>>): Score[] =>
  Object.entries(table).flatMap(([groupId, levels]) =>
    Object.entries(levels).flatMap(([levelId, values]) =>
      values.map((value, index) => ({
        id: `${groupId}|${levelId}|${index}`,
        groupId,
        levelId,
        tryNumber: index + 1,
        value,
      })),
    ),
  )
const cells = (table: Record<string, Record<string, number[]>>) => cellsOf(comparison, scores(table))

describe('sumNull', () => {
  const dice = sumNull((sides) => ({ least: 1, chances: new Float64Array(sides).fill(1 / sides) }))

  it('adds independent parts up: two dice', () => {
    expect(dice([6, 6], 12).from).toBeCloseTo(1 / 36, 12)
    expect(dice([6, 6], 7).from).toBeCloseTo(21 / 36, 12)
    expect(dice([6, 6], 3).upTo).toBeCloseTo(3 / 36, 12)
  })

  it('has nothing beyond its ends, and all of it within', () => {
    expect([dice([6], 0), dice([6], 7)]).toEqual([
      { from: 1, upTo: 0 },
      { from: 0, upTo: 1 },
    ])
  })

  it('gives the same whatever it was asked before, and in whatever order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2, max: 6 }), { minLength: 1, maxLength: 5 }), (sides) => {
        const seen = sides.length * 2
        const fresh = sumNull((size) => ({ least: 1, chances: new Float64Array(size).fill(1 / size) }))
        expect(dice([...sides].reverse(), seen).from).toBeCloseTo(fresh([...sides], seen).from, 12)
      }),
    )
  })
})

describe('edgeworthTail', () => {
  it('is the normal chance where nothing is flatter, and certain where nothing varies', () => {
    expect(edgeworthTail(1.645, { mean: 0, variance: 1, fourth: 0 })).toBeCloseTo(normalTail(1.645), 12)
    expect(edgeworthTail(3, { mean: 0, variance: 0, fourth: 0 })).toBe(1)
  })

  it('comes near the sum of twelve even numbers, whose tails are thinner', () => {
    // Twelve numbers spread evenly over 0 … 9: mean 54, variance 12 · 99/12, fourth cumulant −12 · 9999/120.
    const exact = sumNull(() => ({ least: 0, chances: new Float64Array(10).fill(0.1) }))
    const moments = { mean: 54, variance: 99, fourth: -999.9 }
    for (const seen of [64, 74, 80]) {
      const chance = exact(new Array<number>(12).fill(1), seen).from
      expect(Math.abs(edgeworthTail(seen - 0.5, moments) / chance - 1)).toBeLessThan(0.03)
    }
  })
})

describe('how far set-ups are off', () => {
  const random = normalRandom(seededRandom(8))
  /** Groups at four levels, each cell off by so many sd of a try. */
  const withTries = (tries: number, setUp: number, groups = 6) =>
    tableOf(
      Array.from({ length: groups }, () =>
        Array.from({ length: 4 }, () => {
          const off = setUp * random()
          return Array.from({ length: tries }, () => off + random())
        }),
      ),
      'mean',
    )
  const ratios = (setUp: number) =>
    Array.from({ length: 200 }, () => setUpSpread(withTries(3, setUp), [0, 1, 2, 3]))

  it('is one beside what tries alone would do, and 1 + 3 · 1 where a whole sd is added', () => {
    const of = (setUp: number) => mean(ratios(setUp).map(({ ratio }) => ratio))
    expect(of(0)).toBeGreaterThan(0.9)
    expect(of(0)).toBeLessThan(1.15)
    expect(of(1)).toBeGreaterThan(3)
    expect(of(1)).toBeLessThan(5)
    expect(ratios(0)[0]).toMatchObject({ tries: 3, freedom: 15 })
  })

  it('is not told by one group, nor by one try each, and a slip of x10 hardly moves it', () => {
    expect(setUpSpread(withTries(3, 1, 1), [0, 1, 2, 3]).freedom).toBe(0)
    expect(setUpSpread(withTries(1, 1), [0, 1, 2, 3]).freedom).toBe(0)
    const clean = withTries(3, 0)
    const slipped = { ...clean, values: clean.values.map((value, index) => (index === 7 ? 100 : value)) }
    const [before, after] = [clean, slipped].map((one) => setUpSpread(one, [0, 1, 2, 3]).ratio)
    expect(Math.abs(after! - before!)).toBeLessThan(0.6)
  })

  it('makes tries worth less the more of them a cell has and the more it scatters, and never more than they are', () => {
    const along = (setUp: number) =>
      [1, 2, 3, 5, 10].map((tries) =>
        mean(Array.from({ length: 40 }, () => setUpAllowance(withTries(tries, setUp), [0, 1, 2, 3]))),
      )
    const [steady, wobbling] = [along(0), along(1)]
    expect(steady[0]).toBe(1)
    for (const one of [steady, wobbling]) expect([...one].sort((a, b) => a - b)).toEqual(one)
    expect(wobbling[3]).toBeGreaterThan(steady[3]! + 0.2)
  })
})

describe('shapeOf', () => {
  const normal = normalRandom(seededRandom(3))
  /** Six groups whose levels lie at these numbers of sd of a result, and its shape as it is judged. */
  const shape = (levels: number[], direction: Direction, groups = 6, along: number[] | null = null) => {
    const tested = levels.map((_, place) => place)
    const table = tableOf(
      Array.from({ length: groups }, () => {
        const high = 3 * normal()
        return levels.map((level) => Array.from({ length: 3 }, () => 10 * (30 + level + high + normal())))
      }),
      'median',
    )
    const { effects } = rankLevels(table, tested, 'number')
    return shapeOf({
      table,
      tested,
      steps: turningSteps(table, tested),
      direction,
      effects,
      along,
      measured: true,
    })
  }

  it.each([
    [[0, 4, 8, 12], 'rising', { kind: 'steady' }],
    [[12, 8, 4, 0], 'falling', { kind: 'steady' }],
    [[0, 9, 9, 9], 'rising', { kind: 'levels-off', at: 1, lastStepOnly: false }],
    [[9, 4.5, 0, 0], 'falling', { kind: 'levels-off', at: 2, lastStepOnly: false }],
    [[0, 0, 0, 9], 'rising', { kind: 'starts-late', at: 2, lastStepOnly: true }],
    [[0, 0, -5, -10], 'falling', { kind: 'starts-late', at: 1, lastStepOnly: false }],
    [[0, 12, 14, 16], 'rising', { kind: 'mostly', from: 0, to: 1 }],
    [[0, 9, 0], 'none', { kind: 'turns', at: 1, first: 'up' }],
    [[9, 0, 9, 18], 'rising', { kind: 'turns', at: 1, first: 'down' }],
    [[0, 9, 0, 9], 'rising', { kind: 'mixed' }],
  ] as const)('%j, %s', (levels, direction, found) => {
    expect(shape([...levels], direction)).toEqual(found)
  })

  it('goes by the numbers of the levels: what falls on one line of them is steady', () => {
    expect(shape([0, 3, 12], 'rising', 6, [10, 20, 50])).toEqual({ kind: 'steady' })
    expect(shape([0, 3, 12], 'rising', 6, [10, 20, 30])).toEqual({ kind: 'mostly', from: 1, to: 2 })
  })

  it('is steady where one group cannot tell, and puts a turn at the level furthest out', () => {
    expect(shape([0, 9, 9, 9], 'rising', 1)).toEqual({ kind: 'steady' })
    const open = (from: number, direction: 'up' | 'down' | 'open') => ({ from, to: from + 1, direction })
    const turning = {
      table: tableOf([], 'mean'),
      tested: [0, 1, 2, 3],
      steps: [open(0, 'up'), open(1, 'open'), open(2, 'down')],
      direction: 'none' as const,
      effects: Float64Array.of(0, 5, 9, 2),
      along: null,
      measured: true,
    }
    expect(shapeOf(turning)).toEqual({ kind: 'turns', at: 2, first: 'up' })
  })
})

describe('the order with ties', () => {
  const table = tableOf(
    Array.from({ length: 6 }, (_, g) => [
      [10 + g, 11 + g],
      [50 + g, 51 + g],
      [50 + g + (g % 2 ? 1 : -1), 51 + g],
    ]),
    'median',
  )

  it('keeps neighbours apart only where their gap is beyond chance', () => {
    const ranking = rankLevels(table, [0, 1, 2], 'number')
    expect(ranking.gap(0).p).toBeGreaterThan(ranking.gap(1).p)
    const order = tiedOrder(ranking, 0)
    expect(order.map((rank) => [...rank].sort())).toEqual([[1, 2], [0]])
  })

  it('says six orders that are the same as one order, and no further down than they agree', () => {
    const places = (orders: number[][]) => {
      const ranked = {
        ...tableOf(
          orders.map((order) => order.map((place) => [place])),
          'median',
        ),
        inHeats: true,
      }
      const ranking = rankLevels(ranked, [0, 1, 2, 3, 4, 5], 'order')
      return tiedOrder(ranking, 0).map((rank) => rank.length)
    }
    const same = Array.from({ length: 6 }, () => [6, 5, 4, 3, 2, 1])
    expect(places(same)).toEqual([1, 1, 1, 1, 1, 1])
    // Three of them have the last two the other way round.
    expect(places(same.map((order, group) => (group < 3 ? order : [6, 5, 4, 3, 1, 2])))).toEqual([
      1, 1, 1, 1, 2,
    ])
  })

  it('leaves out levels that were compared with nothing', () => {
    expect(rankLevels(tableOf([[[1], [2], []]], 'mean'), [0, 1, 2], 'number').order).toEqual([1, 0])
  })
})

describe('agreement', () => {
  const three = { h20: [10], h40: [20], h60: [30] }

  it('counts a group once it compares anything, and all of them only where each goes every step', () => {
    const found = trendAgreement(
      comparison,
      cells({ a: three, b: { ...three, h40: [10] }, c: { h20: [5] } }),
      'rising',
    )
    expect(found).toEqual({ groups: 2, agreeing: 2, dissenting: [], unanimous: false })
    expect(trendAgreement(comparison, cells({ a: three }), 'rising').unanimous).toBe(true)
    expect(trendAgreement(comparison, [], 'rising').unanimous).toBe(false)
  })

  it('asks only groups that tested the leader, and says it of all only when all have', () => {
    const table = { a: three, b: three, c: { h20: [1], h40: [2] } }
    expect(leaderAgreement(comparison, cells(table), 'h60', 1)).toEqual({
      groups: 2,
      agreeing: 2,
      dissenting: [],
      unanimous: false,
    })
    expect(
      leaderAgreement(comparison, cells({ a: three, b: { ...three, h60: [20] } }), 'h60', 1),
    ).toMatchObject({
      agreeing: 1,
      dissenting: [],
    })
    expect(leaderAgreement(comparison, cells({ a: three, b: three }), 'h20', -1).unanimous).toBe(true)
  })
})

describe('coverageOf', () => {
  const meant = { h20: ['a', 'b', 'c', 'd'], h40: ['a', 'b', 'c', 'd'], h60: ['a', 'b', 'c', 'd'] }
  const of = (table: Record<string, Record<string, number[]>>) =>
    coverageOf({ ...comparison, meant }, cells(table))
  const whole = { h20: [1], h40: [2], h60: [3] }

  it('is partial while a level waits, or fewer than half of the groups have been at one', () => {
    expect(of({ a: { h20: [1], h40: [2] } })).toMatchObject({ partial: true, groupsDone: 1, groupsMeant: 4 })
    expect(of({ a: whole }).partial).toBe(true)
    expect(of({ a: whole, b: whole })).toMatchObject({ partial: false, groupsDone: 2 })
    expect(of({ a: whole, b: { h20: [1], h40: [2] } })).toMatchObject({ partial: true, groupsDone: 1 })
  })

  it('knows nothing missing where nobody said who was to test', () => {
    expect(coverageOf({ ...comparison, meant: {} }, cells({ a: whole })).partial).toBe(false)
  })
})

describe('residualModel and odd readings', () => {
  const random = normalRandom(seededRandom(20260309))
  /** Six groups whose tries scatter by a tenth of what they read. */
  const growing = Object.fromEntries(
    Array.from({ length: 6 }, (_, g) => [
      `g${g}`,
      Object.fromEntries(
        [20, 80, 320].map((centre, level) => [
          ['h20', 'h40', 'h60'][level]!,
          [0, 1, 2].map(() => Math.round(centre * (1 + 0.1 * random()))),
        ]),
      ),
    ]),
  )

  it('has a spread that follows the level where the wobble grows with the value', () => {
    const model = residualModel(cells(growing), comparison)
    expect(model.scale('h60') / model.scale('h20')).toBeGreaterThan(6)
    expect(model.fit('g0', 'h40')).toBeGreaterThan(60)
    expect(model.fit('g0', 'gone')).toBeNull()
    expect(model.knows('g9')).toBe(false)
  })

  it('flags nothing in a clean lesson, though the last level scatters sixteen times as far as the first', () => {
    expect(oddReadings(cells(growing), comparison)).toEqual([])
  })

  it('finds one slip at the small end that would be nothing at the large one', () => {
    const slipped = { ...growing, g2: { ...growing.g2!, h20: [20, 45, 21] } }
    expect(oddReadings(cells(slipped), comparison).map((one) => one.id)).toEqual(['g2|h20|1'])
  })

  it('does not call a try odd where all tries of its cell lie off together', () => {
    const moved = { ...growing, g2: { ...growing.g2!, h40: [140, 142, 138] } }
    expect(oddReadings(cells(moved), comparison)).toEqual([])
  })

  it('passes over cells of two tries, and over scores that never came', () => {
    expect(oddReadings(cells({ a: { h20: [1, 90] } }), comparison)).toEqual([])
    expect(oddReadings(cells({ a: { h20: [1, 2, Infinity] } }), comparison)).toEqual([])
  })
})

describe('tries that drift', () => {
  const climbing = (perTry: number) =>
    cells(
      Object.fromEntries(
        ['a', 'b', 'c', 'd'].map((id, group) => [
          id,
          Object.fromEntries(
            ['h20', 'h40', 'h60'].map((level, place) => [
              level,
              [0, 1, 2].map((one) => 10 * place + group + perTry * one + ((group + place + one) % 2)),
            ]),
          ),
        ]),
      ),
    )

  it('are noticed when all climb or fall, with about how much, and not when they wobble', () => {
    expect(driftOf(climbing(9))).toEqual({ direction: 'rising', amount: 18 })
    expect(driftOf(climbing(-9))).toEqual({ direction: 'falling', amount: 18 })
    expect(driftOf(climbing(0))).toBeNull()
    expect(driftOf(cells({ a: { h20: [1], h40: [2] } }))).toBeNull()
  })
})
