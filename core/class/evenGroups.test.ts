import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { evenGroups } from '.'

const groups = ['leaf', 'bell', 'key']
const children = (...groupIds: (string | null)[]) =>
  groupIds.map((groupId, index) => ({ id: `c${index}`, groupId }))
const sizes = (of: { groupId: string | null }[]) =>
  groups.map((id) => of.filter((one) => one.groupId === id).length)

describe('groups of equal size', () => {
  it('are made of children without any, in their order', () => {
    const made = evenGroups(children(null, null, null, null, null, null), groups)
    expect(made.map((one) => one.groupId)).toEqual(['leaf', 'leaf', 'bell', 'bell', 'key', 'key'])
  })

  it('move only those who are too many, and those whose group is gone', () => {
    const before = children('leaf', 'leaf', 'leaf', 'leaf', 'bell', 'gone')
    expect(evenGroups(before, groups).map((one) => one.groupId)).toEqual([
      ...['leaf', 'leaf', 'bell', 'key', 'bell', 'key'],
    ])
  })

  it('leave one more where most are', () => {
    expect(sizes(evenGroups(children('key', 'key', 'key', 'bell'), groups))).toEqual([1, 1, 2])
  })

  it('need a group', () => {
    expect(() => evenGroups(children(null), [])).toThrow(RangeError)
  })

  it('differ by one at most, lose nobody, and move nobody once they are', () => {
    const anyone = fc.array(fc.constantFrom<(string | null)[]>('leaf', 'bell', 'key', 'gone', null), {
      maxLength: 40,
    })
    fc.assert(
      fc.property(anyone, (ids) => {
        const before = children(...ids)
        const made = evenGroups(before, groups)
        const all = sizes(made)
        expect(made.map((one) => one.id)).toEqual(before.map((one) => one.id))
        expect(Math.max(...all) - Math.min(...all)).toBeLessThanOrEqual(1)
        expect(evenGroups(made, groups)).toEqual(made)
        // No fewer moves would do: each group keeps as many as it may hold.
        const kept = made.filter((one, index) => one.groupId === before[index]!.groupId).length
        const most = groups.reduce(
          (sum, id, at) => sum + Math.min(all[at]!, before.filter((one) => one.groupId === id).length),
          0,
        )
        expect(kept).toBe(most)
      }),
    )
  })
})
