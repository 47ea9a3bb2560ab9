import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kitAmounts } from '.'
import type { Material } from '../plan'
import { examplePlan } from '../testing/examplePlan'

const material = (changes: Partial<Material>): Material => ({
  id: 'm',
  name: 'thing',
  amount: 1,
  unit: '',
  per: 'group',
  use: 'reused',
  spare: { kind: 'number', value: 0 },
  ...changes,
})
const line = (changes: Partial<Material>, people = { groups: 6, children: 24 }, plan = {}) =>
  kitAmounts(examplePlan({ materials: [material(changes)], ...plan }), people)[0]!

describe('kitAmounts', () => {
  it('needs one of a reused thing for each group, and the spares', () => {
    expect(line({ spare: { kind: 'number', value: 2 } })).toMatchObject({
      perGroup: [1, 1, 1, 1, 1, 1],
      needed: 6,
      spare: 2,
      total: 8,
    })
  })

  it('counts what the class shares once and puts it on no tray', () => {
    expect(line({ per: 'class', amount: 2 })).toMatchObject({ perGroup: [0, 0, 0, 0, 0, 0], total: 2 })
  })

  it('leaves a level’s reused things at its station, one set each, more where groups must double up', () => {
    const stations = { whoTests: 'stations' as const }
    expect(line({ per: 'level' }, { groups: 3, children: 12 }, stations)).toMatchObject({
      perGroup: [0, 0, 0],
      needed: 3,
    })
    expect(line({ per: 'level' }, { groups: 4, children: 12 }, stations).needed).toBe(6)
    expect(line({ per: 'level', use: 'used-up' }, { groups: 3, children: 12 }, stations).needed).toBe(9)
    expect(line({ per: 'group' }, { groups: 3, children: 12 }, stations).perGroup).toEqual([1, 1, 1])
  })

  it('shares children out over the groups, the first ones taking the rest', () => {
    expect(line({ per: 'child' }, { groups: 5, children: 23 }).perGroup).toEqual([5, 5, 5, 4, 4])
  })

  it('counts used-up things by level, by try, and by level and try with the practice', () => {
    expect(line({ per: 'level', use: 'used-up' }).perGroup[0]).toBe(3)
    expect(line({ per: 'try', use: 'used-up' }).perGroup[0]).toBe(4)
    expect(line({ per: 'level-try', use: 'used-up', amount: 2 }).perGroup[0]).toBe(20)
  })

  it('counts reused things once for each simultaneous user', () => {
    expect(line({ per: 'level-try' }).perGroup[0]).toBe(1)
    expect(line({ per: 'level' }).perGroup[0]).toBe(3)
  })

  it('knows that a group with a share of the levels needs less', () => {
    expect(
      line({ per: 'level', use: 'used-up' }, { groups: 2, children: 0 }, { whoTests: 'shared-levels' })
        .perGroup,
    ).toEqual([2, 2])
  })

  it('needs one tray when the class tests together', () => {
    expect(line({ per: 'child' }, { groups: 6, children: 24 }, { whoTests: 'whole-class' }).perGroup).toEqual(
      [24, 0, 0, 0, 0, 0],
    )
  })

  it('rounds up to whole units, without floating-point dust', () => {
    expect(line({ amount: 0.1, per: 'child' }, { groups: 1, children: 30 }).total).toBe(3)
    expect(
      line({ amount: 30, unit: 'cm', use: 'used-up', spare: { kind: 'percent', value: 20 } }),
    ).toMatchObject({ needed: 180, spare: 36, total: 216 })
  })

  it('refuses counts that are none', () => {
    expect(() => kitAmounts(examplePlan(), { groups: -1, children: 0 })).toThrow(RangeError)
    expect(() => kitAmounts(examplePlan(), { groups: 2, children: 1.5 })).toThrow(RangeError)
  })

  it('always fetches what the trays hold and the spares', () => {
    const materials = fc.record({
      amount: fc.double({ min: 0, max: 50, noNaN: true }),
      per: fc.constantFrom('class', 'group', 'child', 'level', 'try', 'level-try' as const),
      use: fc.constantFrom('reused', 'used-up' as const),
      value: fc.integer({ min: 0, max: 50 }),
    })
    fc.assert(
      fc.property(
        materials,
        fc.integer({ min: 2, max: 12 }),
        fc.integer({ min: 0, max: 40 }),
        ({ value, ...rest }, groups, children) => {
          const { perGroup, needed, spare, total } = line(
            { ...rest, spare: { kind: 'percent', value } } as Partial<Material>,
            { groups, children },
          )
          expect(perGroup).toHaveLength(groups)
          if (rest.per !== 'class') expect(perGroup.reduce((sum, one) => sum + one, 0)).toBe(needed)
          expect(total).toBe(needed + spare)
          expect(Number.isInteger(total)).toBe(true)
        },
      ),
    )
  })
})
