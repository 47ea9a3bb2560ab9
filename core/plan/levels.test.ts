import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { examplePlan, kindsPlan, numberLevel } from '../testing/examplePlan'
import {
  planLimits,
  rangeOf,
  withEvenLevels,
  withLevel,
  withLevelAdded,
  withLevelKind,
  withoutLevel,
  type Plan,
} from '.'

const values = ({ levels }: Plan) => levels.map((level) => level.value)
const names = ({ levels }: Plan) => levels.map((level) => level.name)

describe('the levels of a plan', () => {
  it('get one more that keeps the steps even, up to the most', () => {
    expect(values(withLevelAdded(examplePlan()))).toEqual([20, 40, 60, 80])
    expect(names(withLevelAdded(kindsPlan(['tile', 'carpet'])))).toEqual(['tile', 'carpet', ''])
    const full = examplePlan({
      levels: Array.from({ length: planLimits.levels }, (_, index) => numberLevel(index)),
    })
    expect(withLevelAdded(full)).toBe(full)
  })

  it('are said differently and taken out one by one', () => {
    expect(values(withLevel(examplePlan(), 'h40', { value: 45 }))).toEqual([20, 45, 60])
    expect(values(withoutLevel(examplePlan(), 'h40'))).toEqual([20, 60])
    expect(withoutLevel(examplePlan(), 'h99')).toEqual(examplePlan())
  })

  it('become kinds called by their numbers, and a direction becomes a choice', () => {
    const kinds = withLevelKind(examplePlan(), 'kinds')
    expect(names(kinds)).toEqual(['20', '40', '60'])
    expect([kinds.changed.kind, kinds.changed.unit, kinds.prediction.format]).toEqual([
      'kinds',
      null,
      'choice',
    ])
    expect(withLevelKind(kinds, 'kinds')).toBe(kinds)
  })

  it('become numbers where their names are some, and lose what only kinds have', () => {
    const levels = [
      { id: 'a', name: '12', value: null, baseline: true, picture: '0190c0de-0000-7000-8000-000000000001' },
      { id: 'b', name: 'carpet', value: null, baseline: false, picture: null },
    ]
    const numbers = withLevelKind(kindsPlan([], { levels }), 'number')
    expect(numbers.changed.unit).toBe('cm')
    expect(numbers.levels.map(({ value, baseline, picture }) => [value, baseline, picture])).toEqual([
      [12, false, null],
      [null, false, null],
    ])
  })

  it('come back as they were when they are turned to kinds and again to numbers', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 999 }), { maxLength: 12 }), (all) => {
        const plan = examplePlan({ levels: all.map((value) => numberLevel(value)) })
        const back = withLevelKind(withLevelKind(plan, 'kinds'), 'number')
        expect(values(back)).toEqual(all.length > 0 ? all : [null])
      }),
    )
  })

  it('are spread evenly over what the set-up allows; those that are there already stay', () => {
    const plan = withEvenLevels(examplePlan(), { least: 20, greatest: 80 }, 4)
    expect(values(plan)).toEqual([20, 40, 60, 80])
    expect(plan.levels.slice(0, 3)).toEqual(examplePlan().levels)
    expect(plan.changed.range).toEqual({ least: 20, greatest: 80 })
  })
})

describe('how far levels can go', () => {
  it('is what the first instrument of their kind can set, in their unit', () => {
    expect(rangeOf(instrumentCupboard, 'm')).toEqual({ least: 0, greatest: 1 })
    expect(rangeOf([], 'cm')).toBeNull()
    expect(rangeOf(instrumentCupboard, 'C')).toBeNull()
  })
})
