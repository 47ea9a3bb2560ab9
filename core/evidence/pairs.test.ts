import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { testContrast, jonckheere, joinedChance, levelEffects, testPair, shiftInterval, tableOf } from '.'
import { seededRandom } from '../random'
import { setUpAllowance } from './setUpAllowance'

const table = (groups: number[][][]) => tableOf(groups, 'median')

describe('stratified rank sums of tries', () => {
  /** Groups with x and y, three tries each, and one with other sizes. */
  const two = table([
    [
      [52, 55, 54],
      [48, 50, 51],
    ],
    [
      [60, 58, 63],
      [57, 59, 55],
    ],
  ])

  it('works out two groups by hand: 8 above its mean, 6 of 400 ways on both sides', () => {
    const { statistic, expected, pRising, pFalling } = jonckheere(two, [1, 0], 1)
    expect(statistic - expected).toBe(8)
    expect(2 * Math.min(pRising, pFalling)).toBeCloseTo(6 / 400, 12)
  })

  it('joins them with the groups by hand: 4 · 0.015 = 0.06', () => {
    expect(joinedChance({ ofGroups: 0.5, ofTries: 0.015, groups: 2, replicated: true })).toEqual({
      p: 0.06,
      carriedBy: 'tries',
    })
    expect(testPair(two, 0, 1)).toMatchObject({ carriedBy: 'tries', ahead: 1, groups: 2 })
    // The two groups differ by more than their tries say, which the test of the tries allows for.
    const allowed = jonckheere(two, [1, 0], setUpAllowance(two, [1, 0]))
    expect(testPair(two, 0, 1).p).toBeCloseTo(4 * 2 * allowed.pRising, 12)
    expect(testPair(two, 0, 1).p).toBeGreaterThan(0.06)
  })

  it('counts every way to deal the tries out inside each group, ties and all', () => {
    const values = fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 5, maxLength: 5 })
    fc.assert(
      fc.property(values, values, (first, second) => {
        const groups = [first, second].map((all) => [all.slice(0, 2), all.slice(2, 3), all.slice(3)])
        const found = jonckheere(table(groups), undefined, 1)
        const sums = [first, second].map((all) => arrangements(all).map(pairsRising))
        const all = sums[0]!.flatMap((one) => sums[1]!.map((other) => one + other))
        const share = (wanted: (sum: number) => boolean) => all.filter(wanted).length / all.length
        expect(found.pRising).toBeCloseTo(
          share((sum) => sum >= found.statistic - 1e-9),
          9,
        )
        expect(found.pFalling).toBeCloseTo(
          share((sum) => sum <= found.statistic + 1e-9),
          9,
        )
      }),
      { numRuns: 15 },
    )
  })

  it('takes many tries of a cell for fewer, since they share their set-up', () => {
    const tries = (shift: number) => Array.from({ length: 10 }, (_, index) => index * 3 + shift)
    const lead = table(Array.from({ length: 3 }, () => [tries(0), tries(7)]))
    // The plain chance of so many pairs: 207 of 300, mean 150, variance 3·100·21/12.
    expect(jonckheere(lead).pRising).toBeGreaterThan(1e-2)
  })
})

/** Every order of five things, as levels of two, one and two tries. */
function arrangements(items: number[]): number[][] {
  if (items.length < 2) return [items]
  return items.flatMap((item, index) =>
    arrangements(items.filter((_, other) => other !== index)).map((rest) => [item, ...rest]),
  )
}

function pairsRising(all: number[]): number {
  const level = [0, 0, 1, 2, 2]
  let sum = 0
  all.forEach((one, i) =>
    all.forEach((other, j) => {
      if (level[i]! < level[j]!) sum += one < other ? 1 : one === other ? 0.5 : 0
    }),
  )
  return sum
}

describe('joinedChance', () => {
  it('asks the groups alone where there is one try each, and the tries alone of one group', () => {
    const given = { ofGroups: 0.03, ofTries: 0.01, groups: 6, replicated: true }
    expect(joinedChance({ ...given, replicated: false })).toEqual({ p: 0.03, carriedBy: 'groups' })
    expect(joinedChance({ ...given, ofTries: 0.03, groups: 1 })).toEqual({ p: 0.12, carriedBy: 'tries' })
    // However well they agree, they may be wrong together.
    expect(joinedChance({ ...given, ofTries: 1e-6, groups: 1 }).p).toBeGreaterThan(0.05)
    expect(joinedChance({ ...given, ofTries: 0.9, ofGroups: 0.9 }).p).toBe(1)
  })
})

describe('levelEffects', () => {
  it('takes no notice of a group that reads high, whichever levels it tested', () => {
    // x beats z in one group and y beats z in another that reads 40 more.
    const { effects } = levelEffects(
      table([
        [[12, 13], [], [10, 11]],
        [[], [53, 54], [51, 52]],
      ]),
      'number',
    )
    expect(effects[2]).toBeLessThan(effects[0]!)
    expect(effects[2]).toBeLessThan(effects[1]!)
    expect(effects[0]! - effects[2]!).toBeCloseTo(2, 9)
  })

  it('is hardly moved by one slip of x10', () => {
    const plain = Array.from({ length: 4 }, (_, group) => [
      [20 + group, 21 + group, 22 + group],
      [30 + group, 31 + group, 32 + group],
    ])
    const slipped = plain.map((group, index) => (index === 0 ? [[200, 21, 22], group[1]!] : group))
    const apart = (groups: number[][][]) => {
      const { effects } = levelEffects(table(groups), 'number')
      return effects[1]! - effects[0]!
    }
    expect(apart(plain)).toBe(10)
    expect(apart(slipped)).toBeCloseTo(10, 0)
  })

  it('knows only more and less on a scale of order', () => {
    const { effects } = levelEffects(
      table([
        [[1], [3]],
        [[1], [2]],
        [[2], [1]],
      ]),
      'order',
    )
    expect(effects[1]! - effects[0]!).toBeCloseTo(1 / 3, 9)
  })

  it('puts a level that never came beyond all others', () => {
    const { effects } = levelEffects(
      table([
        [
          [4, 5],
          [Infinity, Infinity],
          [3, 4],
        ],
      ]),
      'number',
    )
    expect(effects[1]).toBeGreaterThan(effects[0]!)
    expect(Number.isFinite(effects[0]!)).toBe(true)
  })
})

describe('shiftInterval', () => {
  const random = seededRandom(4)
  const noisy = table(
    Array.from({ length: 6 }, () => [0, 9].map((shift) => [0, 1, 2].map(() => shift + random() * 4))),
  )

  it('holds the difference put in, and has no end where the data are too few', () => {
    const { least, greatest } = shiftInterval(noisy, 1, 0, 0.1)
    expect(least).toBeLessThan(9)
    expect(greatest).toBeGreaterThan(9)
    expect(greatest - least).toBeLessThan(4)
    expect(shiftInterval(table([[[1], [2]]]), 1, 0, 0.1)).toEqual({ least: -Infinity, greatest: Infinity })
  })

  it('inverts the joined test: a shift inside is not refused, one outside is', () => {
    const alpha = 0.1
    const { least, greatest } = shiftInterval(noisy, 1, 0, alpha)
    const refused = (shift: number) => {
      const moved = { ...noisy, values: noisy.values.map((v, i) => (Math.floor(i / 3) % 2 ? v - shift : v)) }
      moved.centres = noisy.centres.map((v, i) => (i % 2 ? v - shift : v))
      return testPair(moved, 1, 0).p <= alpha
    }
    expect([least - 1e-6, greatest + 1e-6].map(refused)).toEqual([true, true])
    expect([least + 1e-6, (least + greatest) / 2, greatest - 1e-6].map(refused)).toEqual([
      false,
      false,
      false,
    ])
  })
})

describe('testContrast', () => {
  it('compares two levels that no group tested together, by way of a third', () => {
    const groups = (lead: number) =>
      table([
        [[30 + lead, 31 + lead, 33 + lead], [], [21, 22, 20]],
        [[40 + lead, 43 + lead, 42 + lead], [], [31, 32, 33]],
        [[], [50, 52, 51], [52, 50, 51]],
        [[], [11, 13, 12], [10, 14, 12]],
      ])
    expect(testContrast(groups(0), 0, 1)).toMatchObject({ ahead: 1 })
    expect(testContrast(groups(0), 0, 1).p).toBeLessThan(0.02)
    expect(testContrast(groups(-10), 0, 1).p).toBeGreaterThan(0.2)
  })

  it('can say nothing where no chain of groups joins the two', () => {
    const apart = table([
      [[1, 2], [5, 6], [], []],
      [[], [], [8, 9], [1, 2]],
    ])
    expect(testContrast(apart, 0, 2)).toEqual({ p: 1, ahead: 0 })
  })
})
