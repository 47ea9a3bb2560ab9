import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  validateEntry,
  derivedValue,
  expectedReading,
  comparisonOf,
  contextOf,
  wayOf,
  type EntryValidation,
} from '.'
import { misreadings } from './likelySlips'
import type { Score } from '../evidence'
import type { Entry } from '../entries'
import { entry } from '../testing/exampleEntries'
import { balance } from '../testing/exampleNames'
import { examplePlan, kindsPlan } from '../testing/examplePlan'

const plan = examplePlan()
const slot = { groupId: 'leaf', levelId: 'h40', tryNumber: 1, moment: '' }
let made = 0
const score = (value: number, at: Partial<Score> = {}): Score => ({
  id: `s${++made}`,
  groupId: 'bell',
  levelId: 'h40',
  tryNumber: 1,
  value,
  ...at,
})
/** Values at the slot's own level, by other groups. */
const here = (...values: number[]) => values.map((value, index) => score(value, { groupId: `g${index}` }))
const check = (text: string, values: number[] = [], of = plan) =>
  validateEntry(text, of, { slot, others: here(...values), row: [] })
const codes = (entry: EntryValidation) =>
  entry.state === 'value' ? entry.hints.map((hint) => hint.code) : entry.state
/** Four groups of three tries at each of three levels: 12 cm for each 20 cm, a little apart. */
const whole = ['a', 'b', 'c', 'd'].flatMap((groupId, g) =>
  ['h20', 'h40', 'h60'].flatMap((levelId, level) =>
    [0, 1, -1].map((off, index) =>
      score(24 * (level + 1) + g + off, { groupId, levelId, tryNumber: index + 1 }),
    ),
  ),
)
const among = (text: string, others = whole) => validateEntry(text, plan, { slot, others, row: [] })

describe('validateEntry', () => {
  it('takes what fits without a word', () => {
    expect(check('62', [61, 64])).toEqual({ state: 'value', value: 62, hints: [] })
    expect(check('0.62 m', [61, 64])).toEqual({ state: 'value', value: 62, hints: [] })
    expect(among('49')).toMatchObject({ hints: [] })
  })

  it('tells nothing typed from no number, and asks what reads two ways', () => {
    expect(codes(check(' '))).toBe('empty')
    expect(codes(check('high'))).toBe('unreadable')
    expect(check('1,200')).toMatchObject({ state: 'two-ways', readings: [{ value: 1.2 }, { value: 1200 }] })
    const watch = { ...plan.measured.instrument, unit: 's' as const, smallestMark: 0.01 }
    const timed = examplePlan({ measured: { name: 'time', unit: 's', instrument: watch } })
    expect(check('12:34', [], timed)).toMatchObject({
      state: 'two-ways',
      readings: [{ value: 12.34 }, { value: 754 }],
    })
  })

  it('knows the ends of the scale and its marks', () => {
    expect(codes(check('-2'))).toEqual(['below-scale'])
    expect(codes(check('130'))).toEqual(['above-scale'])
    expect(check('12.3')).toMatchObject({ hints: [{ code: 'between-marks', suggestion: 12 }] })
    // It was read off a scale in inches, whose marks are others.
    expect(check('5 in')).toEqual({ state: 'value', value: 12.7, hints: [] })
    expect(check('123 mm')).toMatchObject({ hints: [{ code: 'between-marks', suggestion: 12 }] })
    expect(check('12.5', [], { ...plan, rounding: 'half-mark' })).toMatchObject({ hints: [] })
  })

  it('names the level that a number fits better, and the last number typed once more', () => {
    const asked = (text: string, others: Score[]) => {
      const found = validateEntry(text, plan, { slot: { ...slot, groupId: 'b' }, others, row: [] })
      return found.state === 'value' ? found.hints.map((hint) => hint.message) : []
    }
    const sorted = [
      ...whole.filter((one) => one.groupId !== 'b'),
      ...whole.filter((one) => one.groupId === 'b'),
    ]
    expect(asked('73', sorted)[0]).toContain('does it belong to 60 cm?')
    // The last that group b has read is 72 at 60 cm.
    expect(asked('72', sorted)[0]).toContain('it is the same as your last one, at 60 cm')
    expect(asked('49', sorted)).toEqual([])
  })

  it('asks no more about tenths of the marks once two were read so', () => {
    const asked = (others: number[], text = '12.3') => codes(check(text, others)).includes('between-marks')
    expect([asked([]), asked([12.7]), asked([12.7, 13.1]), asked([12, 13, 14])]).toEqual([
      true,
      true,
      false,
      true,
    ])
    // Finer than that nobody has read.
    expect(asked([12.7, 13.1], '12.34')).toBe(true)
  })

  it('compares with the scale in the unit measured, offsets of temperature left out', () => {
    const thermometer = { ...plan.measured.instrument, unit: 'C' as const, least: -10, greatest: 110 }
    const warm = examplePlan({ measured: { name: 'temperature', unit: 'F', instrument: thermometer } })
    expect(check('68.4', [], warm)).toMatchObject({ hints: [{ code: 'between-marks', suggestion: 68 }] })
  })

  it.each([
    ['640', 64],
    ['6.4', 64],
    ['0.64', 64],
    ['6400', 64],
    ['25', 64],
  ])('explains %s among readings near 64 as %d', (text, meant) => {
    const [first] = (check(text, [62, 65, 66]) as Extract<EntryValidation, { state: 'value' }>).hints
    expect(first).toMatchObject({ code: 'likely-slip', suggestion: meant })
  })

  it('offers suggestions on the marks that are read, half marks too', () => {
    const half = examplePlan({ rounding: 'half-mark' })
    expect(check('625', [62, 63, 62], half)).toMatchObject({ hints: [{ suggestion: 62.5 }, {}] })
  })

  it('does not judge by a single other one, nor call what is merely different a slip', () => {
    expect(codes(check('50', [62, 65, 66]))).toEqual([])
    expect(codes(check('6', [62]))).toEqual([])
    expect(codes(check('0', [62, 65]))).toEqual([])
  })

  it('asks about two digits that changed places, and offers no number for them', () => {
    expect(among('84')).toMatchObject({
      hints: [
        {
          code: 'stands-apart',
          suggestion: null,
          message: expect.stringMatching(/near 50 cm.*changed places/),
        },
      ],
    })
  })

  it('asks about what stands apart without a cause', () => {
    expect(among('90')).toMatchObject({
      hints: [{ code: 'stands-apart', message: expect.stringMatching(/really 90 cm/) }],
    })
    expect(among('55')).toMatchObject({ hints: [] })
  })

  it('compares the first readings of a level with the trend of the others', () => {
    const four = examplePlan({
      levels: [20, 40, 60, 80].map((value) => ({ ...plan.levels[0]!, id: `h${value}`, value })),
    })
    const others = whole.map((one) => ({
      ...one,
      levelId: { h20: 'h20', h40: 'h40', h60: 'h80' }[one.levelId]!,
      value: one.levelId === 'h60' ? one.value + 24 : one.value,
    }))
    const first = { groupId: 'a', levelId: 'h60', tryNumber: 1, moment: '' }
    const more = [...others, score(96, { groupId: 'e', levelId: 'h80' })]
    expect(expectedReading(comparisonOf(four), more, first)?.by).toBe('trend')
    expect(validateEntry('7', four, { slot: first, others: more, row: [] })).toMatchObject({
      hints: [
        {
          message: expect.stringMatching(
            /^Going by the other levels, it should be near 7\d cm\. Is it 70 cm/,
          ),
        },
      ],
    })
    expect(validateEntry('74', four, { slot: first, others: more, row: [] })).toMatchObject({ hints: [] })
  })

  it('allows for a group that reads higher throughout', () => {
    const high = [
      ...whole,
      ...['h20', 'h60'].flatMap((levelId, level) =>
        [0, 1].map((off, index) =>
          score(24 * (2 * level + 1) + 15 + off, { groupId: 'leaf', levelId, tryNumber: index + 1 }),
        ),
      ),
    ]
    expect(among('63', high)).toMatchObject({ hints: [] })
    expect(codes(among('63'))).not.toEqual([])
  })

  it('suggests only what is on the scale and near the others, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9999 }),
        fc.array(fc.integer({ min: 10, max: 90 }), { minLength: 2, maxLength: 8 }),
        (typed, others) => {
          const entry = check(String(typed), others)
          if (entry.state !== 'value') throw new Error('a number was refused')
          expect(entry.value).toBe(typed)
          for (const { code, suggestion } of entry.hints)
            if (code === 'likely-slip') {
              expect(suggestion!).toBeGreaterThan(0)
              expect(suggestion!).toBeLessThan(2 * Math.max(...others) + 4)
            }
        },
      ),
    )
  })
})

describe('misreadings', () => {
  it('swaps neighbouring digits, and counts marks beyond the last number twice or half', () => {
    expect(misreadings(14, plan).map((one) => one.meant)).toEqual([41, 18, 12])
    expect(misreadings(11, plan).map((one) => one.meant)).toEqual([12, 10.5])
    expect(misreadings(20, plan).map((one) => one.meant)).toEqual([2])
    expect(
      misreadings(1.25, plan)
        .map((one) => one.meant)
        .slice(0, 2),
    ).toEqual([2.15, 1.52])
  })
})

describe('derivedValue', () => {
  const of = (typed: string, value: number | null, given: 'typed' | 'chosen' | 'suggested' = 'typed') =>
    derivedValue(plan, { typed, given, value })

  it('is what the text says, whatever was sent beside it', () => {
    expect(of('12,5', 99)).toEqual({ ok: true, value: 12.5 })
    expect(of('1 m 20', null)).toEqual({ ok: true, value: 120 })
    expect(of('', null)).toEqual({ ok: true, value: null })
  })

  it('is one of two readings where one was chosen, and none where none was', () => {
    expect(of('1,200', 1.2, 'chosen')).toEqual({ ok: true, value: 1.2 })
    expect(of('1,200', 1200, 'chosen')).toEqual({ ok: true, value: 1200 })
    expect(of('1,200', 12, 'chosen').ok).toBe(false)
    expect(of('1,200', 1.2).ok).toBe(false)
  })

  it('is a suggestion that could have been made', () => {
    expect(of('640', 64, 'suggested')).toEqual({ ok: true, value: 64 })
    expect(of('12.3', 12, 'suggested')).toEqual({ ok: true, value: 12 })
    expect(of('640', 65, 'suggested').ok).toBe(false)
  })

  it('is none for a text that is no number, nor for a number without a text', () => {
    expect(of('much', 3)).toMatchObject({ ok: false, message: expect.stringContaining('not a number') })
    expect(of('', 3).ok).toBe(false)
  })

  it('never throws', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme' }),
        fc.constantFrom('typed', 'chosen', 'suggested'),
        (typed, given) => {
          const derived = derivedValue(plan, { typed, given: given as 'typed', value: 1 })
          if (derived.ok && derived.value !== null) expect(Number.isFinite(derived.value)).toBe(true)
        },
      ),
    )
  })
})

describe('two moments of a try', () => {
  const towels = kindsPlan(['napkin', 'plain'], {
    recording: {
      kind: 'before-after',
      moments: ['dry', 'wet'],
      stand: 'in-turn',
      container: 'none',
      change: 'gained',
      compare: 'amount',
    },
    measured: { ...plan.measured, name: 'mass', unit: 'g', instrument: balance },
    tries: 2,
  })
  const [napkin] = towels.levels
  const at = (groupId: string, moment: string, value: number) =>
    entry({ groupId, levelId: napkin!.id, moment, value })
  const others = ['bell', 'key', 'moon'].flatMap((group) => [at(group, 'dry', 1), at(group, 'wet', 6)])
  const check = (moment: string, typed: string, counted: Entry[]) => {
    const slot = { groupId: 'leaf', levelId: napkin!.id, tryNumber: 1, moment }
    const checked = wayOf(towels).check(towels, typed, contextOf(towels, counted, slot))
    return checked.state === 'value' ? checked.hints.map(({ message }) => message).join(' ') : ''
  }

  it('that may have changed places are asked about, and only those', () => {
    expect(check('wet', '1', [...others, at('leaf', 'dry', 6)])).toContain(
      'has it changed places with “dry”?',
    )
    expect(check('wet', '5', [...others, at('leaf', 'dry', 1)])).toBe('')
    expect(check('wet', '60', [...others, at('leaf', 'dry', 1)])).toContain('a nought too many')
    // What was read in mL in the same try says nothing of a mass.
    const inMillilitres = {
      ...at('leaf', 'dry', 6),
      readWith: { instrument: 'jug', unit: 'mL' as const, mark: 1 },
    }
    expect(check('wet', '1', [...others, inMillilitres])).not.toContain('changed places')
  })
})
