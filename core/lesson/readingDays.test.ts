import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isSchoolDay, usualCalendar } from '../calendar'
import type { Recording } from '../plan'
import { dayOfMoment, wayOf } from '../recording'
import { kindsPlan } from '../testing/examplePlan'
import { checkFits, testingParts } from '../timetable'
import { instrumentCupboard } from '../instrument'
import { isTestingOver, readingDays } from '.'

const monday = '2026-03-09'
const plan = (recording: Recording) =>
  kindsPlan(['sill', 'cupboard', 'shelf'], { recording, tries: 1, practiceTries: 0 })
const weekly = plan({ kind: 'daily', days: 4, every: 7, score: 'end' })
const later = plan({
  ...{ kind: 'before-after', moments: ['dry', 'wet', 'after two days'], stand: 'in-turn', later: 2 },
  ...{ container: 'none', change: 'lost', compare: 'amount' },
})
const context = { age: '7-9', groups: 2, lessonMinutes: 45, cupboard: instrumentCupboard } as const

describe('the days of a lesson', () => {
  it('are a week apart where it is read weekly, beyond the week of a term', () => {
    expect(readingDays(weekly, usualCalendar, monday)).toEqual([
      monday,
      '2026-03-16',
      '2026-03-23',
      '2026-03-30',
    ])
    const moments = ['day 1', 'day 8', 'day 15', 'day 22']
    expect(
      wayOf(weekly)
        .columns(weekly)
        .map((column) => column.moment),
    ).toEqual(moments)
    const days = readingDays(weekly, usualCalendar, monday)
    expect(moments.map((moment) => dayOfMoment(weekly, days, moment))).toEqual(days)
    expect(dayOfMoment(weekly, days, 'day 2')).toBeNull()
  })

  it('give way to the next school day where theirs is closed, and never fall together', () => {
    const closed = { from: '2026-03-14', to: '2026-03-25', name: 'holidays' }
    const calendar = { ...usualCalendar, closed: [closed] }
    expect(readingDays(weekly, calendar, monday)).toEqual([monday, '2026-03-26', '2026-03-27', '2026-03-30'])
  })

  it('are two where something is read again on another day', () => {
    const days = readingDays(later, usualCalendar, '2026-03-05')
    // Two days after a Thursday is a Saturday.
    expect(days).toEqual(['2026-03-05', '2026-03-09'])
    const due = (today: string) => wayOf(later).momentsDue(later, days, today)
    expect(due('2026-03-05')).toEqual(expect.arrayContaining(['dry', 'wet']))
    expect(due('2026-03-05')).not.toContain('after two days')
    expect(due('2026-03-09')).toEqual(['after two days'])
    expect(due('2026-03-06')).toEqual([])
    const told = { plan: later, date: '2026-03-05', finishedAt: null, clock: null }
    expect(isTestingOver(told, usualCalendar, '2026-03-08')).toBe(false)
    expect(isTestingOver(told, usualCalendar, '2026-03-10')).toBe(true)
  })

  it('are school days, as many as are read and as far apart as is said at the least', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 20 }),
        fc.integer({ min: 2, max: 31 }),
        fc.integer({ min: 0, max: 400 }),
        (count, every, from) => {
          const days = readingDays(
            plan({ kind: 'daily', days: count, every, score: 'end' }),
            usualCalendar,
            addDays(monday, from),
          )
          expect(days).toHaveLength(count)
          expect(days.every((day) => isSchoolDay(usualCalendar, day))).toBe(true)
          for (const [at, day] of days.slice(1).entries()) {
            expect(day > days[at]!).toBe(true)
            expect(daysBetween(days[0]!, day)).toBeGreaterThanOrEqual((at + 1) * every)
          }
        },
      ),
    )
  })
})

describe('a test that goes on on another day', () => {
  it('has a lesson for each of its two dates: setting up and reading, then reading again and clearing away', () => {
    const [first, second] = testingParts(later, context)
    expect(first!.groups[0]!.map((act) => `${act.kind} ${act.moment}`)).toEqual([
      ...Array(3)
        .fill(0)
        .flatMap(() => ['set-up dry', 'read dry']),
      ...Array(3).fill('read wet'),
    ])
    expect(second!.groups[0]!.map((act) => `${act.kind} ${act.moment}`)).toEqual([
      ...Array(3).fill('read after two days'),
      ...Array(3).fill('reset after two days'),
    ])
    expect(checkFits(later, context).lessons.map((steps) => steps.map((step) => step.id))).toEqual([
      ['talk', 'predict', 'handOut', 'test', 'clear'],
      ['talk', 'handOut', 'test', 'clear', 'share'],
    ])
  })

  it('takes fetching and, where it is watered, watering on each later day', () => {
    const daily = plan({ kind: 'daily', days: 10, score: 'end' })
    const dry = { ...daily, steps: ['Measure the tallest sprout.'] }
    const watered = { ...daily, steps: ['Water each morning.'] }
    // Three readings of 8 s with a stick for each, after two minutes of fetching.
    expect(checkFits(dry, context).besides).toBe(
      'On each of the 9 school days after, fetching and reading take about 2 minutes.',
    )
    expect(checkFits(watered, context).besides).toBe(
      'On each of the 9 school days after, fetching, watering and reading take about 3 minutes.',
    )
    expect(checkFits(weekly, context).besides).toMatch(/^On each of the 3 later days, /)
  })
})
