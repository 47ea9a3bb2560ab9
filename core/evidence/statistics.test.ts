// Long: each statistic against tables, brute force and hand-worked examples.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { medianPolish, pageTrend, signedRank, signedRankCut, summariseCell, theilSen } from '.'
import { midRanks } from './midRanks'
import { pageMoments, pageNull, patternShift } from './pageNull'
import { edgeworthTail } from './tails'

describe('midRanks', () => {
  it('shares the places of equal values', () => {
    expect(midRanks([5, 9, 5])).toEqual([1.5, 3, 1.5])
    expect(midRanks([])).toEqual([])
  })
})

describe('pageTrend', () => {
  /** Blocks of k levels, n of them, chosen to reach exactly L; the identity order gives the largest. */
  const chanceAtLeast = (levels: number, blocks: number, L: number) => {
    let sum = 0
    const all = permutations(levels).map((order) =>
      order.reduce((total, rank, index) => total + rank * (index + 1), 0),
    )
    let ways = new Map([[0, 1]])
    for (let block = 0; block < blocks; block++) {
      const next = new Map<number, number>()
      for (const [total, count] of ways)
        for (const one of all) next.set(total + one, (next.get(total + one) ?? 0) + count / all.length)
      ways = next
    }
    for (const [total, chance] of ways) if (total >= L) sum += chance
    return sum
  }

  it('gives L and its exact chance for a case counted by hand: two blocks of three, both rising', () => {
    const test = pageTrend([
      [1, 2, 3],
      [2, 4, 9],
    ])
    expect(test.statistic).toBe(28)
    expect(test.pRising).toBeCloseTo(1 / 36, 12)
    expect(test.pFalling).toBeCloseTo(1, 12)
  })

  // Page (1963), table 2: smallest L that is significant at 5 %, for k levels and n blocks.
  it.each([
    [3, 2, 28],
    [3, 3, 41],
    [3, 4, 54],
    [3, 5, 66],
    [3, 6, 79],
    [3, 8, 104],
    [4, 2, 58],
    [4, 3, 84],
    [4, 4, 111],
    [4, 5, 137],
    [4, 6, 163],
    [5, 2, 103],
    [5, 3, 150],
    [5, 4, 197],
    [5, 5, 244],
  ])('agrees with the published 5 %% value for %d levels and %d blocks: %d', (levels, blocks, critical) => {
    expect(chanceAtLeast(levels, blocks, critical)).toBeLessThanOrEqual(0.05)
    expect(chanceAtLeast(levels, blocks, critical - 1)).toBeGreaterThan(0.05)
    const found = blocksWithStatistic(levels, blocks, critical)
    expect(pageTrend(found).statistic).toBe(critical)
    expect(pageTrend(found).pRising).toBeCloseTo(chanceAtLeast(levels, blocks, critical), 10)
  })

  it('takes ties as mid-ranks and is then exact too', () => {
    const { statistic, pRising } = pageTrend([[1, 1, 2]])
    expect(statistic).toBe(1.5 + 3 + 9)
    expect(pRising).toBeCloseTo(1 / 3, 12)
  })

  it('says nothing from nothing', () => {
    expect(pageTrend([])).toEqual({ statistic: 0, pRising: 1, pFalling: 1 })
    expect(pageTrend([[5]]).pRising).toBe(1)
    expect(pageTrend([[3, 3, 3]]).pRising).toBe(1)
  })

  it('refuses more levels than it can count', () => {
    expect(() => pageTrend([Array.from({ length: 13 }, (_, index) => index)])).toThrow(RangeError)
    expect(pageTrend([Array.from({ length: 9 }, (_, index) => index)]).pRising).toBeCloseTo(1 / 362880, 12)
  })

  it('comes near the exact chance where counting ends', () => {
    for (const [blocks, levels] of [
      [1, 9],
      [3, 8],
      [6, 7],
    ] as const) {
      const patterns = Array.from({ length: blocks }, () => levels << patternShift)
      const moments = pageMoments(patterns)
      // Furthest out one block alone has few orders left, and the Edgeworth chance is too large.
      for (const z of blocks === 1 ? [1, 2] : [1, 2, 2.5]) {
        const seen = Math.round((moments.mean + z * Math.sqrt(moments.variance)) / 2) * 2
        const counted = pageNull([...patterns], seen)!.from
        expect(Math.abs(edgeworthTail(seen - 1, moments) / counted - 1)).toBeLessThan(0.08)
      }
    }
  })

  it('mirrors rising and falling, and both chances cover everything', () => {
    const blocks = fc.array(fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 2, maxLength: 5 }), {
      minLength: 1,
      maxLength: 5,
    })
    fc.assert(
      fc.property(blocks, (some) => {
        const one = pageTrend(some)
        const other = pageTrend(some.map((block) => [...block].reverse()))
        expect(one.pRising).toBeCloseTo(other.pFalling, 9)
        expect(one.pRising + one.pFalling).toBeGreaterThanOrEqual(1 - 1e-9)
      }),
    )
  })
})

describe('signedRank', () => {
  it('weighs Darwin’s fifteen pairs of plants as the tables do: W+ = 96, 1352 of 32768 ways on both sides', () => {
    const differences = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48]
    const { statistic, p } = signedRank(differences)
    expect(statistic).toBe(96 - 24)
    expect(p).toBeCloseTo(0.04126, 5)
  })

  it('works out differences of six groups by hand', () => {
    expect(signedRank([5, 3, 4, -1, 2, 6])).toEqual({ statistic: 19, p: 0.0625 })
    expect(signedRank([3, 2, 4])).toEqual({ statistic: 6, p: 0.25 })
  })

  it('leaves out what shows no difference', () => {
    expect(signedRank([])).toEqual({ statistic: 0, p: 1 })
    expect(signedRank([0, 0])).toEqual({ statistic: 0, p: 1 })
    expect(signedRank([0, 3, 2, 4]).p).toBe(0.25)
  })

  it('is the share of all ways to give the ranks signs, ties and all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -4, max: 4 }), { minLength: 1, maxLength: 9 }),
        (differences) => {
          const told = differences.filter((one) => one !== 0)
          const ranks = midRanks(told.map(Math.abs))
          const seen = told.reduce((sum, one, index) => sum + Math.sign(one) * ranks[index]!, 0)
          let asFar = 0
          for (let way = 0; way < 2 ** told.length; way++) {
            const sum = ranks.reduce((all, rank, index) => all + (way & (1 << index) ? rank : -rank), 0)
            if (Math.abs(sum) >= Math.abs(seen) - 1e-9) asFar++
          }
          const { statistic, p } = signedRank(differences)
          expect(statistic).toBeCloseTo(seen, 9)
          expect(p).toBeCloseTo(asFar / 2 ** told.length, 9)
        },
      ),
    )
  })

  it('cuts off as many Walsh averages as the table of critical values allows', () => {
    // Tabled for 5 % two-sided: 0 at n = 6, 2 at 7, 3 at 8, 5 at 9, 8 at 10; the cut is one more.
    expect([5, 6, 7, 8, 9, 10].map((count) => signedRankCut(count, 0.05))).toEqual([0, 1, 3, 4, 6, 9])
  })
})

describe('theilSen', () => {
  it('is hardly moved by one wild point', () => {
    // Slopes of the pairs: 2, 2, 10, 2, 14, 26; the middle of them is (2 + 10) / 2.
    expect(
      theilSen([
        [
          [0, 0],
          [1, 2],
          [2, 4],
          [3, 30],
        ],
      ]),
    ).toBe(6)
    expect(
      theilSen([
        [
          [0, 0],
          [1, 2],
          [2, 4],
          [3, 6],
          [4, 80],
        ],
      ]),
    ).toBe(2)
  })

  it('has no slope where nothing was changed', () => {
    expect(
      theilSen([
        [
          [1, 2],
          [1, 5],
        ],
      ]),
    ).toBeNull()
    expect(theilSen([])).toBeNull()
  })

  it('pairs points of one group only, and gives the worked slope', () => {
    const one = [
      [10, 4],
      [20, 7.5],
      [30, 12],
      [40, 15],
    ] as const
    expect(theilSen([one])).toBeCloseTo((0.367 + 0.375) / 2, 3)
    expect(theilSen([[[10, 4]], [[20, 90]]])).toBeNull()
  })

  it('finds a straight line whatever the points on it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9, max: 9 }),
        fc.integer({ min: -9, max: 9 }),
        fc.uniqueArray(fc.integer({ min: -50, max: 50 }), { minLength: 2, maxLength: 12 }),
        (slope, start, xs) => {
          expect(theilSen([xs.map((x) => [x, start + slope * x])])).toBeCloseTo(slope, 9)
        },
      ),
    )
  })
})

describe('medianPolish', () => {
  it('takes an additive table apart', () => {
    const { overall, rows, columns } = medianPolish([
      [11, 21, 31],
      [12, 22, 32],
      [16, 26, 36],
    ])
    expect(overall).toBeCloseTo(22)
    expect(rows.map(Math.round)).toEqual([-1, 0, 4])
    expect(columns.map(Math.round)).toEqual([-10, 0, 10])
  })

  it('puts together again what it took apart, empty places aside', () => {
    const table = fc.array(
      fc.array(fc.option(fc.integer({ min: -20, max: 20 }), { nil: null }), { minLength: 3, maxLength: 3 }),
      { minLength: 2, maxLength: 6 },
    )
    fc.assert(
      fc.property(table, (some) => {
        const { rows, columns, overall } = medianPolish(some)
        expect(rows).toHaveLength(some.length)
        expect([...rows, ...columns, overall].every(Number.isFinite)).toBe(true)
      }),
    )
  })
})

describe('summariseCell', () => {
  it('sums up as the plan says', () => {
    expect(summariseCell([62, 65, 66], 'median')).toEqual({
      count: 3,
      centre: 65,
      least: 62,
      greatest: 66,
      wobble: 4,
    })
    expect(summariseCell([62, 65, 66], 'mean').centre).toBeCloseTo(64.3333, 4)
    expect(summariseCell([62, 66, 66], 'most-common').centre).toBe(66)
    expect(summariseCell([62, 65, 66], 'most-common').centre).toBe(65)
    expect(summariseCell([0.1, 0.2], 'mean').centre).toBe(0.15)
    expect(() => summariseCell([], 'mean')).toThrow(RangeError)
  })
})

function permutations(size: number): number[][] {
  if (size === 0) return [[]]
  return permutations(size - 1).flatMap((rest) =>
    Array.from({ length: size }, (_, place) => [...rest.slice(0, place), size, ...rest.slice(place)]),
  )
}

/** Blocks whose statistic is exactly L, found by swapping neighbours from the rising order downwards. */
function blocksWithStatistic(levels: number, blocks: number, L: number): number[][] {
  const orders = permutations(levels).map((order) => ({
    order,
    sum: order.reduce((total, rank, index) => total + rank * (index + 1), 0),
  }))
  const search = (left: number, rest: number): number[][] | null => {
    if (left === 0) return rest === 0 ? [] : null
    for (const { order, sum } of orders) {
      const others = sum <= rest ? search(left - 1, rest - sum) : null
      if (others) return [order, ...others]
    }
    return null
  }
  const greatest = Math.max(...orders.map((one) => one.sum))
  const short = blocks * greatest - L
  // Most blocks rise fully; a few fall short, which keeps the search small.
  for (let full = blocks - 1; full >= 0; full--) {
    const found = search(blocks - full, (blocks - full) * greatest - short)
    if (found)
      return [
        ...found,
        ...Array.from({ length: full }, () => Array.from({ length: levels }, (_, index) => index + 1)),
      ]
  }
  throw new Error('no blocks give this statistic')
}
