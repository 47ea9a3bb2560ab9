import { describe, expect, it } from 'vitest'
import { instrumentCupboard, type CupboardInstrument } from '#core/instrument'
import { kitAmounts } from '#core/kit'
import type { Plan } from '#core/plan'
import { examplePlan } from '#core/testing/examplePlan'
import { bindingOf, checkFits, holdOf, testingOf, testingParts, waitsForAdult } from '#core/timetable'
import { starters } from '.'

const starterPlan = (id: string): Plan => starters.find((one) => one.id === id)!.plan
const having = (howMany: Record<string, number>): CupboardInstrument[] =>
  instrumentCupboard.map((one) => ({ ...one, howMany: howMany[one.name] ?? one.howMany }))
const context = { age: '7-9', groups: 7, lessonMinutes: 60, cupboard: instrumentCupboard } as const
const bounce = starterPlan('ball-bounce')
const jackets = starterPlan('bottle-jackets')

describe('what a group keeps while it tests', () => {
  it('is the stick at the wall for the whole test: ball bounce with one stick for 7 groups is 65 minutes of testing', () => {
    expect(holdOf(bounce)).toBe('group')
    const oneStick = { ...context, cupboard: having({ 'metre stick': 1 }) }
    const { seconds, groups } = testingOf(bounce, oneStick)
    // 13 tries of 20 + 3 + 8 + 12 s for each of seven groups, one after another.
    expect(seconds).toBe(7 * 13 * 43)
    expect(Math.round(seconds / 60)).toBe(65)
    const spans = groups.map((acts) => [acts[0]!.from, acts.at(-1)!.to]).sort((a, b) => a[0]! - b[0]!)
    for (const [at, [from]] of spans.slice(1).entries()) expect(from).toBeGreaterThanOrEqual(spans[at]![1]!)
    // With a stick for each, nobody waits.
    expect(testingOf(bounce, { ...context, cupboard: having({ 'metre stick': 7 }) }).seconds).toBe(13 * 43)
  })

  it('can be said otherwise: for each try, or only while it is read', () => {
    const oneStick = { ...context, groups: 3, cupboard: having({ 'metre stick': 1 }) }
    const holding = (hold: 'reading' | 'try' | 'group') =>
      testingOf({ ...bounce, times: { ...bounce.times, hold } }, oneStick).seconds
    expect(holding('reading')).toBeLessThan(holding('try'))
    expect(holding('try')).toBeLessThan(holding('group'))
  })

  it('is nothing but the reading for a shadow, a balance and a thermometer', () => {
    for (const id of ['shadow-length', 'paper-towels', 'bottle-jackets', 'dough-shapes'] as const)
      expect([id, holdOf(starterPlan(id))]).toEqual([id, 'reading'])
  })
})

describe('adults', () => {
  it('are waited for where something is reserved for them, by age', () => {
    expect(waitsForAdult(jackets, '7-9')).toBe(true)
    expect(waitsForAdult(bounce, '7-9')).toBe(false)
  })

  it('let not six groups begin in the same minute', () => {
    const own = { ...context, groups: 6, cupboard: having({ thermometer: 6 }) }
    const starts = (adults: number) =>
      testingOf({ ...jackets, times: { ...jackets.times, adults } }, own).starts.map(({ at }) => at)
    const alone = starts(1)
    // One pours at one table after another, twenty seconds each.
    const sorted = [...alone].sort((a, b) => a - b)
    for (const [at, later] of sorted.slice(1).entries())
      expect(later - sorted[at]!).toBeGreaterThanOrEqual(20)
    expect(new Set(starts(6)).size).toBeLessThan(new Set(alone).size)
    const time = (adults: number) => checkFits({ ...jackets, times: { ...jackets.times, adults } }, own).takes
    expect(time(6)).toBeLessThan(time(1))
  })

  it('are the queue where tries wait for them, and one more saves time', () => {
    const heating = examplePlan({
      keptSame: [],
      steps: ['Pour boiling water over it.'],
      times: { setUp: 25 },
    })
    const own = { ...context, cupboard: having({ 'metre stick': 7 }) }
    expect(bindingOf(heating, own, testingParts(heating, own))).toMatchObject({ thing: 'adult' })
    const two = { ...heating, times: { ...heating.times, adults: 2 } }
    expect(testingOf(two, own).seconds).toBeLessThan(testingOf(heating, own).seconds)
  })
})

describe('what the kit packs', () => {
  it.each([1, 4, 7])('of %i thermometers is what the time reckons with', (howMany) => {
    const cupboard = having({ thermometer: howMany })
    const lines = kitAmounts(jackets, { groups: 7, children: 28, cupboard })
    const packed = lines.find(({ material }) => material.name === 'thermometer')!.needed
    expect(packed).toBe(testingOf(jackets, { ...context, cupboard }).owned.get('thermometer'))
  })

  it('at stations is one set, as groups beyond them wait', () => {
    const stations = examplePlan({ whoTests: 'stations' })
    const { turns } = testingOf(stations, context)
    expect(turns.every((turn) => turn.filter((place) => place !== null).length === 3)).toBe(true)
  })
})

it('says what saves time only together', () => {
  // A timed try needs the stopwatch while it runs, and an adult at its table: either alone is no help.
  const plan = examplePlan({
    keptSame: [],
    steps: ['Pour boiling water over it.'],
    measured: {
      ...examplePlan().measured,
      name: 'time until it is gone',
      unit: 's',
      instrument: {
        ...examplePlan().measured.instrument,
        name: 'stopwatch',
        unit: 's',
        greatest: 6000,
        secondsPerReading: 1,
      },
    },
    times: { setUp: 20, run: 20, reset: 0 },
  })
  const own = { ...context, groups: 6, cupboard: having({ stopwatch: 1 }) }
  const { said, thing } = bindingOf(plan, own, testingParts(plan, own))
  expect([thing, said]).toEqual([
    null,
    expect.stringMatching(
      /^One more .* and one more .* together save about .*alone saves hardly anything\.$/,
    ),
  ])
})

/** How long something is said to take in the steps and ways of a plan, in seconds. */
function durationsSaid(plan: Plan): number[] {
  const words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
  const texts = [...plan.steps, ...plan.keptSame.map(({ how }) => how)]
  return texts.flatMap((text) =>
    [
      ...text.matchAll(/\b(?:for|after|rest for|always)(?: exactly)? (\d+|[a-z]+) (seconds?|minutes?)\b/gi),
    ].flatMap(([, number = '', unit = '']) => {
      const amount = words.indexOf(number.toLowerCase()) + 1 || Number(number)
      return Number.isNaN(amount) ? [] : [amount * (/^min/i.test(unit) ? 60 : 1)]
    }),
  )
}

it.each(starters.map((one) => [one.id, one.plan] as const))(
  '%s takes as long as its own steps say',
  (_id, plan) => {
    const { setUp = 0, run = 0, reset = 0, runAt = {} } = plan.times
    const given = [setUp, run, reset, ...Object.values(runAt)]
    const counting = 'seconds' in plan.recording ? Number(plan.recording.seconds) : 0
    const readAt =
      'minutes' in plan.recording ? (plan.recording.minutes as number[]).map((minute) => minute * 60) : []
    for (const said of durationsSaid(plan))
      expect([said, Math.max(...given, counting) >= said || readAt.includes(said)]).toEqual([said, true])
  },
)
