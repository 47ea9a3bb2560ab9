import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { examplePlan, material } from '../testing/examplePlan'
import {
  availability,
  checkKitted,
  countBack,
  groupJobs,
  kitAmounts,
  needsOf,
  usedBefore,
  withInstruments,
  type KitState,
} from '.'

const own = { groups: 6, children: 24, cupboard: instrumentCupboard }
const plan = examplePlan({
  keptSame: [],
  materials: [material({ id: 'ball', name: 'ball', spare: { kind: 'number', value: 2 } })],
})
const lines = kitAmounts(plan, own)

function state(changes: Partial<KitState> = {}, balls = 8): KitState {
  const needs = needsOf(lines, plan, own)
  const reservation = {
    lessonId: 'a',
    title: 'a',
    from: '2026-03-09',
    to: '2026-03-09',
    madeAt: '2026-01-01',
    needs,
  }
  const supplies = [
    {
      id: 'b',
      name: 'ball',
      unit: '',
      amount: balls,
      shelf: '',
      packSize: null,
      price: null,
      instead: [],
      care: '',
    },
  ]
  return {
    lines,
    made: [],
    availability: availability(reservation, [], withInstruments(supplies, instrumentCupboard)),
    tasks: [],
    done: new Set(),
    children: 24,
    today: '2026-03-01',
    lessonDay: '2026-03-09',
    closed: null,
    ...changes,
  }
}

describe('checkKitted', () => {
  it('is content when everything is there', () => {
    expect(checkKitted(state())).toEqual({ state: 'good', findings: [] })
  })

  it('says what is short, and that trays would be incomplete', () => {
    const { state: found, findings } = checkKitted(state({}, 5))
    expect(found).toBe('mend')
    expect(findings[0]).toMatchObject({ code: 'short', reason: 'You need 8 balls and have only 5.' })
  })

  it('tells what no list knows from what is short, and asks to look for it', () => {
    const unlisted = {
      ...state(),
      availability: state().availability.map((one) => ({ ...one, supply: null, short: one.need.amount })),
    }
    expect(checkKitted(unlisted)).toMatchObject({
      state: 'think',
      findings: [{ code: 'unlisted', reason: expect.stringContaining('ball and metre stick') }],
    })
  })

  it('does not miss water or recording sheets', () => {
    const reasons = checkKitted({
      ...state(),
      availability: state().availability.map((one) => ({ ...one, supply: null, short: 1 })),
    }).findings
    expect(reasons.some((one) => one.reason.includes('recording sheet'))).toBe(false)
  })

  it('minds an empty list, children that nobody counted, and lines that come to nothing', () => {
    expect(checkKitted(state({ lines: [], availability: [] })).findings[0]!.code).toBe('nothing')
    const perChild = kitAmounts(
      examplePlan({ keptSame: [], materials: [material({ name: 'straw', per: 'child' })] }),
      { ...own, children: 0 },
    )
    expect(checkKitted(state({ lines: perChild, children: 0 })).findings[0]).toMatchObject({
      code: 'children',
      severity: 'mend',
    })
    const none = kitAmounts(
      examplePlan({ keptSame: [], materials: [material({ name: 'cup', amount: 0 })] }),
      own,
    )
    expect(checkKitted(state({ lines: none })).findings.map((one) => one.code)).toContain('no-amount')
  })

  it('minds what has no day and what is late', () => {
    const task = { id: 't', what: 'soak beans', nights: 1, keeps: 0, note: 'closed.', instead: null }
    const codes = (day: string | null, lessonDay = '2026-03-09') =>
      checkKitted(state({ tasks: [{ ...task, day }], lessonDay })).findings.map((one) => one.code)
    expect(codes(null)).toEqual(['no-day'])
    expect(codes('2026-02-27')).toEqual(['late'])
    expect(codes('2026-03-08')).toEqual([])
    expect(checkKitted(state({ tasks: [{ ...task, day: '2026-02-27' }], done: new Set(['t']) })).state).toBe(
      'good',
    )
    expect(codes('2026-02-01', '2026-02-02')).toEqual([])
    expect(checkKitted(state({ closed: 'weekend' })).findings[0]).toMatchObject({
      code: 'closed-day',
      severity: 'think',
    })
  })
})

describe('countBack', () => {
  it('tells used, broken and missing apart', () => {
    const strips = kitAmounts(
      examplePlan({
        keptSame: [],
        materials: [material({ id: 's', name: 'strip', use: 'used-up', amount: 10 })],
      }),
      own,
    )
    expect(countBack(strips, [{ materialId: 's', back: 4, broken: 6 }])[0]).toMatchObject({
      taken: 60,
      gone: 56,
      missing: 0,
    })
    expect(countBack(lines, [{ materialId: 'ball', back: 6, broken: 1 }])[0]).toMatchObject({
      taken: 8,
      missing: 1,
      gone: 2,
    })
  })

  it('refuses what cannot be', () => {
    expect(() => countBack(lines, [{ materialId: 'ball', back: 9, broken: 0 }])).toThrow('8 went out')
    expect(() => countBack(lines, [{ materialId: 'ball', back: -1, broken: 0 }])).toThrow(RangeError)
    expect(countBack(lines, [{ materialId: 'other', back: 1, broken: 0 }])).toEqual([])
  })

  it('makes what was used before fit the groups of now', () => {
    const used = [
      { name: 'strip', use: 'used-up' as const, gone: 60 },
      { name: 'ball', use: 'reused' as const, gone: 1 },
    ]
    expect(usedBefore(used, 6, 8)).toEqual({ strip: 80 })
    expect(usedBefore(used, 0, 8)).toEqual({})
  })
})

describe('groupJobs', () => {
  it('turns by a seat from lesson to lesson; small groups have two jobs a child', () => {
    expect(groupJobs(4).map((job) => job.seat)).toEqual([1, 2, 3, 4])
    expect(groupJobs(4, 1).map((job) => job.seat)).toEqual([2, 3, 4, 1])
    expect(groupJobs(3).map((job) => job.seat)).toEqual([1, 2, 3, 1])
    expect(groupJobs(0).every((job) => job.seat === 1)).toBe(true)
  })
})
