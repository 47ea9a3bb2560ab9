import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { kitAmounts } from '../kit'
import { examplePlan, material } from '../testing/examplePlan'
import { childrenByGroup } from '.'

const pupils = (...groups: (string | null)[]) => groups.map((groupId) => ({ groupId }))

describe('the children of each group', () => {
  it('are those in it, and those in none where there are fewest', () => {
    expect(
      childrenByGroup(['leaf', 'star', 'key'], pupils('leaf', 'leaf', 'leaf', 'star', null, null)),
    ).toEqual([3, 2, 1])
    expect(childrenByGroup(['leaf'], [])).toEqual([0])
    expect(childrenByGroup([], pupils(null))).toEqual([])
  })

  it('are all of them', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('leaf', 'star', 'key', null), { maxLength: 40 }), (groups) => {
        const counts = childrenByGroup(['leaf', 'star', 'key'], pupils(...groups))
        expect(counts.reduce((sum, one) => sum + one, 0)).toBe(groups.length)
      }),
    )
  })

  it('have as much on their tray as there are children', () => {
    const plan = examplePlan({
      materials: [material({ id: 'straw', name: 'straw', per: 'child', use: 'used-up' })],
    })
    const of = (byGroup?: number[], whoTests = plan.whoTests) =>
      kitAmounts(
        { ...plan, whoTests },
        { groups: 3, children: 10, byGroup, cupboard: instrumentCupboard },
      )[0]!.perGroup
    expect(of([5, 2, 3])).toEqual([5, 2, 3])
    expect(of()).toEqual([4, 3, 3])
    // The class as one has all of them on its one tray.
    expect(of([5, 2, 3], 'whole-class')).toEqual([10, 0, 0])
  })
})
