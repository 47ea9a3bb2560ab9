import { describe, expect, it } from 'vitest'
import { instrumentCupboard, type CupboardInstrument } from '../../instrument'
import type { Plan } from '../../plan'
import { examplePlan, kindsPlan } from '../../testing/examplePlan'
import { checkFits, keepingTheAnswer, noWayToFit, waysToFit, type WayToFit } from '..'
import { boundBySteps } from './boundBySteps'

const context = { age: '7-9', groups: 6, lessonMinutes: 30, cupboard: instrumentCupboard } as const
const ids = (plan: Plan, changes: object = {}) =>
  waysToFit(plan, { ...context, ...changes }).map((one) => one.id)

/** A tape beside the stick with marks so far apart, and so quick. */
const withTape = (smallestMark: number): CupboardInstrument[] =>
  instrumentCupboard.map((one) =>
    one.id === 'tape' ? { ...one, smallestMark, secondsPerReading: 1, howMany: 6 } : one,
  )

describe('a way to fit leaves the test what it is', () => {
  it('by reading only with marks that tell the expected values apart', () => {
    const plan = examplePlan({ expected: { first: 10, last: 30, apart: 1 }, times: { setUp: 60 } })
    // 10, 20 and 30 cm: 10 between two of them.
    expect(ids(plan, { cupboard: withTape(5) })).toContain('instrument tape')
    expect(ids(plan, { cupboard: withTape(6) })).not.toContain('instrument tape')
    // Nobody has said what to expect, or no difference: marks as fine as now.
    for (const expected of [null, { first: 10, last: 10, apart: 1 }]) {
      expect(ids({ ...plan, expected }, { cupboard: withTape(1) })).toContain('instrument tape')
      expect(ids({ ...plan, expected }, { cupboard: withTape(2) })).not.toContain('instrument tape')
    }
  })

  it.each([
    ['Read all bottles at once.', ['shared-levels', 'stations']],
    ['All strips touch the water together.', ['shared-levels', 'stations']],
    ['Count your pulse for 15 seconds.', ['shared-levels', 'stations', 'whole-class']],
    ['Do it three times.', ['fewer-tries']],
  ])('by not going against its steps: %s', (step, left) => {
    const plan = examplePlan({ steps: ['Let go.'], times: { setUp: 90 } })
    const free = ids(plan)
    const bound = ids({ ...plan, steps: ['Let go.', step] })
    expect(free).toContain(left[0])
    expect(bound.filter((id) => left.some((one) => id.split(' and ').includes(one)))).toEqual([])
  })

  it('by keeping to the readings that its steps name', () => {
    expect(boundBySteps(examplePlan({ steps: ['Read it every five minutes.'] })).readings).toBe(true)
    expect(boundBySteps(examplePlan({ steps: ['Read it after five minutes.'] })).readings).toBe(false)
  })

  it('by leaving out what a rehearsal says would lose the answer', () => {
    const way = (id: string): WayToFit => ({ id, label: id, changes: {}, takes: 40, gains: 5, fits: true })
    const shows = new Map([
      ['costly', -0.2],
      ['spoilt', -0.34],
      ['free', 0.01],
    ])
    const all = ['costly', 'spoilt', 'free', 'unknown'].map(way)
    expect(keepingTheAnswer(all, shows).map(({ id, shows: of }) => [id, of])).toEqual([
      ['free', 0],
      ['unknown', null],
      ['costly', -2],
    ])
  })
})

describe('among the ways to fit are', () => {
  const label = (plan: Plan, id: string, changes: object = {}) =>
    waysToFit(plan, { ...context, ...changes }).find((one) => one.id === id)?.label

  it('a shorter talk, as long as fits and never under three minutes', () => {
    // 32 minutes with five of talk.
    expect(checkFits(examplePlan(), context).takes).toBe(32)
    expect(label(examplePlan(), 'talk')).toBe('Talk for 3 minutes instead of 5')
    expect(label(examplePlan(), 'talk', { lessonMinutes: 31 })).toBe('Talk for 4 minutes instead of 5')
    expect(label(examplePlan({ times: { talk: 3 } }), 'talk')).toBeUndefined()
  })

  it('one more adult, where tries wait for one', () => {
    const heating = examplePlan({
      keptSame: [],
      steps: ['Pour boiling water over it.'],
      times: { setUp: 25 },
    })
    expect(label(heating, 'helper')).toBe('One more adult to help')
    expect(label(examplePlan({ times: { setUp: 60 } }), 'helper')).toBeUndefined()
  })

  it('fewer rounds, but never one alone, and rounds on another day', () => {
    const rounds = kindsPlan(['round 1', 'round 2', 'round 3', 'round 4'], {
      ...{ recording: { kind: 'rounds' }, tries: 1, practiceTries: 0 },
    })
    // Four times 8 minutes of building and about a minute of trying; 23 minutes around them.
    const { takes } = checkFits(rounds, context)
    expect(takes).toBe(23 + Math.ceil((4 * (480 + 53)) / 60))
    expect(label(rounds, 'fewer-rounds', { lessonMinutes: 50 })).toBe('3 rounds instead of 4')
    expect(label(rounds, 'lessons', { lessonMinutes: 50 })).toBe('Make it two lessons')
    const two = checkFits({ ...rounds, times: { lessons: 2 } }, context)
    expect(two.parts.map((part) => new Set(part.groups[0]!.map((act) => act.levelId)).size)).toEqual([2, 2])
    const last = { ...rounds, levels: rounds.levels.slice(0, 2) }
    expect(label(last, 'fewer-rounds', { lessonMinutes: 20 })).toBeUndefined()
  })

  it('two together, where none is enough by itself', () => {
    const plan = examplePlan({ times: { setUp: 60 } })
    const short = { ...context, lessonMinutes: 26 }
    const found = waysToFit(plan, short)
    const pair = found.find((one) => one.id.includes(' and '))!
    expect(pair.fits).toBe(true)
    expect(checkFits({ ...plan, ...pair.changes }, short).takes).toBe(pair.takes)
    expect(found.filter((one) => !one.id.includes(' and ')).some((one) => one.fits)).toBe(false)
    expect(pair.label).toMatch(/^[A-Z0-9].*, and [a-z0-9]/)
  })
})

it('says where there is no way', () => {
  const plan = examplePlan()
  const hopeless = { ...context, lessonMinutes: 10 }
  const check = checkFits(plan, hopeless)
  expect(noWayToFit(check, null)).toBe('')
  expect(noWayToFit(check, waysToFit(plan, hopeless))).toMatch(/^None of these makes it fit/)
  expect(noWayToFit(check, [])).toMatch(/^We can’t make it shorter/)
  expect(noWayToFit(checkFits(plan, { ...context, lessonMinutes: 60 }), [])).toBe('')
})
