import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  chiSquareTail,
  friedman,
  jonckheere,
  medianPolish,
  normalTail,
  pageTrend,
  signFlip,
  summariseCell,
  theilSen,
} from '.'
import { midRanks } from './midRanks'

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
    expect(pageTrend([Array.from({ length: 12 }, (_, index) => index)]).pRising).toBeCloseTo(
      1 / 479001600,
      15,
    )
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

describe('signFlip', () => {
  it('agrees with Fisher’s worked example of Darwin’s fifteen pairs of plants: 863 of 32768 ways on one side', () => {
    const differences = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48]
    expect(signFlip(differences)).toBeCloseTo((2 * 863) / 32768, 12)
  })

  it('gives 2 of 2^n when all agree, and 1 when there is nothing to compare', () => {
    expect(signFlip([3, 2, 4])).toBe(0.25)
    expect(signFlip([])).toBe(1)
    expect(signFlip([0, 0])).toBe(1)
    expect(() => signFlip(new Array<number>(21).fill(1))).toThrow(RangeError)
  })

  it('does not care about order or direction', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 1, maxLength: 9 }),
        (differences) => {
          const p = signFlip(differences)
          expect(p).toBeGreaterThanOrEqual(2 ** (1 - differences.length) - 1e-12)
          expect(signFlip(differences.map((one) => -one))).toBe(p)
          expect(signFlip([...differences].reverse())).toBe(p)
        },
      ),
    )
  })
})

describe('theilSen', () => {
  it('is hardly moved by one wild point', () => {
    // Slopes of the pairs: 2, 2, 10, 2, 14, 26; the middle of them is (2 + 10) / 2.
    expect(
      theilSen([
        [0, 0],
        [1, 2],
        [2, 4],
        [3, 30],
      ]),
    ).toBe(6)
    expect(
      theilSen([
        [0, 0],
        [1, 2],
        [2, 4],
        [3, 6],
        [4, 80],
      ]),
    ).toBe(2)
  })

  it('has no slope where nothing was changed', () => {
    expect(
      theilSen([
        [1, 2],
        [1, 5],
      ]),
    ).toBeNull()
    expect(theilSen([])).toBeNull()
  })

  it('finds a straight line whatever the points on it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9, max: 9 }),
        fc.integer({ min: -9, max: 9 }),
        fc.uniqueArray(fc.integer({ min: -50, max: 50 }), { minLength: 2, maxLength: 12 }),
        (slope, start, xs) => {
          expect(theilSen(xs.map((x) => [x, start + slope * x]))).toBeCloseTo(slope, 9)
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

describe('friedman', () => {
  /** Chances of a statistic at least as large, as M. Friedman (1937) tabled them: kinds, blocks, statistic, chance. */
  const table: [kinds: number, blocks: number, chances: [statistic: number, p: number][]][] = [
    [
      3,
      3,
      [
        [0, 1],
        [0.667, 0.944],
        [2, 0.528],
        [2.667, 0.361],
        [4.667, 0.194],
        [6, 0.028],
      ],
    ],
    [
      3,
      4,
      [
        [0.5, 0.931],
        [1.5, 0.653],
        [2, 0.431],
        [3.5, 0.273],
        [4.5, 0.125],
        [6, 0.069],
        [6.5, 0.042],
        [8, 0.005],
      ],
    ],
    [
      4,
      2,
      [
        [0.6, 0.958],
        [1.2, 0.833],
        [3, 0.542],
        [4.2, 0.375],
        [4.8, 0.208],
        [5.4, 0.167],
        [6, 0.042],
      ],
    ],
  ]

  it.each(table)('gives the tabled chances for %d kinds in %d blocks', (kinds, blocks, chances) => {
    const orders = permute(Array.from({ length: kinds }, (_, index) => index))
    const seen = new Map<string, number>()
    // The first block may stay as it is: naming the kinds anew changes nothing.
    const fill = (chosen: number[][]): void => {
      if (chosen.length < blocks) return orders.forEach((order) => fill([...chosen, order]))
      const { statistic, p } = friedman(chosen)
      seen.set(statistic.toFixed(3), p)
    }
    fill([orders[0]!])
    for (const [statistic, p] of chances) expect(seen.get(statistic.toFixed(3))).toBeCloseTo(p, 3)
  })

  it('takes ties as shared ranks, and no difference where all are alike', () => {
    // Ranks 1.5 1.5 3 in both blocks: of the nine ways to place the two threes, three have them together.
    const { statistic, p } = friedman([
      [5, 5, 9],
      [2, 2, 3],
    ])
    expect(statistic).toBeCloseTo(4, 9)
    expect(p).toBeCloseTo(1 / 3, 9)
    expect(friedman([[1, 1, 1]])).toEqual({ statistic: 0, p: 1 })
    expect(friedman([])).toEqual({ statistic: 0, p: 1 })
    expect(() => friedman([[1, 2], [1]])).toThrow(RangeError)
  })

  it('uses chi-square for large tables, close to the exact chance at the border', () => {
    const blocks = Array.from({ length: 11 }, (_, index) => (index < 7 ? [1, 2, 3] : [2, 1, 3]))
    const { statistic, p } = friedman(blocks)
    expect(p).toBeCloseTo(chiSquareTail(statistic, 2), 12)
    expect(Math.abs(friedman(blocks.slice(1)).p - p)).toBeLessThan(0.005)
  })
})

function permute(items: number[]): number[][] {
  if (items.length < 2) return [items]
  return items.flatMap((item) =>
    permute(items.filter((other) => other !== item)).map((rest) => [item, ...rest]),
  )
}

describe('jonckheere', () => {
  it('has the null of three levels with two tries each: 90 ways, counted by the Gaussian multinomial', () => {
    // 1, 2, 5, 7, 11, 12, 14, … of 90 ways come to J = 12, 11, 10, …
    const rising = jonckheere([
      [1, 2],
      [3, 4],
      [5, 6],
    ])
    expect(rising.statistic).toBe(12)
    expect(rising.pFalling).toBeCloseTo(1, 12)
    expect(rising.pRising).toBeCloseTo(1 / 90, 12)
    expect(
      jonckheere([
        [1, 3],
        [2, 4],
        [5, 6],
      ]).pRising,
    ).toBeCloseTo(3 / 90, 12)
    expect(
      jonckheere([
        [1, 4],
        [2, 3],
        [5, 6],
      ]).pRising,
    ).toBeCloseTo(8 / 90, 12)
    expect(
      jonckheere([
        [5, 6],
        [3, 4],
        [1, 2],
      ]).pFalling,
    ).toBeCloseTo(1 / 90, 12)
  })

  it('counts the pairs of a published example, and comes near the normal chance worked by hand', () => {
    // Hollander and Wolfe, Nonparametric Statistical Methods, example 6.2: pieces made by three groups of men.
    const { statistic, pRising } = jonckheere([
      [40, 35, 38, 43, 44, 41],
      [38, 40, 47, 44, 40, 42],
      [48, 40, 45, 43, 46, 44],
    ])
    expect(statistic).toBe(79)
    // Mean (18² − 3·6²)/4 = 54, variance (18²·39 − 3·6²·15)/72 = 153: z = 25/√153 = 2.02.
    expect(Math.abs(pRising - normalTail(2.02))).toBeLessThan(0.002)
  })

  it('agrees with its own approximation where the exact count ends', () => {
    const sample = (shift: number) => Array.from({ length: 7 }, (_, index) => index * 3 + shift)
    const exact = jonckheere([sample(0), sample(2), sample(4)])
    const large = jonckheere([sample(0), sample(2), sample(4), [7], [8], [9], [10], [11], [9.5]])
    expect(exact.pRising).toBeGreaterThan(0)
    expect(large.pRising + large.pFalling).toBeGreaterThanOrEqual(1 - 1e-6)
  })

  it('sees no trend in equal tries, and turns over with the levels', () => {
    expect(jonckheere([[4, 4], [4], [4, 4]])).toMatchObject({ pRising: 1, pFalling: 1 })
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 3 }), {
          minLength: 2,
          maxLength: 4,
        }),
        (samples) => {
          const there = jonckheere(samples)
          const back = jonckheere([...samples].reverse())
          expect(there.pRising).toBeCloseTo(back.pFalling, 9)
          expect(there.pRising + there.pFalling).toBeGreaterThan(1 - 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('tails', () => {
  it.each([
    [3.841, 1, 0.05],
    [5.991, 2, 0.05],
    [7.815, 3, 0.05],
    [9.488, 4, 0.05],
    [16.919, 9, 0.05],
    [23.209, 10, 0.01],
  ])('chi-square %d with %d degrees of freedom: %d, as in any table', (x, freedom, p) =>
    expect(chiSquareTail(x, freedom)).toBeCloseTo(p, 4),
  )

  it('has nothing below nought and refuses half a degree of freedom', () => {
    expect(chiSquareTail(0, 3)).toBe(1)
    expect(() => chiSquareTail(1, 0.5)).toThrow(RangeError)
    expect(normalTail(1.96)).toBeCloseTo(0.025, 4)
    expect(normalTail(-1.96)).toBeCloseTo(0.975, 4)
  })
})
