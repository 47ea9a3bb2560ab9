import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Plan } from '../../plan'
import { standingOf, type Entry } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { scoresOf } from '../../comparison'
import { contextOf, groupProgress, levelProgress, wayOf } from '..'
import { growOrder } from './insertion'
import { impliedOrder, shortestContradiction, type Found } from './relation'

const over = (more: string, less: string): Found => ({ more, less, same: false })
const same = (more: string, less: string): Found => ({ more, less, same: true })
const rocks = kindsPlan(['chalk', 'slate', 'granite'], { recording: { kind: 'pairs' }, tries: 1 })
const pairs = wayOf(rocks)

/** One comparison as a group types it. */
function found(plan: Plan, a: string, b: string, winner: string, groupId = 'leaf'): Entry {
  const slot = wayOf(plan).canonicalSlot(plan, { groupId, tryNumber: 1, levelId: a, moment: b })
  return entry({ ...slot, fields: { value: { typed: winner, given: 'typed', value: winner } } })
}

describe('an order out of pairs', () => {
  it('takes at most 0 + 1 + 2 + 2 + 3 = 8 comparisons for five', () => {
    expect(growOrder(['a', 'b', 'c', 'd', 'e'], []).ahead).toHaveLength(8)
    expect(growOrder(['a'], []).next).toBeNull()
    expect(growOrder([], [])).toEqual({ order: [], next: null, ahead: [] })
  })

  it('is what sorting gives, within its bound, for any true order with ties', () => {
    const bound = (n: number) =>
      Array.from({ length: n }, (_, k) => Math.ceil(Math.log2(k + 1))).reduce((sum, one) => sum + one, 0)
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 12 }), (values) => {
        const ids = values.map((_, index) => `l${index}`)
        const value = (id: string) => values[Number(id.slice(1))]!
        const seen: Found[] = []
        for (let grown = growOrder(ids, seen); grown.next; grown = growOrder(ids, seen)) {
          const [a, b] = grown.next
          // What follows already is never asked.
          expect(impliedOrder(seen, a, b)).toBeNull()
          seen.push(value(a) === value(b) ? same(a, b) : value(a) > value(b) ? over(a, b) : over(b, a))
        }
        expect(seen.length).toBeLessThanOrEqual(bound(ids.length))
        const { order } = growOrder(ids, seen)
        expect(order.map((together) => together.map(value))).toEqual(
          [...new Set(values)].sort((a, b) => b - a).map((one) => values.filter((other) => other === one)),
        )
        expect(shortestContradiction(seen)).toBeNull()
      }),
    )
  })

  it('goes by way of others, and by what is the same', () => {
    const known = [over('a', 'b'), same('b', 'c'), over('c', 'd')]
    expect(impliedOrder(known, 'a', 'd')).toBe(1)
    expect(impliedOrder(known, 'd', 'a')).toBe(-1)
    expect(impliedOrder(known, 'b', 'c')).toBe(0)
    expect(impliedOrder(known, 'a', 'e')).toBeNull()
  })

  it('finds the shortest chain that cannot be: three long, although a longer one is there too', () => {
    const circle = [over('a', 'b'), over('b', 'c'), over('c', 'd'), over('d', 'a'), over('c', 'a')]
    expect(shortestContradiction(circle)).toHaveLength(3)
    expect(shortestContradiction([over('a', 'b'), over('b', 'c')])).toBeNull()
    expect(shortestContradiction([over('a', 'b'), same('a', 'b')])).toHaveLength(2)
    expect(shortestContradiction([same('a', 'b'), same('b', 'c'), same('c', 'a')])).toBeNull()
  })

  it('holds together what goes round in a circle', () => {
    const circle = [over('a', 'b'), over('b', 'c'), over('c', 'a')]
    expect(growOrder(['a', 'b', 'c'], circle).order).toEqual([['a', 'b', 'c']])
  })
})

describe('the way in pairs', () => {
  it('asks one pair after the other, and no more once all have a place', () => {
    expect(groupProgress(rocks, 'leaf', 0, standingOf([]))).toMatchObject({
      done: 0,
      needed: 3,
      next: { levelId: 'chalk', moment: 'slate' },
    })
    const two = [found(rocks, 'chalk', 'slate', 'slate'), found(rocks, 'slate', 'granite', 'granite')]
    expect(groupProgress(rocks, 'leaf', 0, standingOf(two.slice(0, 1))).next).not.toBeNull()
    // Granite is over slate, so it is over chalk too.
    expect(groupProgress(rocks, 'leaf', 0, standingOf(two))).toMatchObject({ done: 2, needed: 2, next: null })
    expect(levelProgress(rocks, ['leaf'], standingOf(two)).get('slate')).toEqual({ done: 2, needed: 2 })
  })

  it('scores a complete order alone, more for more, ties sharing their ranks', () => {
    const one = [found(rocks, 'chalk', 'slate', 'slate')]
    expect(scoresOf(rocks, one)).toEqual([])
    expect(pairs.soFar(rocks, one)?.sentence).toBe('No order is complete yet.')
    const tied = [...one, found(rocks, 'granite', 'slate', '=')]
    const ranks = scoresOf(rocks, tied).map(({ levelId, value }) => [levelId, value])
    expect(Object.fromEntries(ranks)).toEqual({ chalk: 1, slate: 2.5, granite: 2.5 })
  })

  it.each([
    ['b', 'slate'],
    ['Chalk', 'chalk'],
    ['same', '='],
    ['=', '='],
  ])('reads %j', (text, value) => {
    const slot = pairs.canonicalSlot(rocks, {
      groupId: 'leaf',
      tryNumber: 1,
      levelId: 'slate',
      moment: 'chalk',
    })
    expect(pairs.check(rocks, text, contextOf(rocks, [], slot))).toEqual({ state: 'value', value, hints: [] })
  })

  it('takes neither the third nor a stranger', () => {
    const slot = pairs.canonicalSlot(rocks, {
      groupId: 'leaf',
      tryNumber: 1,
      levelId: 'slate',
      moment: 'chalk',
    })
    for (const text of ['granite', 'c', 'sandstone', '7'])
      expect(pairs.check(rocks, text, contextOf(rocks, [], slot))).toMatchObject({
        state: 'unreadable',
        message: 'Type A chalk or B slate, or = where they are the same.',
      })
  })

  it('asks when an answer cannot be beside what stands, and says where to look again', () => {
    const two = [found(rocks, 'chalk', 'slate', 'slate'), found(rocks, 'slate', 'granite', 'granite')]
    const third = pairs.canonicalSlot(rocks, {
      groupId: 'leaf',
      tryNumber: 1,
      levelId: 'granite',
      moment: 'chalk',
    })
    expect(pairs.check(rocks, 'chalk', contextOf(rocks, two, third))).toMatchObject({
      state: 'value',
      hints: [
        {
          code: 'against-row',
          message: expect.stringMatching(/^Slate over chalk and granite over slate\. This doesn’t go/),
        },
      ],
    })
    const all = [...two, found(rocks, 'granite', 'chalk', 'chalk')]
    expect(pairs.doubts(rocks, all)).toMatchObject([
      {
        groupId: 'leaf',
        said: 'These can’t all be true: slate over chalk, chalk over granite and granite over slate.',
        slot: { levelId: 'chalk', moment: 'granite' },
      },
    ])
    expect(scoresOf(rocks, all).map((score) => score.value)).toEqual([2, 2, 2])
    expect(pairs.doubts(rocks, two)).toEqual([])
  })

  it('says how many comparisons were never needed', () => {
    const two = [found(rocks, 'chalk', 'slate', 'slate'), found(rocks, 'slate', 'granite', 'granite')]
    const level = (id: string, centre: number) => ({
      level: rocks.levels.find((one) => one.id === id)!,
      groups: 1,
      centre,
      least: centre,
      greatest: centre,
    })
    expect(pairs.detail(rocks, two, [level('chalk', 1), level('slate', 2), level('granite', 3)])).toBe(
      'by the middle of 1 order, from most to least: granite, slate and chalk. 2 comparisons were made; one other was never needed, since the rest says it.',
    )
  })

  it('keeps the same slot whichever is named first, also when levels are moved', () => {
    const turned = { ...rocks, levels: [...rocks.levels].reverse() }
    const keys = (plan: Plan) =>
      wayOf(plan)
        .slots(plan, 'leaf', 0)
        .map((slot) => `${slot.levelId}|${slot.moment}`)
        .sort()
    expect(keys(turned)).toEqual(keys(rocks))
  })
})
