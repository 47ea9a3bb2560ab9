import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { withVariation } from '../plan'
import { weighLesson } from '../comparison'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { resultSentence } from './resultSentence'
import { mostlyWithin, variationSentence } from './variationSentence'

const magnet = withVariation({
  ...examplePlan(),
  changed: { name: '', kind: 'kinds', unit: null, range: null },
  levels: [],
  tries: 10,
  measured: {
    name: 'number of clips held',
    unit: 'count',
    instrument: { ...examplePlan().measured.instrument, name: 'tally', unit: 'count', smallestMark: 1 },
  },
})
const held = (...groups: number[][]) => {
  const table = Object.fromEntries(
    groups.map((values, index) => [`g${index}`, { [magnet.levels[0]!.id]: values }]),
  )
  return resultSentence(magnet, weighLesson(magnet, entriesFrom(table), Object.keys(table), true))
}

describe('where most values lie', () => {
  it('leaves out a fifth at most, and those that lie furthest out', () => {
    expect(mostlyWithin([20, 22, 23, 23, 24, 25, 26, 40])).toEqual({ least: 20, greatest: 26, inside: 7 })
    expect(mostlyWithin([1, 20, 21, 21, 22])).toEqual({ least: 20, greatest: 22, inside: 4 })
    expect(mostlyWithin([5])).toEqual({ least: 5, greatest: 5, inside: 1 })
  })

  it('is the narrowest stretch with four fifths of any values', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 1, maxLength: 12 }), (values) => {
        const { least, greatest, inside } = mostlyWithin(values)
        expect(inside).toBeGreaterThanOrEqual(0.8 * values.length - 1e-9)
        expect(inside).toBe(values.filter((one) => one >= least && one <= greatest).length)
        // By brute force: no pair of values holds as many in less room.
        for (const from of values)
          for (const to of values) {
            const holds = values.filter((one) => one >= from && one <= to).length
            if (holds >= Math.ceil(0.8 * values.length - 1e-9))
              expect(to - from).toBeGreaterThanOrEqual(greatest - least)
          }
      }),
    )
  })
})

describe('one setting', () => {
  it('gave so much, and mostly lay between two values', () => {
    expect(held([22, 23, 24, 23, 20, 26, 22, 24, 23, 23])).toEqual({
      sentence: 'It usually held about 23 clips, mostly 22 to 24.',
      reasons: ['8 of 10 tries were from 22 to 24.'],
    })
  })

  it('is said over all groups, with what each of them usually found', () => {
    const { sentence, reasons } = held([22, 23, 24, 23, 22], [20, 21, 20, 20, 21])
    expect(sentence).toBe('It usually held about 21.5 clips, mostly 20 to 23.')
    expect(reasons).toContain('What the 2 groups usually found goes from 20 to 23.')
  })

  it('has no usual value where two groups found quite different ones', () => {
    const { sentence, reasons } = held([10, 11, 10, 11, 10], [30, 31, 30, 31, 30])
    expect(sentence).toBe('It held anything from 10 to 30 clips.')
    expect(reasons).toContain('What the 2 groups usually found goes from 10 to 30.')
    expect(held([22, 23, 22, 23, 22, 23]).sentence).toBe('It usually held about 22.5 clips, mostly 22 to 23.')
  })

  it('is usually what most tries were, however far off a group with few tries lies', () => {
    expect(held([10, 10, 10, 10, 10, 10, 10, 10], [30, 30]).sentence).toBe('It usually held 10 clips.')
  })

  it('that was the same every time, or was hardly tried, is said so', () => {
    expect(held([23, 23, 23, 23, 23]).sentence).toBe('It held 23 clips every time.')
    expect(held([22, 24]).sentence).toBe('So far it held about 23 clips, over 2 tries.')
    expect(held([23]).sentence).toBe('So far it held about 23 clips, over one try.')
  })

  it('at which tries climbed is asked whether the class got better at it', () => {
    const climbing = [1, 2, 3, 4, 5, 6].map((group) =>
      [12, 14, 15, 18, 21, 24, 27, 30].map((one) => one + group),
    )
    expect(held(...climbing).reasons.join(' ')).toContain('did you get better at it')
  })

  it('says nothing where levels are compared, nothing was read, or results are no quantities', () => {
    const levels = kindsPlan(['tile', 'wood'])
    const one = entriesFrom({ g: { tile: [1, 2, 3, 4, 5] } })
    expect(variationSentence(levels, weighLesson(levels, one))).toBe(null)
    expect(variationSentence(magnet, weighLesson(magnet, []))).toBe(null)
    expect(held().sentence).toBe('There is nothing to compare yet.')
  })

  it('has its unit with the numbers, and is said of what is in so far while tries are to come', () => {
    const plan = withVariation(examplePlan())
    const readings = entriesFrom({ g: { [plan.levels[0]!.id]: [11, 12, 12, 13, 12, 14] } })
    expect(resultSentence(plan, weighLesson(plan, readings, ['g'])).sentence).toBe(
      'So far, the bounce height was usually about 12 cm, mostly 11 cm to 13 cm.',
    )
  })
})
