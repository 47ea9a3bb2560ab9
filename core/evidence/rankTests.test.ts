import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chiSquareTail, friedman, jonckheereOf, normalTail } from '.'

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
    const rising = jonckheereOf([
      [1, 2],
      [3, 4],
      [5, 6],
    ])
    expect(rising.statistic).toBe(12)
    expect(rising.pFalling).toBeCloseTo(1, 12)
    expect(rising.pRising).toBeCloseTo(1 / 90, 12)
    expect(
      jonckheereOf([
        [1, 3],
        [2, 4],
        [5, 6],
      ]).pRising,
    ).toBeCloseTo(3 / 90, 12)
    expect(
      jonckheereOf([
        [1, 4],
        [2, 3],
        [5, 6],
      ]).pRising,
    ).toBeCloseTo(8 / 90, 12)
    expect(
      jonckheereOf([
        [5, 6],
        [3, 4],
        [1, 2],
      ]).pFalling,
    ).toBeCloseTo(1 / 90, 12)
  })

  it('counts the pairs of a published example, and comes near the normal chance worked by hand', () => {
    // Hollander and Wolfe, Nonparametric Statistical Methods, example 6.2: pieces made by three groups of men.
    const { statistic, pRising } = jonckheereOf([
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
    const exact = jonckheereOf([sample(0), sample(2), sample(4)])
    const large = jonckheereOf([sample(0), sample(2), sample(4), [7], [8], [9], [10], [11], [9.5]])
    expect(exact.pRising).toBeGreaterThan(0)
    expect(large.pRising + large.pFalling).toBeGreaterThanOrEqual(1 - 1e-6)
  })

  it('sees no trend in equal tries, and turns over with the levels', () => {
    expect(jonckheereOf([[4, 4], [4], [4, 4]])).toMatchObject({ pRising: 1, pFalling: 1 })
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 3 }), {
          minLength: 2,
          maxLength: 4,
        }),
        (samples) => {
          const there = jonckheereOf(samples)
          const back = jonckheereOf([...samples].reverse())
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
