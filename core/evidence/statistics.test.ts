import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { medianPolish, pageTrend, signFlip, summariseCell, theilSen } from '.'
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
