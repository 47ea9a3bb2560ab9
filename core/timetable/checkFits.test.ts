import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard, type CupboardInstrument } from '../instrument'
import type { Plan } from '../plan'
import { wayOf, ways } from '../recording'
import { examplePlan, kindsPlan, material } from '../testing/examplePlan'
import { checkFits, stationsOf, testingOf, waysToFit } from '.'

const cupboard = instrumentCupboard
const context = { age: '7-9', groups: 6, lessonMinutes: 45, cupboard } as const
const sticks = (howMany: number): CupboardInstrument[] =>
  cupboard.map((one) => (one.name === 'metre stick' ? { ...one, howMany } : one))

describe('a lesson in time', () => {
  it('is its steps and the testing, up to the next minute', () => {
    const fits = checkFits(examplePlan(), context)
    // Ten tries of 53 s are 530 s; 5 + 4 + 4 minutes before, 4 + 6 behind.
    expect(fits.parts[0]!.seconds).toBe(530)
    expect(fits.lessons[0]!.map((step) => [step.name, step.seconds / 60])).toEqual([
      ['Talk', 5],
      ['Predict', 4],
      ['Hand out', 4],
      ['Test', 9],
      ['Clear away', 4],
      ['Share', 6],
    ])
    expect(fits).toMatchObject({ state: 'good', takes: 32, sentence: 'About 32 of 45 minutes, 13 to spare.' })
    expect(fits.binding.said).toBe('Nobody waits: each group has 10 tries of about 53 s, one after another.')
  })

  it('says what is the queue, and what one more of it saves', () => {
    const plan = examplePlan({
      times: { setUp: 5, run: 0, reset: 0, hold: 'reading' },
      measured: slowRead(30),
    })
    const fits = checkFits(plan, { ...context, cupboard: sticks(1) })
    // 60 readings of 30 s one after another, the first after 5 s.
    expect(fits.parts[0]).toMatchObject({ seconds: 1805, bound: 1805, proven: true })
    expect(fits.binding).toMatchObject({ thing: 'metre stick', saves: 900 })
    expect(fits.binding.said).toBe('The one metre stick is the queue: a second saves about 15 minutes.')
    expect(fits).toMatchObject({ state: 'mend', sentence: 'About 54 minutes: 9 more than the lesson has.' })
  })

  it('goes by what the plan says of its times, level by level', () => {
    const told = examplePlan({
      ...{ tries: 1, practiceTries: 0, levelOrder: 'same' },
      times: {
        lesson: 20,
        talk: 1,
        predict: 1,
        handOut: 1,
        clear: 1,
        share: 1,
        setUp: 10,
        run: 30,
        reset: 2,
      },
    })
    const melting: Plan = { ...told, times: { ...told.times, runAt: { h60: 600 } } }
    expect(testingOf(told, context).seconds).toBe(3 * (10 + 30 + 8 + 2))
    expect(testingOf(melting, context).seconds).toBe(3 * (10 + 8 + 2) + 30 + 30 + 600)
    expect(checkFits(melting, context)).toMatchObject({ state: 'good', takes: 17 })
  })

  it.each([
    [0, 'mend', 'The lesson has no minutes. Say how long it is.'],
    [5, 'mend', 'About 32 minutes: 27 more than the lesson has.'],
    [32, 'think', 'About 32 of 32 minutes, none to spare.'],
    [480, 'good', 'About 32 of 480 minutes, 448 to spare.'],
  ])('of %i minutes is told so', (lesson, state, sentence) => {
    expect(checkFits(examplePlan({ times: { lesson } }), context)).toMatchObject({ state, sentence })
  })

  it('with nothing to test has nothing to say', () => {
    expect(checkFits(examplePlan({ levels: [] }), context)).toMatchObject({ state: 'none', sentence: '' })
    expect(checkFits(examplePlan({ tries: 0, practiceTries: 0 }), context).state).toBe('none')
  })

  it('takes turns with what goes round, a try at a time', () => {
    const plan = examplePlan({
      ...{ tries: 1, practiceTries: 0 },
      materials: [material({ id: 'lamp', name: 'lamp', per: 'turns', amount: 2 })],
    })
    const testing = testingOf(plan, context)
    // 18 tries of 53 s with two lamps.
    expect(testing).toMatchObject({ seconds: 9 * 53, bound: 9 * 53 })
    expect(checkFits(plan, context).binding.said).toBe(
      'The 2 lamps are the queue: a third saves about 3 minutes.',
    )
  })

  it('is read at home, so that class time is talk', () => {
    const fits = checkFits(examplePlan({ whoTests: 'at-home' }), context)
    expect(fits.lessons[0]!.map((step) => step.name)).toEqual(['Talk', 'Predict', 'Hand out', 'Share'])
    expect(fits.binding.said).toBe('The testing is done at home.')
  })

  it('turns at stations, when the slowest is done', () => {
    const plan = kindsPlan(['tile', 'wood', 'carpet'], {
      ...{ whoTests: 'stations', tries: 1, practiceTries: 0, times: { runAt: { wood: 100 } } },
    })
    const fits = checkFits(plan, { ...context, groups: 4 })
    const [testing] = fits.parts
    // 25 + 100 + 8 + 15 s, and 30 s to the next.
    expect(testing).toMatchObject({ turnSeconds: 178, seconds: 4 * 178 - 30 })
    expect(fits.lessons[0]!.filter((step) => step.kind === 'turn').map((step) => step.name)).toEqual([
      'Turn 1',
      'Turn 2',
      'Turn 3',
      'Turn 4',
    ])
    expect(stationsOf(plan, testing!, 1)).toEqual(['wood', 'carpet', null, 'tile'])
    expect(fits.binding.said).toBe(
      '4 turns of 3 minutes, as long as the slowest station takes; one group waits in each, since there are more groups than stations.',
    )
  })

  it('goes on another day where the plan says so, tries shared out', () => {
    const fits = checkFits(examplePlan({ times: { lessons: 2 } }), context)
    expect(fits.lessons.map((steps) => steps.map((step) => step.id))).toEqual([
      ['talk', 'predict', 'handOut', 'test', 'clear'],
      ['talk', 'handOut', 'test', 'clear', 'share'],
    ])
    expect(fits.sentence).toBe('About 24 of 45 minutes in each lesson, 21 to spare.')
  })
})

describe('containers read at their minutes', () => {
  const thermometer = cupboard.find((one) => one.id === 'thermometer')!
  const jackets = (minutes: number[], changes: Partial<Plan> = {}) =>
    kindsPlan(['none', 'wool', 'wrap', 'paper'], {
      ...{ tries: 1, practiceTries: 0, times: { setUp: 20, reset: 10 } },
      measured: { name: 'temperature', unit: 'C', instrument: { ...thermometer, secondsPerReading: 40 } },
      recording: { kind: 'intervals', minutes, score: 'lost' },
      ...changes,
    })
  const owning = (howMany: number) => ({
    ...context,
    groups: 2,
    cupboard: cupboard.map((one) => (one.id === 'thermometer' ? { ...one, howMany } : one)),
  })

  it('are started so that a group never reads two at once', () => {
    const testing = testingOf(jackets([2, 4, 8, 15]), owning(2))
    expect(testing.starts.filter((one) => one.groupIndex === 1).map((one) => one.at)).toEqual([
      20, 180, 220, 500,
    ])
    expect(testing.seconds).toBe(20 + 480 + 15 * 60 + 40 + 40)
    expect(testing.problem).toBeNull()
  })

  it('share one thermometer among groups, turn by turn', () => {
    const testing = testingOf(jackets([0, 10]), owning(1))
    const reads = testing.groups.flat().filter((act) => act.kind === 'read')
    expect(reads).toHaveLength(16)
    for (const { from } of reads)
      expect(reads.filter((one) => one.from <= from && from < one.to)).toHaveLength(1)
    expect(new Set(testing.starts.map((one) => `${one.groupIndex} ${one.levelId}`)).size).toBe(8)
  })

  it('cannot be read more often than a reading takes', () => {
    const fits = checkFits(jackets([0, 0.5]), owning(2))
    expect(fits).toMatchObject({
      state: 'mend',
      sentence: 'A reading takes longer than until the next one of the same container. Read less often.',
    })
    expect(waysToFit(jackets([0, 0.5, 10]), owning(2)).map((one) => one.label)).toContain(
      'Read every second time only',
    )
  })
})

describe('ways to fit', () => {
  it('make it fit first, and say what they gain', () => {
    const plan = examplePlan({ times: { setUp: 60 } })
    const short = { ...context, lessonMinutes: 38 }
    const found = waysToFit(plan, short)
    expect(checkFits(plan, short).takes).toBe(38)
    expect(found.map((one) => one.label)).toContain('2 tries instead of 3')
    for (const { changes, takes, gains } of found) {
      expect(checkFits({ ...plan, ...changes }, short).takes).toBe(takes)
      expect(gains).toBe(38 - takes)
    }
    // What takes another lesson comes last of all that fit.
    const fitting = found.filter((one) => one.fits)
    expect(fitting.at(-1)!.id).toBe('lessons')
    expect(found.slice(0, fitting.length)).toEqual(fitting)
    const gains = fitting.slice(0, -1).map((one) => one.gains)
    expect([...gains].sort((a, b) => b - a)).toEqual(gains)
  })

  it('take another instrument from the cupboard where one is read faster or there are more of it', () => {
    const plan = examplePlan({ measured: slowRead(60) })
    const labels = waysToFit(plan, { ...context, cupboard: sticks(2) }).map((one) => one.label)
    expect(labels[0]).toBe('Read with a tape measure')
  })

  it('offer nothing that cannot be', () => {
    const found = waysToFit(examplePlan({ tries: 1, practiceTries: 0 }), { ...context, groups: 1 })
    expect(found.map((one) => one.id)).not.toContain('lessons')
    expect(found.map((one) => one.id)).not.toContain('shared-levels')
  })
})

describe('every way of recording', () => {
  it.each(ways.map((way) => [way.kind, way] as const))('%s is counted in', (_kind, way) => {
    for (const whoTests of ['all-levels', 'shared-levels', 'whole-class', 'stations', 'at-home'] as const) {
      const plan = kindsPlan(['a', 'b', 'c'], { recording: way.usualRecording, whoTests })
      const fits = checkFits(plan, context)
      expect(fits.takes).toBeGreaterThan(0)
      expect(fits.least).toBeLessThanOrEqual(fits.takes)
      expect(fits.sentence).toMatch(/^About \d+/)
      const tested = fits.parts[0]!.groups.map((acts) => acts.some((act) => act.kind === 'read'))
      expect(tested.some(Boolean)).toBe(whoTests !== 'at-home')
    }
  })

  it('asks each group for every first reading of the day', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ways),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 3 }),
        (way, tries, groups) => {
          const plan = kindsPlan(['a', 'b', 'c'], { recording: way.usualRecording, tries, practiceTries: 0 })
          const testing = testingOf(plan, { ...context, groups })
          for (let group = 0; group < groups; group++) {
            const asked =
              wayOf(plan).askedSlots?.(plan, 'g', group, []) ?? wayOf(plan).slots(plan, 'g', group)
            const due = wayOf(plan).momentsDue(plan, ['2026-03-09'], '2026-03-09')
            const reads = testing.groups[group]!.filter((act) => act.kind === 'read')
            expect(reads).toHaveLength(
              asked.filter((slot) => due === null || due.includes(slot.moment)).length,
            )
          }
        },
      ),
    )
  })
})

function slowRead(secondsPerReading: number): Plan['measured'] {
  const { measured } = examplePlan()
  return { ...measured, instrument: { ...measured.instrument, secondsPerReading } }
}
