import { describe, expect, it } from 'vitest'
import { checkFair } from '../fair'
import { instrumentCupboard } from '../instrument'
import { checkKitted, kitAmounts, substitutesFor, type Availability, type Supply } from '../kit'
import type { Plan } from '../plan'
import { noRehearsal } from '../rehearsal'
import { checkSafe } from '../safety'
import { examplePlan, material } from '../testing/examplePlan'
import { checkFits, type WeighedWay } from '../timetable'
import { variableWords } from '../class'
import { checks, type CheckId, type KnownForChecks } from '.'

const time = { age: '7-9', groups: 6, lessonMinutes: 45, cupboard: instrumentCupboard } as const
const people = { groups: 6, children: 24, cupboard: instrumentCupboard }

/** What is known of a lesson in which nothing stands in the way. */
function known(changes: Partial<KnownForChecks> = {}, plan: Plan = examplePlan()): KnownForChecks {
  const lines = kitAmounts(plan, people)
  return {
    plan,
    fair: checkFair(plan, { age: '7-9', words: variableWords('plain') }),
    rehearsal: { ...noRehearsal, classes: 100, right: 96, wrong: 1, open: 3 },
    neighbours: [],
    fits: checkFits(plan, time),
    waysToFit: [],
    kit: {
      check: { state: 'good', findings: [] },
      looked: true,
      lines,
      availability: [],
      substitutes: () => [],
      cupboard: instrumentCupboard,
    },
    safe: checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] }),
    confirmed: false,
    ...changes,
  }
}
const look = (id: CheckId, lesson: KnownForChecks) => checks.find((one) => one.id === id)!.look(lesson)

describe.each(checks)('the check $name', (check) => {
  it('has an id of its own, a stage at which it is worked on, and a word for how it stands', () => {
    expect(checks.filter((one) => one.id === check.id)).toEqual([check])
    expect(check.stages).not.toEqual([])
    expect(check.look(known()).word).not.toBe('')
  })

  it('says that it has not looked, or looks, while nothing is worked out in the background', () => {
    const early = known({ rehearsal: null, fits: null, kit: { ...known().kit, looked: false } })
    const { word, state, remedies } = check.look(early)
    expect(word).not.toBe('')
    if (['shows', 'fits', 'kitted'].includes(check.id)) expect(state).toBe('none')
    expect(remedies).toEqual([])
  })

  it('keeps a stage waiting only where it is its gate, and never without saying for what', () => {
    const bad = known(
      { kit: { ...known().kit, check: { state: 'mend', findings: [] } } },
      examplePlan({ levels: [] }),
    )
    expect(check.look(bad).waits !== '').toBe(check.gate !== null)
  })
})

describe('Fair', () => {
  it('counts what is to be fixed, and passes each remedy on', () => {
    const once = known({}, examplePlan({ tries: 1 }))
    const { findings, state, waits } = look('fair', once)
    expect(state).toBe(once.fair.state)
    expect(waits).toBe('')
    const few = findings.find((one) => one.code === 'too-few-tries')!
    expect(few.remedies[0]!.apply(once.plan).tries).toBeGreaterThan(1)
    expect(look('fair', known({}, examplePlan({ levels: [] }))).waits).toMatch(/^\d to fix$/)
  })
})

describe('Shows', () => {
  const half = { ...noRehearsal, classes: 100, right: 60, wrong: 10, open: 30 }

  it('says the chances beneath the sentence, and is brief only where something stays hidden', () => {
    const { word, notes, brief } = look('shows', known({ rehearsal: half }))
    expect(word).toBe('may stay hidden')
    expect(notes).toEqual(['right 60\u202f%, wrong 10\u202f%, open 30\u202f%'])
    expect(brief).toMatch(/stay hidden/)
    expect(look('shows', known()).brief).toBe('')
  })

  it('offers a better plan with what it gains and costs', () => {
    const neighbour = {
      label: '6 tries',
      gain: 0.17,
      extraMinutes: 4.4,
      expected: { first: 1, last: 2, apart: 1 },
      changes: { tries: 6 },
      plan: { ...examplePlan(), tries: 6 },
    }
    const [remedy] = look('shows', known({ rehearsal: half, neighbours: [neighbour] })).remedies
    expect(remedy).toMatchObject({ label: '6 tries', note: '2 more of 12 see it, 4 min more' })
    expect(remedy!.apply({ ...examplePlan(), title: 'Kept' })).toMatchObject({
      tries: 6,
      title: 'Kept',
      expected: neighbour.expected,
    })
  })

  it('says what to do where a way of recording cannot be rehearsed', () => {
    const sorted = known({}, examplePlan({ recording: { kind: 'pairs' } as Plan['recording'] }))
    expect(look('shows', sorted)).toMatchObject({ word: 'check it yourself', state: 'none' })
    expect(look('shows', sorted).sentence).not.toBe('')
  })
})

describe('Fits', () => {
  const way: Omit<WeighedWay, 'fits' | 'shows'> = {
    id: 'share',
    label: 'Share the levels out',
    changes: { whoTests: 'shared-levels' },
    takes: 30,
    gains: 12,
  }

  it('offers ways to fit only where there is trouble, with what they cost the answer', () => {
    const long = known({
      fits: { ...known().fits!, state: 'mend', sentence: 'About 60 minutes: 15 more than the lesson has.' },
      waysToFit: [{ ...way, fits: true, shows: -2 }],
    })
    expect(look('fits', long).remedies.map((one) => one.note)).toEqual([
      '12 min shorter, then it fits; 2 fewer of 12 classes see the answer',
    ])
    expect(look('fits', long).brief).toBe(look('fits', long).sentence)
    const short = { ...long, fits: { ...long.fits!, state: 'good' as const } }
    expect(look('fits', short)).toMatchObject({ remedies: [], brief: '' })
  })
})

describe('Kitted', () => {
  const plan = examplePlan({
    materials: [material({ id: 'lamp', name: 'desk lamp', amount: 1, per: 'group' })],
  })
  const stock: Supply[] = [
    {
      id: 't',
      name: 'torch',
      unit: '',
      amount: 8,
      shelf: '',
      packSize: null,
      price: null,
      instead: [],
      care: '',
    },
    {
      id: 'l',
      name: 'lantern',
      unit: '',
      amount: 2,
      shelf: '',
      packSize: null,
      price: null,
      instead: [],
      care: '',
    },
  ]
  const lines = kitAmounts(plan, people)
  const short: Availability = {
    need: { key: 'desk lamp', name: 'desk lamp', unit: '', amount: 6, use: 'reused', materialIds: ['lamp'] },
    supply: { ...stock[0]!, name: 'desk lamp', amount: 2, instead: ['torch', 'lantern'] },
    inStock: 2,
    available: 2,
    short: 4,
    held: [],
  }
  const lesson = known(
    {
      kit: {
        check: checkKitted({
          lines,
          made: [],
          availability: [short],
          tasks: [],
          done: new Set(),
          children: 24,
          today: '2026-03-01',
          lessonDay: '2026-03-09',
          closed: null,
        }),
        looked: true,
        lines,
        availability: [short],
        substitutes: (one) =>
          substitutesFor(one, plan, [short.supply!, ...stock], instrumentCupboard, new Map()),
        cupboard: instrumentCupboard,
      },
    },
    plan,
  )
  const [finding] = look('kitted', lesson).findings

  it('offers what the cupboard has enough of, says why not of the rest, and lets what there is go round', () => {
    expect(finding!.remedies.map((one) => one.label)).toEqual(['Take torch instead', 'Share 2, in turns'])
    expect(finding!.refused).toEqual([
      'Not lantern: There is not enough of it for everyone, and two kinds side by side would be a second change.',
    ])
    expect(look('kitted', lesson)).toMatchObject({
      state: 'mend',
      waits: 'kit to fix',
      brief: finding!.reason,
    })
  })

  it('changes the line and nothing else', () => {
    const [torch, turns] = finding!.remedies
    expect(torch!.apply(plan)).toEqual({ ...plan, materials: [{ ...plan.materials[0], name: 'torch' }] })
    expect(turns!.apply(plan).materials).toEqual([
      { ...plan.materials[0], amount: 2, per: 'turns', place: 'front', spare: { kind: 'number', value: 0 } },
    ])
  })

  it('takes another instrument for everybody', () => {
    const stick = {
      ...short,
      need: {
        ...short.need,
        key: 'metre stick',
        name: 'metre stick',
        materialIds: ['kit-instrument-metre-stick'],
      },
    }
    const tape = instrumentCupboard.find((one) => one.dimension === 'length' && one.name !== 'metre stick')!
    const without = {
      ...lesson,
      kit: {
        ...lesson.kit,
        check: {
          state: 'mend' as const,
          findings: [{ code: 'short' as const, severity: 'mend' as const, reason: '', need: 'metre stick' }],
        },
        availability: [stick],
        substitutes: () => [{ name: tape.name, available: 9, refused: null, mind: '' }],
      },
    }
    const [remedy] = look('kitted', without).findings[0]!.remedies
    expect(remedy!.apply(plan).measured.instrument).toMatchObject({ name: tape.name })
  })
})

describe('Safe', () => {
  it('asks until a teacher has confirmed, and then does not call itself good', () => {
    expect(look('safe', known())).toMatchObject({ state: 'asked', waits: 'cautions to check' })
    expect(look('safe', known()).brief).toMatch(
      /^\d+ usual cautions?, to be checked before the first reading\.$/,
    )
    expect(look('safe', known({ confirmed: true }))).toMatchObject({
      state: 'confirmed',
      waits: '',
      brief: '',
    })
  })
})

describe('Kitted, before anything was typed', () => {
  const bare = examplePlan({ materials: [], keptSame: [] })
  const looked = (plan: Plan) => look('kitted', known({}, plan))

  it('says what the list holds, which is no fault', () => {
    expect(looked(bare)).toMatchObject({
      state: 'good',
      brief: 'On the list so far: metre stick and recording sheet, nothing else.',
    })
  })

  it('says nothing more once something is there', () => {
    expect(looked({ ...bare, materials: [material()] }).brief).toBe('')
  })
})
