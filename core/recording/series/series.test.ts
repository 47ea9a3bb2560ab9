// Long: over minutes and over days, each from entry to sentence.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Plan, Recording } from '../../plan'
import { instrumentCupboard, fromCupboard } from '../../instrument'
import { resultSentence } from '../../evidence'
import { standingOf, type Entry } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { scoredPlan, scoresOf, weighLesson } from '../../comparison'
import { contextOf, startedAt, wayOf } from '..'
import { minutesFromText, minutesSaid } from './minutesFromText'
import { seriesScore } from './seriesScore'

const thermometer = fromCupboard(instrumentCupboard.find((one) => one.unit === 'C')!)
const jackets = (changes: Partial<Extract<Recording, { kind: 'intervals' }>> = {}): Plan =>
  kindsPlan(['nothing', 'wool'], {
    tries: 1,
    recording: { kind: 'intervals', minutes: [0, 5, 10], score: 'lost', ...changes },
    measured: { name: 'temperature', unit: 'C', instrument: thermometer },
  })
const sprouts = (changes: Partial<Extract<Recording, { kind: 'daily' }>> = {}): Plan =>
  kindsPlan(['light', 'dark'], {
    tries: 1,
    recording: { kind: 'daily', days: 4, score: 'rate', ...changes },
  })
const at = (levelId: string, moment: string, value: number, time?: string | number): Entry =>
  entry({
    groupId: 'g',
    levelId,
    moment,
    value,
    id: `${levelId}${moment}`,
    ...(time === undefined
      ? {}
      : {
          fields: {
            value: { typed: String(value), given: 'typed', value },
            at: { typed: String(time), given: 'typed', value: time },
          },
        }),
  })

/** The readings over time that the way hands to its chart. */
function curvesOf(plan: Plan, entries: Entry[]) {
  const picture = wayOf(plan).picture!(plan, entries)
  return picture.kind === 'curves' ? picture.curves : []
}

describe('the score of a row', () => {
  it('reaches 40 °C between two readings, after 8 min 20 s', () => {
    const points = [
      { at: 5, value: 44 },
      { at: 10, value: 38 },
    ]
    expect(seriesScore(points, 'reached', 40)).toBeCloseTo(8 + 20 / 60, 9)
    expect(seriesScore([{ at: 0, value: 50 }, ...points], 'reached', 40)).toBeCloseTo(8 + 20 / 60, 9)
    expect(seriesScore(points, 'reached', 50)).toBe(Infinity)
    expect(seriesScore(points, 'reached', 44)).toBe(5)
    expect(seriesScore(points, 'reached', 40, 5)).toBeCloseTo(3 + 20 / 60, 9)
  })

  it('goes by the time at which it was really read', () => {
    const plan = jackets({ score: 'rate', minutes: [0, 10] })
    const entries = [at('wool', '0 min', 50), at('wool', '10 min', 27, 11.5)]
    expect(scoresOf(plan, entries)).toMatchObject([{ levelId: 'wool', value: -2 }])
    expect(curvesOf(plan, entries)[0]!.points.map((point) => point.at)).toEqual([0, 11.5])
  })

  it('has no nought for a missed day: 1.5 cm a day from Wednesday to Friday, 2 cm from Friday to Monday', () => {
    const [wed, fri, mon] = ['2026-03-04', '2026-03-06', '2026-03-09']
    const entries = [
      at('light', 'day 1', 2, wed),
      at('light', 'day 3', 5, fri),
      at('light', 'day 4', 11, mon),
    ]
    const [curve] = curvesOf(sprouts(), entries)
    expect(seriesScore(curve!.points.slice(0, 2), 'rate')).toBe(1.5)
    expect(seriesScore(curve!.points.slice(1), 'rate')).toBe(2)
    // 4 cm or more was first seen on the Friday; it passed 4 two thirds of the way there from Wednesday.
    const reach = sprouts({ score: 'reached', target: 4 })
    expect(scoresOf(reach, entries)[0]!.value).toBeCloseTo(4 / 3, 9)
    expect(scoresOf(sprouts(), entries)).toMatchObject([{ value: 9 / 5 }])
  })

  it('is no score before the row has what it needs', () => {
    const plan = jackets()
    expect(scoresOf(plan, [at('wool', '0 min', 40)])).toEqual([])
    expect(scoresOf(plan, [at('wool', '5 min', 38), at('wool', '10 min', 36)])).toEqual([])
    expect(scoresOf(plan, [at('wool', '0 min', 40), at('wool', '10 min', 36)])).toMatchObject([{ value: 4 }])
    expect(scoresOf(jackets({ score: 'end' }), [at('wool', '10 min', 36)])).toMatchObject([{ value: 36 }])
    // A value that was not reached by the last reading never came.
    const reach = jackets({ score: 'reached', target: 30 })
    expect(scoresOf(reach, [at('wool', '0 min', 40), at('wool', '5 min', 38)])).toEqual([])
    expect(scoresOf(reach, [at('wool', '0 min', 40), at('wool', '10 min', 36)])).toMatchObject([
      { value: Infinity },
    ])
  })

  it('never depends on the order in which readings arrive', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(['0 min', '5 min', '10 min'], { minLength: 3 }),
        fc.integer({ min: 1, max: 40 }),
        (order, drop) => {
          const value: Record<string, number> = { '0 min': 50, '5 min': 50 - drop / 2, '10 min': 50 - drop }
          const entries = order.map((moment) => at('wool', moment, value[moment]!))
          expect(scoresOf(jackets(), entries)).toMatchObject([{ value: drop }])
        },
      ),
    )
  })
})

describe('a container that is read at several places', () => {
  const plan = jackets({ positions: ['top', 'bottom'] })
  const read = (moment: string, value: number) => at('wool', moment, value)

  it('is read at both before the next container comes, and scored by their mean', () => {
    expect(
      wayOf(plan)
        .slots(plan, 'g', 0)
        .map((slot) => `${slot.moment} ${slot.levelId}`)
        .slice(0, 3),
    ).toEqual(['0 min, top nothing', '0 min, bottom nothing', '0 min, top wool'])
    const entries = [
      read('0 min, top', 50),
      read('0 min, bottom', 48),
      read('10 min, top', 40),
      read('10 min, bottom', 36),
    ]
    expect(scoresOf(plan, entries)).toMatchObject([{ levelId: 'wool', value: 11 }])
    // With one of its places unread the last moment is not complete.
    expect(scoresOf(plan, entries.slice(0, 3))).toEqual([])
    const curves = curvesOf(plan, entries)
    expect(curves.map((curve) => [curve.position, curve.points.map((point) => point.value)])).toEqual([
      ['top', [50, 40]],
      ['bottom', [48, 36]],
    ])
  })
})

describe('the plan of a row', () => {
  it('asks all containers at one moment before the next comes', () => {
    const slots = wayOf(jackets()).slots(jackets(), 'g', 0)
    expect(slots.map((slot) => `${slot.moment} ${slot.levelId}`).slice(0, 4)).toEqual([
      '0 min nothing',
      '0 min wool',
      '5 min nothing',
      '5 min wool',
    ])
    expect(
      wayOf(sprouts())
        .columns(sprouts())
        .map((column) => column.head),
    ).toEqual(['day 1', 'day 2', 'day 3', 'day 4'])
  })

  it('names its score, with two readings in a change', () => {
    expect(scoredPlan(jackets()).measured.name).toBe('temperature lost')
    expect(scoredPlan(jackets({ score: 'end' })).measured.name).toBe('temperature at the end')
    expect(scoredPlan(jackets({ score: 'reached', target: 40 })).measured).toMatchObject({
      name: 'time to reach 40 °C',
      unit: 'min',
    })
    expect(scoredPlan(sprouts()).measured.name).toBe('change of bounce height a day')
    const weighed = (recording: Plan['recording']) => weighLesson({ ...jackets(), recording }, []).comparison
    const one = weighed({ kind: 'intervals', minutes: [0, 10], score: 'end' })
    const two = weighed({ kind: 'intervals', minutes: [0, 10], score: 'lost' })
    expect(two.error).toBeCloseTo(one.error * Math.SQRT2, 9)
  })

  it('compares a reading with the others of its moment', () => {
    const entries = [at('nothing', '0 min', 50), at('nothing', '10 min', 30)]
    const slot = { groupId: 'h', levelId: 'nothing', tryNumber: 1, moment: '10 min' }
    expect(contextOf(jackets(), entries, slot).others.map((one) => one.value)).toEqual([30])
  })

  it('details what each level did', () => {
    const entries = ['nothing', 'wool'].flatMap((level, index) => [
      at(level, '0 min', 50),
      at(level, '10 min', index === 0 ? 36 : 41),
    ])
    const { results } = weighLesson(jackets(), entries)
    expect(wayOf(jackets()).detail(jackets(), [], results)).toBe(
      'temperature: nothing lost 14 °C and wool lost 9 °C in 10 minutes.',
    )
    const warmer = weighLesson(
      jackets(),
      ['nothing', 'wool'].flatMap((level) => [
        at(level, '0 min', 20),
        at(level, '10 min', level === 'wool' ? 23 : 19),
      ]),
    )
    expect(wayOf(jackets()).detail(jackets(), [], warmer.results)).toMatch(
      /nothing lost 1 °C and wool gained 3 °C/,
    )
    const days = sprouts({ score: 'gained' })
    const grown = weighLesson(days, [
      at('light', 'day 1', 2, '2026-03-04'),
      at('light', 'day 4', 11, '2026-03-09'),
    ])
    expect(wayOf(days).detail(days, [], grown.results)).toMatch(/light gained 9 cm over 4 school days/)
  })
})

describe('two readings taken in the same second', () => {
  const points = [
    { at: 0, value: 40 },
    { at: 0, value: 33 },
  ]
  it('have a change and no rate', () => {
    expect(seriesScore(points, 'lost')).toBe(7)
    expect(seriesScore(points, 'rate')).toBeNull()
    expect(seriesScore(points, 'reached', 36)).toBe(0)
  })
})

describe('a row that is not complete', () => {
  it('is told as far as it goes', () => {
    const entries = [at('nothing', '0 min', 50), at('nothing', '5 min', 46), at('wool', '0 min', 50)]
    expect(wayOf(jackets()).soFar(jackets(), entries)).toEqual({
      sentence: 'So far: nothing 46 °C and wool 50 °C.',
      reasons: [
        'The middle of the groups at their latest reading.',
        'They are compared once 10 min is read.',
      ],
    })
    expect(wayOf(jackets()).soFar(jackets(), [])).toBeNull()
  })

  it('leaves out what was read at times that the plan no longer has', () => {
    const entries = [at('wool', '0 min', 50), at('wool', '10 min', 40), at('wool', '40 min', 20)]
    expect(scoresOf(jackets(), entries)).toMatchObject([{ value: 10 }])
    expect(curvesOf(jackets(), entries)[0]!.points).toHaveLength(2)
  })
})

describe('a value that was not reached', () => {
  const plan = jackets({ score: 'reached', target: 40, minutes: [0, 5, 10] })
  const lesson = (groups: number) =>
    Array.from({ length: groups }, (_, group) => `g${group}`).flatMap((groupId) =>
      ['nothing', 'wool'].flatMap((level) =>
        [50, level === 'wool' ? 48 : 38, level === 'wool' ? 46 : 35].map((value, index) => ({
          ...at(level, `${index * 5} min`, value),
          id: `${groupId}${level}${index}`,
          groupId,
        })),
      ),
    )

  const said = (entries: Entry[], of = plan) => {
    const evidence = weighLesson(of, entries, ['g0', 'g1', 'g2', 'g3', 'g4', 'g5'])
    return { ...resultSentence(scoredPlan(of, entries), evidence), evidence }
  }

  it('is said to have never come, and is no number anywhere', () => {
    const { sentence, reasons, evidence } = said(lesson(6))
    expect(evidence.judgement.verdict.word).toBe('clear')
    expect(`${sentence} ${reasons.join(' ')}`).not.toMatch(/NaN|Infinity|undefined|\d{4,}/)
    expect(sentence).toBe('Wool never reached 40 °C, and the one with nothing did.')
    expect(wayOf(plan).detail(plan, [], evidence.results)).toMatch(/changed evenly/)
    const coldest = said(lesson(6), { ...plan, best: 'least' })
    expect(coldest.sentence).toBe('Nothing reached 40 °C first, ahead of wool.')
  })

  const neither = (ends: { nothing: number; wool: number }) =>
    lesson(6).map((one) => {
      const value = one.moment === '0 min' ? 55 : ends[one.levelId as 'nothing' | 'wool']
      return { ...one, fields: { value: { typed: String(value), given: 'typed' as const, value } } }
    })

  it('is ordered by how far from it each ended where neither came, and never called level', () => {
    expect(said(neither({ nothing: 42, wool: 54 })).sentence).toBe(
      'Neither wool nor the one with nothing reached 40 °C, and wool ended further from it.',
    )
    expect(said(neither({ nothing: 45, wool: 45 })).sentence).toBe(
      'None of them reached 40 °C in the time that we had.',
    )
  })

  it('leaves no amount where only some of its tries came', () => {
    const mixed = lesson(6).map((one) =>
      one.groupId === 'g0' && one.levelId === 'wool' && one.moment === '10 min'
        ? { ...one, fields: { value: { typed: '39', given: 'typed' as const, value: 39 } } }
        : one,
    )
    const { sentence } = said(mixed)
    expect(sentence).toBe('Wool reached 40 °C last, after nothing.')
  })

  it('knows no time finer than its readings lie apart', () => {
    expect(weighLesson(plan, lesson(2)).comparison.mark).toBe(5)
  })
})

describe('the start of a container', () => {
  const press = (id: string, time: string) =>
    entry({
      id,
      groupId: 'g',
      levelId: 'wool',
      moment: 'start',
      fields: { at: { typed: time, given: 'typed', value: time } },
    })
  const slot = { groupId: 'g', levelId: 'wool', tryNumber: 1, moment: '5 min' }

  it('is the first of two presses on two devices, and the corrected one on the same', () => {
    const [early, late] = ['2026-03-09T09:00:00.000Z', '2026-03-09T09:00:07.000Z']
    expect(startedAt(standingOf([press('a', late), press('b', early)]).slots, slot)).toBe(Date.parse(early))
    const again = { ...press('c', late), supersedes: 'b' }
    expect(startedAt(standingOf([press('b', early), again]).slots, slot)).toBe(Date.parse(late))
    expect(startedAt(standingOf([]).slots, slot)).toBeNull()
  })
})

describe('what is typed', () => {
  const understand = (plan: Plan, fields: Entry['fields'], moment = '10 min') =>
    wayOf(plan).understand(plan, { fields, readWith: null, moment })
  const typed = (text: string, value: number): Entry['fields'] => ({
    value: { typed: text, given: 'typed', value },
  })

  it('may bring its own time', () => {
    expect(wayOf(jackets()).check(jackets(), '43 @ 11:30', null)).toMatchObject({ state: 'value', value: 43 })
    expect(understand(jackets(), typed('43 @ 11:30', 0))).toEqual({
      ok: true,
      fields: {
        value: { typed: '43 @ 11:30', given: 'typed', value: 43 },
        at: { typed: '11:30', given: 'typed', value: 11.5 },
      },
    })
    expect(wayOf(jackets()).check(jackets(), '43 @ noon', null)).toMatchObject({ state: 'unreadable' })
    expect(wayOf(jackets()).check(jackets(), '@ 5', null)).toMatchObject({ state: 'unreadable' })
  })

  it('says its time beside it, worked out anew from its own text', () => {
    expect(
      understand(jackets(), { ...typed('43', 43), at: { typed: '2:00', given: 'typed', value: 99 } }),
    ).toMatchObject({ ok: true, fields: { at: { value: 2 } } })
    expect(
      understand(
        sprouts(),
        { ...typed('4', 4), at: { typed: '2026-13-40', given: 'typed', value: '' } },
        'day 1',
      ),
    ).toMatchObject({ ok: false, field: 'at' })
    expect(understand(jackets(), { ...typed('43', 43), other: typed('1', 1).value! }).ok).toBe(false)
    expect(
      understand(jackets(), { ...typed('43', 43), at: { typed: '-5', given: 'typed', value: 0 } }).ok,
    ).toBe(false)
  })

  it('takes a start with its time, and nothing else there', () => {
    const start = { typed: '2026-03-09T09:00:00.000Z', given: 'typed' as const, value: '' }
    expect(understand(jackets(), { at: start }, 'start')).toMatchObject({
      ok: true,
      fields: { at: { value: '2026-03-09T09:00:00.000Z' } },
    })
    expect(understand(jackets(), typed('43', 43), 'start').ok).toBe(false)
    expect(scoresOf(jackets(), [entry({ moment: 'start', value: null })])).toEqual([])
  })

  it.each([
    ['0, 2, 5, 9, 15', [0, 2, 5, 9, 15]],
    ['every 5 to 20', [0, 5, 10, 15, 20]],
    ['every 10 minutes for 40 minutes', [0, 10, 20, 30, 40]],
    ['15 min, 0 min and 5 min', [0, 5, 15]],
    ['0 5 10', [0, 5, 10]],
    ['0, 2.5, 5, 5', [0, 2.5, 5]],
    ['0, 12,5, 30', [0, 12.5, 30]],
    ['0,5,10', [0, 5, 10]],
    ['0, 3 1/2, 7', [0, 3.5, 7]],
  ])('reads the minutes %s', (text, answer) => expect(minutesFromText(text)).toEqual({ ok: true, answer }))

  it.each([
    '',
    '5',
    '12,5',
    'soon',
    '0, 9999',
    '-5, 5',
    Array.from({ length: 40 }, (_, n) => n).join(', '),
    'every 0 to 40',
  ])('refuses the minutes %j', (text) => expect(minutesFromText(text).ok).toBe(false))

  it('says minutes as people do', () => {
    expect(minutesSaid([0, 5, 10])).toBe('every 5 minutes up to 10')
    expect(minutesSaid([0, 1, 2])).toBe('every minute up to 2')
    expect(minutesSaid([0, 2, 5, 9])).toBe('at 0, 2, 5 and 9 minutes')
  })
})
