import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import type { KeptSame, Plan } from '../plan'
import { seededRandom } from '../random'
import { kindsPlan } from '../testing/examplePlan'
import { handTimingNote, neighbourGains, rankNeighbours, rehearse } from '.'
import { longerTimes } from './longerTimes'

const stopwatch = instrumentCupboard.find((one) => one.id === 'stopwatch')!
const time = { age: '7-9', groups: 6, lessonMinutes: 60, cupboard: instrumentCupboard } as const
const kept = (name: string, how: string): KeptSame => ({ id: 's', name, how, was: null })

/** A ball on three surfaces, timed. */
const timed = (first: number, last: number, same: KeptSame, changes: Partial<Plan> = {}) =>
  kindsPlan(['tile', 'wood', 'carpet'], {
    measured: { name: 'time', unit: 's', instrument: stopwatch },
    ...{ best: 'least', keptSame: [same], expected: { first, last, apart: 0.05 }, tries: 3 },
    ...changes,
  })
const labels = (plan: Plan) => longerTimes(plan, plan.expected!, instrumentCupboard).map((one) => one.label)

describe('a time that is lost in the hand', () => {
  it('is longer from twice as high, by the root of two as things fall', () => {
    const plan = timed(0.5, 0.6, kept('drop height', '100 cm by the stick'))
    const [higher, ...others] = longerTimes(plan, plan.expected!, instrumentCupboard)
    expect(others).toEqual([])
    expect(higher).toMatchObject({
      label: '200 cm instead of 100 cm for drop height',
      changes: { keptSame: [{ how: '200 cm by the stick' }] },
      expected: { first: 0.5 * Math.SQRT2, last: 0.6 * Math.SQRT2, apart: 0.05 * Math.SQRT2 },
    })
  })

  it('is twice as long on a course twice as long, or a distance in its place', () => {
    const plan = timed(1, 1.25, kept('course', '1 m along the tape'))
    const [further, instead] = longerTimes(plan, plan.expected!, instrumentCupboard)
    expect(further).toMatchObject({
      label: '200 cm instead of 1 m for course',
      expected: { first: 2, last: 2.5 },
    })
    // While the quickest goes its 100 cm in a second, the slowest gets 100 / 1.25 = 80 cm far.
    expect(instead).toMatchObject({
      label: 'How far it gets in 1 s, in place of how long it takes',
      changes: { best: 'most', measured: { unit: 'cm' }, keptSame: [{ name: 'time' }] },
      expected: { first: 100, last: 80 },
    })
    expect(instead!.expected.apart).toBeCloseTo((0.05 / 1.125) * 90, 9)
  })

  it('is left alone where it is long, counted, or nothing says how far it goes', () => {
    expect(labels(timed(5, 6, kept('course', '1 m')))).toEqual([])
    expect(labels(timed(1, 1.25, kept('course', 'the same floor')))).toEqual([])
    expect(labels(timed(1, 1.25, kept('ball', '30 g')))).toEqual([])
    expect(labels(timed(1, 1.25, kept('course', '1 m'), { recording: { kind: 'race' } }))).toEqual([])
  })

  it('is said, with what could be done', () => {
    expect(handTimingNote(timed(0.5, 0.6, kept('drop height', '100 cm')))).toBe(
      'A hand on a stopwatch is off by about 0.2 s, a good part of 0.5 s. You could make it go further, measure how far it gets, or let two go side by side and see which is first.',
    )
    expect(handTimingNote(timed(5, 6, kept('drop height', '100 cm')))).toBe('')
  })

  it('is offered with what a rehearsal says: further shows more than a try more', () => {
    const plan = timed(1, 1.25, kept('course', '1 m along the tape'))
    const rehearsal = rehearse(plan, plan.expected!, 6, 400, seededRandom(3))
    const ranked = rankNeighbours(
      neighbourGains(plan, plan.expected!, time, rehearsal, 300, () => seededRandom(3)),
    )
    const gainOf = (label: string) => ranked.find((one) => one.label.startsWith(label))?.gain ?? 0
    expect(gainOf('200 cm')).toBeGreaterThan(gainOf('4 tries'))
    expect(gainOf('How far')).toBeGreaterThan(gainOf('4 tries'))
  })
})
