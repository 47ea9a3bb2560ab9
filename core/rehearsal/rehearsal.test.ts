import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normalRandom, seededRandom } from '../random'
import {
  classroom,
  rankNeighbours,
  neighbourGains,
  neighbourPlans,
  nextPiece,
  noRehearsal,
  rehearse,
  showsCheck,
} from '.'
import { instrumentCupboard } from '../instrument'
import { judgeKinds, judgeTrend, levelMeans } from '../evidence'
import { weighLesson } from '../comparison'
import { comparisonOf } from '../recording'
import type { Entry } from '../entries'
import { entry } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'

const plan = examplePlan()
const time = { age: '7-9', groups: 4, lessonMinutes: 45, cupboard: instrumentCupboard } as const
const plainly = { first: 11, last: 33, apart: 2 }

describe('classroom', () => {
  it('has the readings of the plan, on the marks and within the scale', () => {
    fc.assert(
      fc.property(
        fc.integer(),
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 1, max: 8 }),
        (seed, first, last, groups) => {
          const room = classroom(plan, { first, last, apart: 5 }, groups, seededRandom(seed))
          const clipped = room.draw()
          expect(room.table.values).toHaveLength(groups * 9)
          expect(room.readings).toBe(groups * 9)
          expect(clipped).toBeGreaterThanOrEqual(0)
          for (const value of room.table.values) {
            expect(Number.isInteger(value)).toBe(true)
            expect(value).toBeGreaterThanOrEqual(0)
            expect(value).toBeLessThanOrEqual(100)
          }
        },
      ),
      { numRuns: 50 },
    )
  })

  it('scatters as wide as it was told: tries of a group differ by the given mean', () => {
    const two = examplePlan({
      tries: 2,
      measured: { ...plan.measured, instrument: { ...plan.measured.instrument, smallestMark: 0.01 } },
    })
    const room = classroom(two, { first: 50, last: 50, apart: 2 }, 4, seededRandom(5))
    let sum = 0
    let count = 0
    for (let index = 0; index < 400; index++) {
      room.draw()
      for (let cell = 0; cell < room.table.values.length; cell += 2) {
        const difference = Math.abs(room.table.values[cell]! - room.table.values[cell + 1]!)
        // Tries that went wrong lie far away and are counted elsewhere.
        if (difference < 9) {
          sum += difference
          count++
        }
      }
    }
    expect(sum / count).toBeGreaterThan(1.9)
    expect(sum / count).toBeLessThan(2.1)
  })

  it('leaves empty what a group does not test', () => {
    const shared = examplePlan({ whoTests: 'shared-levels' })
    const room = classroom(shared, plainly, 3, seededRandom(6))
    room.draw()
    expect(room.readings).toBe(18)
    expect([...room.table.values].filter(Number.isNaN)).toHaveLength(9)
  })

  it.each([
    ['every group', examplePlan()],
    ['shared levels', examplePlan({ whoTests: 'shared-levels' })],
    ['the whole class', examplePlan({ whoTests: 'whole-class' })],
    ['stations and means', examplePlan({ whoTests: 'stations', summary: 'mean' })],
    [
      'tenths',
      examplePlan({
        measured: { ...plan.measured, instrument: { ...plan.measured.instrument, smallestMark: 0.1 } },
      }),
    ],
    ['named kinds', kindsPlan(['a', 'b', 'c'])],
    ['rounds', kindsPlan(['round 1', 'round 2', 'round 3'], { recording: { kind: 'rounds' } })],
  ])('is judged as the same readings typed by hand would be: %s', (_, own) => {
    for (const [seed, last] of [
      [1, 20],
      [2, 24],
      [3, 21],
      [4, 40],
    ] as const) {
      const room = classroom(own, { first: 20, last, apart: 4 }, 5, seededRandom(seed))
      room.draw()
      const readings = [...room.table.values].flatMap((value, index): Entry[] => {
        if (Number.isNaN(value)) return []
        const cell = Math.floor(index / room.table.room)
        const level = room.levels[cell % room.levels.length]!
        const groupId = `g${Math.floor(cell / room.levels.length)}`
        return [entry({ groupId, levelId: level.id, tryNumber: (index % room.table.room) + 1, value })]
      })
      const { judgement, results } = weighLesson(own, readings)
      expect([...levelMeans(room.table)]).toEqual(results.map((result) => result.centre))
      const judged =
        judgement.kind === 'trend'
          ? judgeTrend(room.table, comparisonOf(own))
          : judgeKinds(room.table, comparisonOf(own))
      if (judgement.verdict.because !== 'uneven') expect(judged.verdict).toEqual(judgement.verdict)
      if (judgement.kind === 'kinds' && 'first' in judged)
        expect(room.levels[judged.first]!.id).toBe(judgement.first!.level.id)
    }
  })
})

describe('rehearse', () => {
  it('is the same for the same seed, and can be continued', () => {
    const whole = rehearse(plan, plainly, 6, 60, seededRandom(1))
    const random = seededRandom(1)
    expect(rehearse(plan, plainly, 6, 40, random, rehearse(plan, plainly, 6, 20, random))).toEqual(whole)
    expect(whole.right + whole.wrong + whole.open).toBe(60)
    expect(whole.examples).toHaveLength(12)
  })

  it('sees a plain effect nearly always and a hidden one seldom', () => {
    const plain = rehearse(plan, plainly, 6, 200, seededRandom(2))
    const hidden = rehearse(plan, { first: 20, last: 22, apart: 12 }, 2, 200, seededRandom(2))
    expect(plain.right / 200).toBeGreaterThan(0.95)
    expect(hidden.right / 200).toBeLessThan(0.5)
  })

  it('is rarely wrong where there is nothing to see', () => {
    // A true difference of two marks in a spread of twenty: a clear answer either way is luck, at most 1 in 20.
    const { wrong } = rehearse(plan, { first: 50, last: 52, apart: 20 }, 6, 400, seededRandom(3))
    expect(wrong / 400).toBeLessThan(0.05)
  })

  it('knows what the right answer is: falling, the best kind at either end, or no difference', () => {
    expect(rehearse(plan, { first: 33, last: 11, apart: 2 }, 6, 50, seededRandom(4)).right).toBeGreaterThan(
      45,
    )
    const kinds = kindsPlan(['a', 'b', 'c'])
    expect(rehearse(kinds, { first: 10, last: 40, apart: 2 }, 6, 50, seededRandom(4)).right).toBeGreaterThan(
      45,
    )
    expect(
      rehearse({ ...kinds, best: 'least' }, { first: 10, last: 40, apart: 2 }, 6, 50, seededRandom(4)).right,
    ).toBeGreaterThan(40)
    expect(rehearse(plan, { first: 20, last: 20, apart: 0 }, 6, 50, seededRandom(4)).wrong).toBeLessThan(5)
  })

  it('notices readings that stop at the end of the scale', () => {
    const { clipped, readings } = rehearse(plan, { first: 60, last: 140, apart: 4 }, 6, 50, seededRandom(5))
    expect(clipped / readings).toBeGreaterThan(0.3)
  })

  it('refuses a plan with nothing to compare', () => {
    expect(() => rehearse(examplePlan({ levels: [] }), plainly, 6, 1, seededRandom(1))).toThrow(RangeError)
    expect(() => rehearse(examplePlan({ tries: 0 }), plainly, 6, 1, seededRandom(1))).toThrow(RangeError)
  })
})

describe('neighbourPlans', () => {
  it('offers a try more with what it costs: three more tries of 53 s', () => {
    const [more] = neighbourPlans(plan, plainly, time)
    expect(more).toMatchObject({ label: '4 tries instead of 3', plan: { tries: 4 } })
    expect(more!.extraMinutes).toBeCloseTo((3 * 53) / 60, 9)
  })

  it('offers levels further apart, expected on the same line', () => {
    const wider = neighbourPlans(plan, plainly, time).find((one) => one.label === '80 cm instead of 60 cm')!
    expect(wider.plan.levels.map((level) => level.value)).toEqual([20, 40, 80])
    expect(wider.expected.last).toBeCloseTo(44, 9)
    expect(wider.plan.levels[2]!.id).toBe('h60')
  })

  it('offers a longer instrument only where the scale is short', () => {
    const labels = (last: number) =>
      neighbourPlans(
        { ...plan, expected: { first: 20, last, apart: 3 } },
        { first: 20, last, apart: 3 },
        time,
      ).map((one) => one.label)
    expect(labels(120)).toContain('A tape measure instead')
    expect(labels(40)).not.toContain('A tape measure instead')
  })

  it('keeps what the neighbour changes to what it says: a try more shows at least as much', () => {
    const weak = { first: 20, last: 26, apart: 6 }
    const now = rehearse(plan, weak, 4, 600, seededRandom(8)).right
    const [more] = neighbourPlans(plan, weak, time)
    expect(rehearse(more!.plan, more!.expected, 4, 600, seededRandom(8)).right).toBeGreaterThanOrEqual(
      now - 15,
    )
  })
})

describe('rankNeighbours', () => {
  const weak = { first: 20, last: 26, apart: 6 }
  const ranked = (expected: typeof weak) => {
    const rehearsal = rehearse(plan, expected, 4, 400, seededRandom(6))
    return rankNeighbours(neighbourGains(plan, expected, time, rehearsal, 200, () => seededRandom(6)))
  }

  it('puts levels further apart, which cost no time, before a try more', () => {
    const all = ranked(weak)
    expect(all[0]).toMatchObject({ label: '80 cm instead of 60 cm', extraMinutes: 0 })
    expect(all.every((one) => one.gain >= 0.03)).toBe(true)
  })

  it('offers nothing where nothing is left to gain', () => {
    expect(ranked(plainly)).toEqual([])
  })
})

describe('nextPiece', () => {
  it('makes pieces of a tenth of a second, growing at most fourfold, never none', () => {
    expect([nextPiece(20, 4), nextPiece(200, 100), nextPiece(200, 50), nextPiece(20, 60_000)]).toEqual([
      80, 200, 400, 1,
    ])
    expect(nextPiece(700, 1)).toBe(700)
  })
})

describe('random numbers', () => {
  it('have the mean and spread that they should, the same for the same seed', () => {
    const normal = normalRandom(seededRandom(11))
    const some = Array.from({ length: 20_000 }, normal)
    const mean = some.reduce((sum, one) => sum + one, 0) / some.length
    const spread = Math.sqrt(some.reduce((sum, one) => sum + (one - mean) ** 2, 0) / some.length)
    // Five standard errors: 5/√20000 and 5/√40000.
    expect(Math.abs(mean)).toBeLessThan(0.036)
    expect(Math.abs(spread - 1)).toBeLessThan(0.025)
    expect(normalRandom(seededRandom(11))()).toBe(some[0])
  })
})

describe('showsCheck', () => {
  const came = (right: number, wrong: number, clipped = 0) =>
    showsCheck(
      { ...noRehearsal, classes: 100, right, wrong, open: 100 - right - wrong, clipped, readings: 100 },
      'metre stick',
    )

  it.each([
    [100, 0, 'good', 'In classes like yours the answer would nearly always show.'],
    [75, 0, 'think', 'In 3 of 12 classes like yours the answer would stay hidden.'],
    [40, 0, 'mend', 'In 7 of 12 classes like yours the answer would stay hidden.'],
    [
      85,
      10,
      'think',
      'In 1 of 12 classes like yours the answer would stay hidden. In 1 of 12 it would come out wrong.',
    ],
  ])('%d right and %d wrong of 100: %s', (right, wrong, state, sentence) => {
    expect(came(right, wrong)).toEqual({ state, sentence, clipping: null })
  })

  it('tells of readings past the end', () => {
    expect(came(100, 0, 33).clipping).toBe(
      'About one reading in 3 would fall off the scale of the metre stick.',
    )
  })
})
