import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { hazardIds } from '../catalogue'
import type { ageBands } from '../class'
import { instrumentCupboard } from '../instrument'
import { kitAmounts, type Supply } from '../kit'
import type { Plan } from '../plan'
import { examplePlan, kindsPlan, material, numberLevel } from '../testing/examplePlan'
import { cautionsFor, checkSafe, matchPlan, safetyComesFirst, stillConfirmed } from '.'
import { hazardsOfAmounts } from './amounts'

const linesOf = (plan: Plan) => kitAmounts(plan, { groups: 6, children: 24, cupboard: instrumentCupboard })
const check = (plan: Plan, changes: Partial<Parameters<typeof checkSafe>[1]> = {}) =>
  checkSafe(plan, { age: '7-9', lines: linesOf(plan), allergies: [], supplies: [], ...changes })
const shown = (plan: Plan, age: (typeof ageBands)[number] = '7-9') =>
  check(plan, { age }).cautions.map((one) => one.hazard)
const stepping = (...steps: string[]) => examplePlan({ steps, keptSame: [] })
const supply = (changes: Partial<Supply>): Supply => ({
  id: 's',
  name: 'cup',
  unit: '',
  amount: 10,
  shelf: '',
  packSize: null,
  price: null,
  instead: [],
  care: '',
  ...changes,
})

describe('cautionsFor', () => {
  const one = (hazard: (typeof hazardIds)[number], words = 'x') => ({ hazard, words })

  it('keeps hot water from the youngest and in adult hands for the others', () => {
    expect(cautionsFor([one('hot-water')], '5-7')[0]).toMatchObject({ heading: 'hot water, not at this age' })
    expect(cautionsFor([one('hot-water')], '9-11')[0]!.handling).toBe('adult only')
  })

  it('names each hazard once with all that brings it, the strictest first', () => {
    const cautions = cautionsFor(
      [one('small-parts', 'clips'), one('flames', 'candle'), one('small-parts', 'beads')],
      '7-9',
    )
    expect(cautions.map((caution) => caution.hazard)).toEqual(['flames', 'small-parts'])
    expect(cautions[1]!.because).toBe('clips and beads')
  })

  it('reminds and does not clear', () => {
    expect(safetyComesFirst).toMatch(/risk assessment.*come first/)
    expect(check(examplePlan({ keptSame: [] })).state).toBe('think')
  })
})

describe('matchPlan', () => {
  it('warns of what the words say, and not of what they deny', () => {
    expect(shown(stepping('Light the candle.'))).toEqual(['flames'])
    expect(shown(stepping('Do not run. No candles, never taste it.'))).toEqual([])
    expect(shown(stepping('Don’t forget to boil the water.'))).toContain('hot-water')
    expect(shown(stepping('Switch on the lamp, away from the window.'))).not.toContain('climbing')
    expect(shown(stepping('Start when the straw leaves, stop when the bubble bursts.'))).not.toContain(
      'loud-sounds',
    )
  })

  it('takes “the lamp” of a step for the battery lamp on the list', () => {
    const plan = examplePlan({
      keptSame: [],
      materials: [material({ name: 'battery lamp' })],
      steps: ['Put the lamp at its distance.'],
    })
    expect(shown(plan)).not.toContain('mains')
    expect(shown({ ...plan, steps: ['Plug in the desk lamp.'] })).toContain('hot-lamp')
  })

  it('lists what it does not know, never as safe', () => {
    const plan = examplePlan({
      keptSame: [],
      materials: [material({ name: 'glorbium' }), material({ id: 'n', name: 'cup' })],
    })
    expect(check(plan).unknown).toEqual(['glorbium'])
    expect(check(plan).basis).toContain('unknown: glorbium')
  })

  it('says each hazard of a text once, and what one caution says already not twice', () => {
    const { sources } = matchPlan(stepping('Pour boiling water and warm water.'), [], '7-9')
    expect(sources.map((one) => one.hazard)).toEqual(['hot-water', 'spills'])
  })

  it('keeps what the teacher adds', () => {
    expect(shown(examplePlan({ keptSame: [], hazards: ['outdoors'] }))).toEqual(['outdoors'])
  })
})

describe('amounts', () => {
  const of = (text: string, about = '', age: (typeof ageBands)[number] = '7-9') =>
    hazardsOfAmounts(text, about, age).map((one) => one.hazard)

  it.each([
    ['water at 60 °C', '', ['hot-water']],
    ['water at 140 °F', '', ['hot-water']],
    ['starting temperature 40 degrees', 'water', ['warm-water']],
    ['room temperature, 20 °C', 'water', []],
    ['250 cm', 'drop height', ['climbing']],
    ['100 cm', 'drop height', []],
    ['2.5 m', 'height', ['climbing']],
    ['a string of 3 m', 'length', []],
    ['2 kg bag of sand', '', ['falling-loads']],
    ['500 g', 'load', []],
    ['10 kg', 'load', ['lifting', 'falling-loads']],
  ])('%s (%s)', (text, about, hazards) => {
    expect(of(text, about)).toEqual(hazards)
  })

  it('measures a height by the children’s own', () => {
    expect(of('120 cm', 'drop height', '5-7')).toEqual(['climbing'])
    expect(of('120 cm', 'drop height', '9-11')).toEqual([])
  })

  it('reads the levels of a plan', () => {
    const high = examplePlan({ keptSame: [], levels: [numberLevel(50), numberLevel(300)] })
    expect(shown(high)).toContain('climbing')
  })
})

describe('checkSafe', () => {
  it('asks for mending where something is not for this age at all', () => {
    expect(check(stepping('Clean it with bleach.')).state).toBe('mend')
    expect(check(stepping('Pour hot water.'), { age: '5-7' }).state).toBe('mend')
  })

  it('counts allergies against what the plan brings, and names what is free of it', () => {
    const plan = examplePlan({
      keptSame: [],
      materials: [material({ name: 'flour', unit: 'g', amount: 100 })],
    })
    const flags = check(plan, {
      allergies: [
        { allergen: 'gluten', children: 2 },
        { allergen: 'egg', children: 1 },
      ],
    }).allergies
    expect(flags).toEqual([{ name: 'wheat and gluten', children: 2, words: 'flour', instead: ['cornflour'] }])
    expect(check(plan, { allergies: [{ allergen: 'gluten', children: 0 }] }).allergies).toEqual([])
  })

  it('has the no-tasting rule wherever food is used', () => {
    for (const name of ['sugar', 'rice', 'dried peas', 'dough', 'milk', 'apple'])
      expect(
        check(examplePlan({ keptSame: [], materials: [material({ name })] })).cautions.find(
          (one) => one.hazard === 'allergens',
        )?.caution,
        name,
      ).toMatch(/Nothing is eaten or tasted/)
  })

  it('says what the school itself says, and knows a thing that the school knows', () => {
    const plan = examplePlan({ keptSame: [], materials: [material({ name: 'Glorbium' })] })
    const safe = check(plan, { supplies: [supply({ name: 'glorbium', care: 'Wear gloves.' })] })
    expect(safe.own).toEqual([{ name: 'glorbium', care: 'Wear gloves.' }])
    expect(safe.unknown).toEqual([])
  })

  it('asks again when a part that bears a hazard joins or changes, and not for others', () => {
    const before = examplePlan({
      keptSame: [],
      materials: [material({ name: 'glass jar' })],
      steps: ['Look closely.'],
    })
    const confirmed = check(before).basis
    const stands = (plan: Plan) => stillConfirmed(confirmed, check(plan).basis)
    expect(stands(before)).toBe(true)
    expect(stands({ ...before, steps: ['Look very closely.'], tries: 5 })).toBe(true)
    expect(stands({ ...before, materials: [] })).toBe(true)
    expect(stands({ ...before, steps: ['Pour hot water.'] })).toBe(false)
    expect(stands({ ...before, materials: [material({ name: 'glass bottle' })] })).toBe(false)
    expect(
      stands({ ...before, materials: [...before.materials, material({ id: 'x', name: 'glorbium' })] }),
    ).toBe(false)
    expect(stands({ ...before, levels: [numberLevel(300)] })).toBe(false)
  })

  it('works for plans of kinds and of nothing at all', () => {
    expect(shown(kindsPlan(['glass', 'wool'], { keptSame: [] }))).toEqual(['glass'])
    expect(check(examplePlan({ levels: [], keptSame: [], steps: ['', ' '] })).cautions).toEqual([])
  })
})

describe('whatever is typed', () => {
  it('throws nothing and says something', () => {
    const text = fc.oneof(
      fc.string({ maxLength: 60 }),
      fc.constantFrom('', '((', '[a-z', '…', '🧪 °C', '1e9 kg', '\\', 'x'.repeat(240)),
    )
    fc.assert(
      fc.property(text, text, text, text, fc.boolean(), (name, level, step, how, kinds) => {
        const plan = examplePlan({
          changed: { name, kind: kinds ? 'kinds' : 'number', unit: kinds ? null : 'count', range: null },
          levels: [{ id: 'l', name: level, value: kinds ? null : 3, baseline: false, picture: null }],
          keptSame: [{ id: 'k', name: how, how: step, was: null }],
          materials: [material({ name })],
          steps: [step],
        })
        const safe = check(plan)
        expect(['think', 'mend']).toContain(safe.state)
        expect(stillConfirmed(safe.basis, safe.basis)).toBe(true)
      }),
    )
  })
})
