import { describe, expect, it } from 'vitest'
import { kitMaterials } from '../../kit'
import type { Instrument } from '../../instrument'
import { instrumentsRead, type Plan } from '../../plan'
import { standingOf, type Entry } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { containerMoment } from '../change/containers'
import { scoresOf, weighLesson } from '../../comparison'
import { contextOf, groupProgress, readWithOf, wayOf } from '..'

const cylinder: Instrument = {
  name: 'measuring cylinder',
  unit: 'mL',
  smallestMark: 2,
  numberedEvery: 20,
  least: 0,
  greatest: 500,
  secondsPerReading: 15,
}
const balance: Instrument = { ...cylinder, name: 'balance', unit: 'g', smallestMark: 1, greatest: 2000 }

/** Rice and peas poured together: their volume is compared, their mass is read besides. */
const poured = (changes: object = {}): Plan =>
  kindsPlan(['rice and peas'], {
    tries: 1,
    comparison: 'levels',
    measured: { name: 'volume', unit: 'mL', instrument: cylinder },
    recording: {
      kind: 'parts-whole',
      parts: ['rice', 'peas'],
      second: { name: 'mass', unit: 'g', instrument: balance },
      container: 'none',
      change: 'lost',
      compare: 'amount',
      ...changes,
    },
  })
const read = (plan: Plan, table: Record<string, number>): Entry[] =>
  Object.entries(table).map(([moment, value]) =>
    entry({
      groupId: 'leaf',
      levelId: 'rice and peas',
      moment,
      value,
      readWith: readWithOf(plan, moment),
    }),
  )
const volumes = { rice: 100, peas: 80, 'all together': 152 }
const masses = { 'rice, mass': 85, 'peas, mass': 60, 'all together, mass': 145 }
const slot = (moment: string) => ({ groupId: 'leaf', levelId: 'rice and peas', tryNumber: 1, moment })

describe('parts and whole in volume and in mass', () => {
  const plan = poured()
  const way = wayOf(plan)
  const entries = read(plan, { ...volumes, ...masses })

  it('asks of each part all that is read of it, each with its own instrument', () => {
    expect(way.slots(plan, 'leaf', 0).map((one) => one.moment)).toEqual([
      ...['rice', 'rice, mass', 'peas', 'peas, mass', 'all together', 'all together, mass'],
    ])
    expect(way.columns(plan).map((one) => one.head)).toEqual([
      ...['rice (mL)', 'rice (g)', 'peas (mL)', 'peas (g)', 'all together (mL)', 'all together (g)'],
    ])
    expect(readWithOf(plan, 'rice')).toMatchObject({ instrument: 'measuring cylinder', unit: 'mL' })
    expect(readWithOf(plan, 'rice, mass')).toMatchObject({ instrument: 'balance', unit: 'g' })
    expect(groupProgress(plan, 'leaf', 0, standingOf(entries))).toMatchObject({ done: 6, needed: 6 })
  })

  it('compares the volume, 28 mL less, and tells of the mass that it stayed', () => {
    expect(scoresOf(plan, entries)).toMatchObject([{ value: 28 }])
    const { results } = weighLesson(plan, entries, ['leaf'])
    expect(way.detail(plan, entries, results)).toBe(
      'volume: rice and peas came to 28 mL less together. ' +
        'Mass, rice and peas: no change we could measure; the readings of one try could show more than 1.5 g.',
    )
  })

  it('works both out, one after the other', () => {
    const steps = way.arithmetic!.steps(plan, entries, slot(''))
    expect(steps.map((one) => one.said)).toEqual([
      '100 mL + 80 mL = 180 mL',
      '180 mL − 152 mL = 28 mL',
      '152 mL together, 180 mL apart: 15.6% less',
      '85 g + 60 g = 145 g',
      '145 g − 145 g = 0 g',
      '145 g together, 145 g apart: the same',
    ])
    expect(way.arithmetic!.steps(plan, entries.slice(0, 5), slot(''))).toEqual([])
  })

  it('draws each by itself', () => {
    const pictures = way.quantities(plan).map((own) => way.picture!(own, entries))
    expect(pictures.map((one) => one.kind === 'stacked' && [one.parts, one.rows[0]!.values])).toEqual([
      [
        ['rice', 'peas'],
        [100, 80, 152],
      ],
      [
        ['rice', 'peas'],
        [85, 60, 145],
      ],
    ])
  })

  it('reads, prints and checks each by its own unit and scale', () => {
    const check = (moment: string, text: string) =>
      way.check(plan, text, contextOf(plan, entries, slot(moment)))
    expect(check('rice, mass', '0.085 kg')).toMatchObject({ state: 'value', value: 85 })
    expect(check('rice, mass', '85 ml')).toMatchObject({ state: 'unreadable' })
    expect(check('rice, mass', '2500')).toMatchObject({
      hints: expect.arrayContaining([expect.objectContaining({ message: 'The balance ends at 2000 g.' })]),
    })
    expect(check('rice', '600')).toMatchObject({
      hints: expect.arrayContaining([
        expect.objectContaining({ message: 'The measuring cylinder ends at 500 mL.' }),
      ]),
    })
    // 145 g is less than nothing of the volume: only masses are looked at beside it.
    expect(check('all together, mass', '145')).toMatchObject({ state: 'value', hints: [] })
    expect(check('all together, mass', '80')).toMatchObject({
      hints: [{ message: 'rice, mass alone read 85 g. Can all together be less? Look again.' }],
    })
    expect(entries.map((one) => way.print(plan, one))).toEqual([
      ...['100 mL', '80 mL', '152 mL', '85 g', '60 g', '145 g'],
    ])
    const sent = { fields: { value: { typed: '90', given: 'typed' as const, value: 1 } } }
    expect(
      way.understand(plan, { ...sent, moment: 'peas, mass', readWith: readWithOf(plan, 'peas, mass') }),
    ).toMatchObject({ ok: true, fields: { value: { value: 90 } } })
  })

  it('weighs the empty container for the mass alone, whichever of the two is compared', () => {
    const weighed = poured({ container: 'weighed' })
    expect(
      way
        .slots(weighed, 'leaf', 0)
        .slice(0, 3)
        .map((one) => one.moment),
    ).toEqual([containerMoment, 'rice', 'rice, mass'])
    const more = read(weighed, { ...volumes, ...masses, [containerMoment]: 20 })
    expect(readWithOf(weighed, containerMoment)).toMatchObject({ unit: 'g' })
    expect(scoresOf(weighed, more)).toMatchObject([{ value: 28 }])
    // 65 g and 40 g apart, 125 g together.
    expect(way.detail(weighed, more, weighLesson(weighed, more).results)).toContain(
      'Mass: rice and peas came to 20 g more together.',
    )
  })

  it('is one quantity again once both would be of one kind', () => {
    const grams: Plan = { ...plan, measured: { name: 'mass', unit: 'g', instrument: balance } }
    expect(way.quantities(grams)).toEqual([grams])
    expect(way.slots(grams, 'leaf', 0).map((one) => one.moment)).toEqual(['rice', 'peas', 'all together'])
  })

  it('has nothing to compare while the volume lacks a part, whatever was weighed', () => {
    const some = read(plan, { rice: 100, ...masses })
    expect(scoresOf(plan, some)).toEqual([])
    expect(way.soFar(plan, some)?.sentence).toContain('Nothing can be compared')
  })

  it('is packed and said with both instruments', () => {
    expect(instrumentsRead(plan).map((one) => one.name)).toEqual(['measuring cylinder', 'balance'])
    expect(kitMaterials(plan).map((one) => one.material.name)).toEqual(
      expect.arrayContaining(['measuring cylinder', 'balance']),
    )
  })
})
