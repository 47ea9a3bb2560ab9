import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  addDays,
  canPrepareOn,
  closedReason,
  daysBetween,
  isDay,
  isSchoolDay,
  preparingDayBy,
  saysStaffIn,
  schoolDays,
  usualCalendar,
  weekday,
  type SchoolCalendar,
} from '.'

const spring: SchoolCalendar = {
  ...usualCalendar,
  closed: [{ from: '2026-04-03', to: '2026-04-17', name: 'spring holiday' }],
}

describe('days', () => {
  it('count over months, leap years and the change of the clocks', () => {
    expect(addDays('2026-02-27', 2)).toBe('2026-03-01')
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29')
    expect(addDays('2026-03-29', 1)).toBe('2026-03-30')
    expect(addDays('2026-10-25', -1)).toBe('2026-10-24')
    expect(daysBetween('2026-03-27', '2026-03-30')).toBe(3)
    expect(weekday('2026-03-09')).toBe(1)
  })

  it.each(['2026-02-30', '2026-3-9', '', '9 March', '2026-13-01'])('%j is no day', (text) => {
    expect(isDay(text)).toBe(false)
  })
})

describe('the school calendar', () => {
  it('says why the school is closed', () => {
    expect(closedReason(spring, '2026-04-06')).toBe('spring holiday')
    expect(closedReason(spring, '2026-03-08')).toBe('weekend')
    expect(closedReason(spring, '2026-03-09')).toBeNull()
    expect(closedReason({ ...spring, closed: [{ ...spring.closed[0]!, name: '' }] }, '2026-04-06')).toBe(
      'closed',
    )
  })

  it('lets somebody prepare at weekends where the school says so, and never in the holidays', () => {
    const helped = { ...spring, weekendHelp: true }
    expect(canPrepareOn(helped, '2026-03-08')).toBe(true)
    expect(canPrepareOn(spring, '2026-03-08')).toBe(false)
    expect(canPrepareOn(helped, '2026-04-11')).toBe(false)
  })

  it('finds the day before a holiday, and none where there is none', () => {
    expect(preparingDayBy(spring, '2026-04-17')).toBe('2026-04-02')
    expect(
      preparingDayBy(
        { ...spring, closed: [{ from: '2020-01-01', to: '2030-01-01', name: '' }] },
        '2026-04-17',
      ),
    ).toBeNull()
  })

  it('skips weekends and holidays', () => {
    expect(schoolDays(spring, '2026-04-01', 4)).toEqual([
      '2026-04-01',
      '2026-04-02',
      '2026-04-20',
      '2026-04-21',
    ])
    expect(schoolDays(usualCalendar, '2026-03-07', 1)).toEqual(['2026-03-09'])
  })

  it('gives only school days, in order, as many as asked for', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 700 }), fc.integer({ min: 1, max: 40 }), (offset, count) => {
        const days = schoolDays(spring, addDays('2026-01-01', offset), count)
        expect(days).toHaveLength(count)
        expect(days.every((day) => isSchoolDay(spring, day))).toBe(true)
        expect([...days].sort()).toEqual(days)
      }),
    )
  })
})

it.each([
  ['Staff training day', true],
  ['INSET', true],
  ['Teacher work day', true],
  ['spring holiday', false],
  ['staff holiday', false],
  ['', false],
])('“%s” says that teachers are in: %s', (name, staffIn) => expect(saysStaffIn(name)).toBe(staffIn))
