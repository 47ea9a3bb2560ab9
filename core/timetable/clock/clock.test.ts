import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entry } from '../../testing/exampleEntries'
import { examplePlan } from '../../testing/examplePlan'
import {
  clockAfter,
  clockLog,
  clockNow,
  measuredTimes,
  testingSince,
  type ClassClock,
  type ClockAct,
  type LessonStep,
} from '..'

const minute = 60_000
const hour = 60 * minute
const steps: LessonStep[] = [
  { id: 'talk', kind: 'talk', name: 'Talk', seconds: 300 },
  { id: 'handOut', kind: 'handOut', name: 'Hand out', seconds: 240 },
  { id: 'test', kind: 'test', name: 'Test', seconds: 1200 },
]
const start: ClockAct = { kind: 'start', steps }

/** The clock after acts, each at its minute. */
const after = (
  ...acts: [minutes: number, act: ClockAct | 'pause' | 'goOn' | 'next' | 'back'][]
): ClassClock =>
  acts.reduce<ClassClock | null>(
    (clock, [at, act]) => clockAfter(clock, typeof act === 'string' ? { kind: act } : act, at * minute),
    null,
  )!

describe('the clock of a class', () => {
  it('runs the present step down, and says how late it is', () => {
    const clock = after([0, start])
    expect(clockNow(clock, 0)).toMatchObject({ state: 'running', step: steps[0], next: steps[1], left: 300 })
    expect(clockNow(clock, 6 * minute)).toMatchObject({ state: 'running', left: -60 })
    // One minute late, and 24 still to come.
    expect(clockNow(clock, 6 * minute).endsAt).toBe(30 * minute)
  })

  it('stands still in a pause, and gives more time where it is asked', () => {
    const paused = after([0, start], [2, 'pause'])
    expect(clockNow(paused, 50 * minute)).toMatchObject({ state: 'paused', left: 180, elapsed: 120 })
    const clock = after([0, start], [2, 'pause'], [10, 'goOn'], [10, { kind: 'more', seconds: 120 }])
    expect(clockNow(clock, 11 * minute)).toMatchObject({ state: 'running', left: 240, elapsed: 180 })
  })

  it('goes on, goes back, and is over after its last step', () => {
    expect(after([0, start], [5, 'next'])).toMatchObject({ at: 1, from: 5 * minute })
    expect(after([0, start], [5, 'next'], [6, 'back'])).toMatchObject({ at: 0, from: 6 * minute })
    expect(after([0, start], [1, 'back'])).toMatchObject({ at: 0, from: 0 })
    const over = after([0, start], [5, 'next'], [9, 'next'], [29, 'next'])
    expect(clockNow(over, hour)).toMatchObject({ state: 'over', step: null, endsAt: null })
    expect(clockNow(clockAfter(over, { kind: 'back' }, 30 * minute)!, 30 * minute).step).toEqual(steps[2])
  })

  it('keeps what every step really took', () => {
    const clock = after([0, start], [5, 'next'], [7, 'pause'], [10, 'goOn'], [17, 'next'], [40, 'next'])
    expect(
      clock.taken.map(({ id, from, to, paused }) => [id, from / minute, to / minute, paused / minute]),
    ).toEqual([
      ['talk', 0, 5, 0],
      ['handOut', 5, 17, 3],
      ['test', 17, 40, 0],
    ])
    expect(clockLog(clock)).toMatchObject({
      planned: 29,
      took: 37,
      said: 'Planned 29 min, took 37: handing out took 9 in place of 4.',
    })
    expect(testingSince(clock)).toBe(17 * minute)
  })

  it('counts a step that was gone back to with both of its times', () => {
    const log = clockLog(after([0, start], [5, 'next'], [6, 'back'], [9, 'next'], [12, 'next']))!
    expect(log.steps.map((one) => [one.id, one.took])).toEqual([
      ['talk', 8],
      ['handOut', 4],
    ])
    expect(log.said).toBe('Planned 9 min, took 12: talking took 8 in place of 5.')
  })

  it('was left running over night without its log saying so', () => {
    const clock = after([0, start], [5, 'next'], [9, 'next'])
    const nextDay = 24 * 60
    expect(clockNow(clock, nextDay * minute)).toMatchObject({ state: 'left', left: 0 })
    const ended = clockAfter(clock, { kind: 'next' }, nextDay * minute)!
    expect(clockLog(ended)!.steps.at(-1)).toMatchObject({ id: 'test', took: 20 })
    // A pause over night is a pause.
    const paused = after([0, start], [2, 'pause'], [nextDay, 'goOn'])
    expect(clockNow(paused, nextDay * minute)).toMatchObject({ state: 'running', left: 180 })
  })

  it('is cut short in one press, or goes on another day where it stopped', () => {
    const cut = after([0, start], [5, 'next'], [7, { kind: 'end', how: 'cut' }])
    expect(clockNow(cut, hour).state).toBe('cut')
    expect(clockLog(cut)!.said).toBe(
      'Planned 9 min, took 7: handing out took 2 in place of 4. It was cut short.',
    )
    const later = after([0, start], [5, 'next'], [7, { kind: 'end', how: 'later' }])
    expect(clockNow(later, 3 * hour)).toMatchObject({ state: 'later', step: steps[1], left: 120 })
    const nextWeek = 7 * 24 * 60
    const goesOn = clockAfter(later, { kind: 'goOn' }, nextWeek * minute)!
    expect(clockNow(goesOn, nextWeek * minute)).toMatchObject({ state: 'running', step: steps[1], left: 120 })
  })

  it('goes on after all where it was ended by mistake, with the time that was left', () => {
    const cut = after([0, start], [5, 'next'], [7, { kind: 'end', how: 'cut' }], [10, 'back'])
    expect(clockNow(cut, 10 * minute)).toMatchObject({ state: 'running', step: steps[1], left: 120 })
    expect(cut.taken.map((one) => one.id)).toEqual(['talk'])
    const over = after([0, start], [5, 'next'], [9, 'next'], [20, 'next'], [22, 'back'])
    expect(clockNow(over, 22 * minute)).toMatchObject({ state: 'running', step: steps[2], left: 540 })
  })

  it('goes on another day with its pause over', () => {
    const clock = after([0, start], [2, 'pause'], [7, { kind: 'end', how: 'later' }], [900, 'goOn'])
    expect(clockNow(clock, 900 * minute)).toMatchObject({ state: 'running', left: 180, elapsed: 120 })
  })

  it('starts once, whoever presses second, and only with something to do', () => {
    const first = after([0, start])
    expect(clockAfter(first, start, minute)).toBe(first)
    expect(clockAfter(null, { kind: 'start', steps: [] }, 0)).toBeNull()
    expect(clockAfter(null, { kind: 'next' }, 0)).toBeNull()
  })

  it('starts all stopwatches at one moment, until the next step', () => {
    const raced = after([0, start], [1, { kind: 'race', at: 90_000 }])
    expect(raced.raceAt).toBe(90_000)
    expect(clockAfter(raced, { kind: 'noRace' }, 2 * minute)!.raceAt).toBeNull()
    expect(clockAfter(raced, { kind: 'next' }, 2 * minute)!.raceAt).toBeNull()
  })

  it('never goes backwards in what it keeps, whatever is pressed when', () => {
    const acts = fc.oneof(
      fc.constantFrom<ClockAct>({ kind: 'pause' }, { kind: 'goOn' }, { kind: 'next' }, { kind: 'back' }),
      fc.constantFrom<ClockAct>(
        { kind: 'more', seconds: 120 },
        { kind: 'end', how: 'later' },
        { kind: 'end', how: 'cut' },
      ),
    )
    const presses = fc.array(fc.tuple(fc.integer({ min: 0, max: 6 * 60 }), acts), { maxLength: 20 })
    fc.assert(
      fc.property(presses, (pressed) => {
        let now = 0
        let clock = clockAfter(null, start, now)!
        for (const [minutes, act] of pressed) {
          now += minutes * minute
          clock = clockAfter(clock, act, now)!
          const shown = clockNow(clock, now)
          expect(shown.elapsed).toBeGreaterThanOrEqual(0)
          expect(clock.at).toBeLessThanOrEqual(steps.length)
        }
        for (const one of clock.taken) {
          expect(one.to).toBeGreaterThanOrEqual(one.from)
          expect(one.paused).toBeGreaterThanOrEqual(0)
          expect(one.paused).toBeLessThanOrEqual(one.to - one.from)
        }
      }),
    )
  })
})

describe('what a lesson took', () => {
  const taken = (id: string, minutes: number) => ({
    ...{ id, name: id, planned: 240, from: 0, to: minutes * minute, paused: 0 },
  })

  it('is what the next plan of it begins with', () => {
    const clock = { taken: [taken('handOut', 9), taken('talk', 0.2)], ended: null }
    // Every try of a group is written down 73 s after the one before.
    const tries = [1, 2, 3].flatMap((tryNumber, index) =>
      ['leaf', 'bell', 'key'].map((groupId) =>
        entry({
          ...{ groupId, levelId: 'h20', tryNumber, source: 'sheet' },
          takenAt: new Date(index * 73_000).toISOString(),
        }),
      ),
    )
    // 73 s without 5 s of falling and 8 s of reading, shared out like 25 and 15.
    expect(measuredTimes(examplePlan(), clock, tries, { age: '7-9' })).toEqual({
      handOut: 9,
      setUp: 38,
      reset: 23,
    })
  })

  it('goes by how long the test took, where a group that was through was typed in later', () => {
    const plan = examplePlan({ practiceTries: 1 })
    const typed = plan.levels.flatMap(({ id }) =>
      [1, 2, 3].map((tryNumber) => entry({ groupId: 'leaf', levelId: id, tryNumber, source: 'desk' })),
    )
    const clock = { taken: [taken('test', 10)], ended: null }
    // Ten tries in ten minutes: 60 s without 5 and 8, shared out like 25 and 15.
    expect(measuredTimes(plan, clock, typed, { age: '7-9' })).toEqual({ setUp: 29, reset: 18 })
    expect(measuredTimes(plan, clock, typed.slice(1), { age: '7-9' })).toEqual({})
  })

  it('says nothing of tries that were typed in later, or far apart', () => {
    const typed = [1, 2, 3, 4, 5, 6].map((tryNumber) =>
      entry({ tryNumber, source: 'desk', takenAt: new Date(tryNumber * 73_000).toISOString() }),
    )
    const days = typed.map((one, index) => ({
      ...one,
      source: 'sheet' as const,
      takenAt: new Date(index * 9e7).toISOString(),
    }))
    const clock = { taken: [], ended: null }
    expect(measuredTimes(examplePlan({ times: { talk: 3 } }), clock, typed, { age: '7-9' })).toEqual({})
    expect(measuredTimes(examplePlan(), clock, days, { age: '7-9' })).toEqual({})
  })
})
