import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  blankPlan,
  defaultsForAge,
  expectedValues,
  levelName,
  levelsForGroup,
  testingGroups,
  newId,
  orderedLevels,
  suggestLevel,
} from '.'
import { examplePlan, kindsPlan } from '../testing/examplePlan'

describe('defaultsForAge', () => {
  it('asks less of younger children', () => {
    expect(defaultsForAge('5-7')).toEqual({ tries: 2, summary: 'none' })
    expect(defaultsForAge('7-9')).toEqual({ tries: 3, summary: 'median' })
    expect(defaultsForAge('9-11')).toEqual({ tries: 3, summary: 'mean' })
    expect(blankPlan('5-7').tries).toBe(2)
  })
})

describe('levels', () => {
  it('are named by number and unit, or by their own name', () => {
    expect(levelName(examplePlan(), examplePlan().levels[1]!)).toBe('40 cm')
    expect(levelName(kindsPlan(['carpet']), kindsPlan(['carpet']).levels[0]!)).toBe('carpet')
    expect(levelName(examplePlan(), { id: 'x', name: '', value: null, baseline: false, picture: null })).toBe(
      'no number yet',
    )
  })

  it('are compared from small to large, kinds as listed', () => {
    const plan = examplePlan({ levels: [...examplePlan().levels].reverse() })
    expect(orderedLevels(plan).map((level) => level.value)).toEqual([20, 40, 60])
    expect(orderedLevels(kindsPlan(['b', 'a'])).map((level) => level.name)).toEqual(['b', 'a'])
  })

  it('go on in even steps', () => {
    const at = (...values: number[]) =>
      suggestLevel({
        changed: examplePlan().changed,
        levels: values.map((value) => ({
          id: String(value),
          name: '',
          value,
          baseline: false,
          picture: null,
        })),
      })
    expect(at()).toBe(10)
    expect(at(15)).toBe(30)
    expect(at(20, 40)).toBe(60)
    expect(at(40, 20)).toBe(60)
    expect(at(0.1, 0.2)).toBe(0.3)
    expect(suggestLevel(kindsPlan(['a']))).toBeNull()
  })
})

describe('levelsForGroup', () => {
  const five = [20, 40, 60, 80, 100].map((value) => ({
    id: String(value),
    name: '',
    value,
    baseline: false,
    picture: null,
  }))
  const values = (plan: ReturnType<typeof examplePlan>, groupIndex: number) =>
    levelsForGroup(plan, groupIndex).map((level) => level.value)

  it('gives everyone the same order when wished', () => {
    expect(values(examplePlan({ levels: five, levelOrder: 'same' }), 3)).toEqual([20, 40, 60, 80, 100])
  })

  it('lets no two groups meet at a station while there are stations enough', () => {
    const plan = examplePlan({ levels: five, whoTests: 'stations', levelOrder: 'same' })
    for (let turn = 0; turn < 5; turn++) {
      const at = [0, 1, 2, 3, 4].map((groupIndex) => values(plan, groupIndex)[turn])
      expect(new Set(at).size).toBe(5)
    }
  })

  it('gives each group its own order: turned, every second one backwards', () => {
    const plan = examplePlan({ levels: five, levelOrder: 'own' })
    expect(values(plan, 0)).toEqual([20, 40, 60, 80, 100])
    expect(values(plan, 1)).toEqual([20, 100, 80, 60, 40])
    expect(values(plan, 2)).toEqual([40, 60, 80, 100, 20])
  })

  it('shares levels out so that each is tested and neighbours overlap', () => {
    const plan = examplePlan({ levels: five, levelOrder: 'same', whoTests: 'shared-levels' })
    const shares = [0, 1, 2, 3, 4].map((groupIndex) => values(plan, groupIndex))
    expect(shares.every((share) => share.length === 3)).toBe(true)
    expect(new Set(shares.flat()).size).toBe(5)
    for (let groupIndex = 1; groupIndex < 5; groupIndex++)
      expect(shares[groupIndex]!.some((value) => shares[groupIndex - 1]!.includes(value))).toBe(true)
  })

  it('never repeats or invents a level, whatever the plan', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 0, max: 11 }),
        fc.constantFrom('all-levels' as const, 'shared-levels' as const, 'whole-class' as const),
        fc.constantFrom('same' as const, 'own' as const),
        (count, groupIndex, whoTests, levelOrder) => {
          const levels = Array.from({ length: count }, (_, index) => ({
            id: `l${index}`,
            name: '',
            value: index,
            baseline: false,
            picture: null,
          }))
          const mine = levelsForGroup(
            { changed: examplePlan().changed, levels, whoTests, levelOrder },
            groupIndex,
          )
          expect(new Set(mine).size).toBe(mine.length)
          expect(mine.every((level) => levels.some((one) => one.id === level.id))).toBe(true)
          const tests = testingGroups({ whoTests }, 12).includes(groupIndex)
          if (whoTests !== 'shared-levels' || !tests) expect(mine).toHaveLength(tests ? count : 0)
        },
      ),
    )
  })
})

describe('newId', () => {
  it('sorts by the time of making', () => {
    const ids = Array.from({ length: 50 }, newId)
    expect([...ids].sort()).toEqual(ids)
  })
})

describe('expectedValues', () => {
  it('lie on a straight line by value, kinds evenly spaced', () => {
    expect([...expectedValues(examplePlan(), { first: 10, last: 30, apart: 1 }).values()]).toEqual([
      10, 20, 30,
    ])
    expect([
      ...expectedValues(examplePlan({ levels: [examplePlan().levels[2]!, examplePlan().levels[0]!] }), {
        first: 1,
        last: 5,
        apart: 1,
      }),
    ]).toEqual([
      ['h20', 1],
      ['h60', 5],
    ])
    expect([
      ...expectedValues(kindsPlan(['a', 'b', 'c', 'd']), { first: 0, last: 3, apart: 1 }).values(),
    ]).toEqual([0, 1, 2, 3])
  })
})
