import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entryHistory, hasSameValues, standingOf, standingEntries } from '../entries'
import { groupProgress, levelProgress, mostEntries, wayOf } from '.'
import { examplePlan } from '../testing/examplePlan'
import { entry, entriesFrom } from '../testing/exampleEntries'

const first = entry({ id: 'a', value: 130 })
const correction = entry({ id: 'b', value: 13, supersedes: 'a' })
const aside = entry({ id: 'c', value: 13, status: 'set-aside', reason: 'pushed', supersedes: 'b' })
const repeat = entry({ id: 'd', value: 14 })

describe('standingEntries', () => {
  it('leaves out what was superseded and keeps the rest', () => {
    expect(standingEntries([first, correction, aside, repeat]).map((one) => one.id)).toEqual(['c', 'd'])
  })

  it('never loses a reading that nobody superseded', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 20 }), { maxLength: 30 }), (targets) => {
        const all = targets.map((target, index) =>
          entry({ id: `x${index}`, supersedes: target < index ? `x${target}` : null }),
        )
        const named = new Set(all.map((one) => one.supersedes))
        expect(standingEntries(all)).toEqual(all.filter((one) => !named.has(one.id)))
      }),
    )
  })
})

describe('slotStates', () => {
  it('holds one counted reading beside those set aside', () => {
    const state = standingOf([first, correction, aside, repeat]).slots.get('leaf|h20|1|')!
    expect(state.counted?.id).toBe('d')
    expect(state.setAside.map((one) => one.id)).toEqual(['c'])
  })

  it('opens a slot again when its reading is set aside', () => {
    expect(standingOf([first, correction, aside]).slots.get('leaf|h20|1|')!.counted).toBeNull()
  })
})

describe('hasSameValues', () => {
  const cm = { instrument: 'metre stick', unit: 'cm', mark: 1 } as const
  it('goes by value and unit, not by how it was typed', () => {
    const one = entry({ value: 13, readWith: cm })
    expect(hasSameValues(one, entry({ value: 13, typed: '13.0', readWith: cm }))).toBe(true)
    expect(hasSameValues(one, entry({ value: 14, readWith: cm }))).toBe(false)
    expect(hasSameValues(one, entry({ value: 13, readWith: { ...cm, unit: 'mm' } }))).toBe(false)
    expect(hasSameValues(one, entry({ value: null, readWith: cm }))).toBe(false)
  })
})

describe('entryHistory', () => {
  it('shows every reading, the last to arrive first, with what took its place, whatever the clocks of tablets say', () => {
    const late = { ...repeat, takenAt: '2020-01-01T00:00:00.000Z' }
    const history = entryHistory([first, correction, aside, late])
    expect(history.map((step) => step.entry.id)).toEqual(['d', 'c', 'b', 'a'])
    expect(history.at(-1)!.supersededBy?.id).toBe('b')
    expect(history[0]!.supersededBy).toBeNull()
  })
})

describe('groupProgress', () => {
  const plan = examplePlan({ levelOrder: 'same' })

  it('begins with the first try of the first level', () => {
    expect(groupProgress(plan, 'leaf', 0, standingOf([]))).toEqual({
      done: 0,
      needed: 9,
      next: { groupId: 'leaf', levelId: 'h20', tryNumber: 1, moment: '' },
    })
  })

  it('comes back to a try that was set aside', () => {
    const readings = [...entriesFrom({ leaf: { h20: [1, 2, 3], h40: [4] } })]
    const gone = entry({ status: 'set-aside', reason: 'x', supersedes: readings[1]!.id, tryNumber: 2 })
    expect(groupProgress(plan, 'leaf', 0, standingOf([...readings, gone]))).toMatchObject({
      done: 3,
      next: { levelId: 'h20', tryNumber: 2 },
    })
  })

  it('has nothing to do for other groups when the class tests together', () => {
    expect(wayOf(plan).slots({ ...plan, whoTests: 'whole-class' }, 'bell', 1)).toEqual([])
    expect(groupProgress({ ...plan, whoTests: 'whole-class' }, 'bell', 1, standingOf([]))).toEqual({
      done: 0,
      needed: 0,
      next: null,
    })
  })

  it('is done when every slot holds a reading', () => {
    expect(
      groupProgress(
        plan,
        'leaf',
        0,
        standingOf(entriesFrom({ leaf: { h20: [1, 2, 3], h40: [1, 2, 3], h60: [1, 2, 3] } })),
      ).next,
    ).toBeNull()
  })
})

describe('levelProgress', () => {
  const readings = entriesFrom({ leaf: { h20: [1, 2, 3], h40: [4] }, bell: { h40: [5] } })

  it('counts over all groups, level by level', () => {
    expect(Object.fromEntries(levelProgress(examplePlan(), ['leaf', 'bell'], standingOf(readings)))).toEqual({
      h20: { done: 3, needed: 6 },
      h40: { done: 2, needed: 6 },
      h60: { done: 0, needed: 6 },
    })
  })

  it('holds ten entries for each place of a large plan, and always two thousand', () => {
    const groups = (count: number) => Array.from({ length: count }, (_, index) => `g${index}`)
    expect(mostEntries(examplePlan(), groups(6))).toBe(2000)
    const [level] = examplePlan().levels
    const levels = Array.from({ length: 12 }, (_, index) => ({ ...level!, id: `l${index}` }))
    expect(mostEntries(examplePlan({ levels, tries: 10 }), groups(12))).toBe(10 * 12 * 10 * 12)
  })

  it('needs only what the groups really test', () => {
    const shared = levelProgress(
      examplePlan({ whoTests: 'shared-levels' }),
      ['leaf', 'bell'],
      standingOf(readings),
    )
    // Leaf tests 20 and 40 cm, Bell 40 and 60 cm.
    expect([...shared.values()].map((level) => level.needed)).toEqual([3, 6, 3])
    const together = levelProgress(
      examplePlan({ whoTests: 'whole-class' }),
      ['leaf', 'bell'],
      standingOf(readings),
    )
    expect([...together.values()].map((level) => level.needed)).toEqual([3, 3, 3])
  })
})
