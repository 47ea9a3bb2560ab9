import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, canPrepareOn, isSchoolDay, usualCalendar, type SchoolCalendar } from '../../calendar'
import { instrumentCupboard } from '../../instrument'
import { examplePlan, material } from '../../testing/examplePlan'
import { kitAmounts } from '../kitAmounts'
import { planTasks, tasksFor } from './tasks'

const monday = '2026-03-09'
const fridayClosed: SchoolCalendar = {
  ...usualCalendar,
  closed: [{ from: '2026-03-06', to: '2026-03-06', name: 'staff day' }],
}
const freeze = { id: 'f', what: 'freeze 12 ice', nights: 1, keeps: null }
const soak = { id: 's', what: 'soak 60 beans', nights: 1, keeps: 0 }

describe('planTasks', () => {
  it('freezes on Sunday where somebody is in at weekends, else on Thursday, kept frozen', () => {
    expect(planTasks([freeze], monday, { ...fridayClosed, weekendHelp: true })[0]).toMatchObject({
      day: '2026-03-08',
      note: '',
    })
    const [task] = planTasks([freeze], monday, fridayClosed)
    expect(task).toMatchObject({ day: '2026-03-05' })
    expect(task!.note).toMatch(/3 days early.*weekend.*Keep it/)
  })

  it('says so when nothing does: beans that are soaked on Thursday are spoilt on Monday', () => {
    const [task] = planTasks([soak], monday, fridayClosed)
    expect(task).toMatchObject({ day: null })
    expect(task!.note).toMatch(/closed \(weekend\).*move the lesson/)
  })

  it('does on the day what takes no night, and goes back over a holiday', () => {
    const holiday = {
      ...usualCalendar,
      closed: [{ from: '2026-04-03', to: '2026-04-17', name: 'spring holiday' }],
    }
    expect(planTasks([{ ...freeze, nights: 0 }], monday, usualCalendar)[0]!.day).toBe(monday)
    expect(planTasks([freeze], '2026-04-20', holiday)[0]!.day).toBe('2026-04-02')
  })

  it('counts days with lessons, and finds the weekday before', () => {
    const tasks = [
      { ...freeze, id: 'ten', nights: 10, due: 'school-days' as const },
      { ...freeze, id: 'friday', nights: 5, due: 'weekday' as const },
      { ...freeze, id: 'monday', nights: 1, due: 'weekday' as const },
    ]
    const days = Object.fromEntries(planTasks(tasks, monday, usualCalendar).map(({ id, day }) => [id, day]))
    // Two weeks of five days before Monday 9 March; the Monday before is a week ago, not today.
    expect(days).toEqual({ ten: '2026-02-23', friday: '2026-03-06', monday: '2026-03-02' })
  })

  it('never begins on another day what the test takes its time from, and says what can be done', () => {
    const clips = { ...freeze, what: 'put the clips 2 days in water', nights: 2, keeps: 0, exact: true }
    expect(planTasks([clips], '2026-03-11', usualCalendar)[0]).toMatchObject({ day: monday, note: '' })
    const [task] = planTasks([clips], monday, usualCalendar)
    expect(task).toMatchObject({ day: null, instead: { day: '2026-03-06', nights: 3 } })
    expect(task!.note).toMatch(
      /closed \(weekend\).*part of the test.*1 day earlier for every group alike.*move the lesson/,
    )
    expect(planTasks([clips], monday, { ...usualCalendar, weekendHelp: true })[0]!.day).toBe('2026-03-07')
  })

  it('gives care over the run its days, and over a weekend a word on who does it', () => {
    const water = { ...freeze, id: 'w', what: 'water the pots', nights: 2, due: 'every' as const }
    const planned = planTasks([water], '2026-03-05', usualCalendar, '2026-03-11')
    expect(planned.map(({ id, day, note }) => [id, day, note === ''])).toEqual([
      ['w-2026-03-05', '2026-03-05', true],
      // Due on Saturday: on Friday enough to last.
      ['w-2026-03-06', '2026-03-06', false],
      ['w-2026-03-09', '2026-03-09', true],
      ['w-2026-03-11', '2026-03-11', true],
    ])
    expect(planned[1]!.note).toMatch(
      /weekend.*enough to last, ask somebody to come in, or begin the test earlier/,
    )
  })

  it('prepares on training days, when teachers are in and children away', () => {
    const training = { ...fridayClosed, closed: [{ ...fridayClosed.closed[0]!, staffIn: true }] }
    expect(planTasks([freeze], monday, training)[0]!.day).toBe('2026-03-06')
    expect(canPrepareOn(training, '2026-03-06')).toBe(true)
    expect(isSchoolDay(training, '2026-03-06')).toBe(false)
  })

  it('lists them by date, what has no day first', () => {
    const days = planTasks(
      [{ ...freeze, id: 'a', nights: 0 }, { ...freeze, id: 'b', nights: 3 }, soak],
      monday,
      fridayClosed,
    )
    expect(days.map((one) => one.id)).toEqual(['s', 'b', 'a'])
  })

  it('never plans on a closed day or after it is due', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 0, max: 30 }),
        fc.option(fc.integer({ min: 0, max: 10 })),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 320 }), fc.integer({ min: 0, max: 9 })), {
          maxLength: 6,
        }),
        (offset, nights, keeps, holidays) => {
          const lesson = addDays('2026-03-01', offset)
          const calendar = {
            ...usualCalendar,
            closed: holidays.map(([from, days]) => ({
              from: addDays('2026-02-01', from),
              to: addDays('2026-02-01', from + days),
              name: 'x',
            })),
          }
          const { day } = planTasks([{ ...freeze, nights, keeps }], lesson, calendar)[0]!
          if (day === null) return
          expect(canPrepareOn(calendar, day)).toBe(true)
          expect(day <= addDays(lesson, -nights)).toBe(true)
          if (keeps !== null) expect(day >= addDays(lesson, -nights - keeps)).toBe(true)
        },
      ),
    )
  })
})

describe('tasksFor', () => {
  it('freezes, soaks, cuts and mixes what the kit asks for, and what the teacher has put down', () => {
    const plan = examplePlan({
      keptSame: [],
      materials: [
        material({ id: 'i', name: 'ice', unit: 'cubes', per: 'level', use: 'used-up' }),
        material({ id: 'b', name: 'mung beans', amount: 5, per: 'level', use: 'used-up' }),
        material({
          id: 'c',
          name: 'card, 12 x 8 cm',
          use: 'used-up',
          made: { kind: 'pieces', width: 12, height: 8, from: 'card, A4', sheetWidth: 21, sheetHeight: 29.7 },
        }),
        material({
          id: 'm',
          name: 'mix',
          unit: 'mL',
          amount: 100,
          use: 'used-up',
          made: { kind: 'solution', of: 'salt', unit: 'g', amount: 1, inMillilitres: 100 },
        }),
      ],
      preparing: [{ id: 'own', what: 'ask for the hall', nights: 5, keeps: null }],
    })
    const lines = kitAmounts(plan, { groups: 2, children: 8, cupboard: instrumentCupboard })
    expect(tasksFor(plan, lines).map((task) => [task.what, task.nights])).toEqual([
      ['freeze 6 cubes of ice', 1],
      ['soak 30 mung beans', 1],
      ['cut 2 cards, 12 x 8 cm', 0],
      ['mix 200 mL mix', 0],
      ['ask for the hall', 5],
    ])
  })
})
