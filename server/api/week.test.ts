import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ClassDto, LessonDto, WeekDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { changedPlan, classInput } from '../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const monday = '2031-03-10'
const week = async (day = monday) => (await app.call<WeekDto>('GET', `/api/week/${day}`)).body

async function lesson(date: string, starter: string) {
  const own = (await app.call<ClassDto>('POST', '/api/classes', classInput())).body
  const made = await app.call<{ id: string }>('POST', '/api/lessons', {
    classId: own.id,
    date,
    from: { kind: 'starter', id: starter },
  })
  return `/api/lessons/${made.body.id}`
}

describe('the week', () => {
  it('says what each lesson still needs, what is short and what is done', async () => {
    const path = await lesson('2031-03-13', 'bean-sprouts')
    const id = path.split('/').at(-1)
    const found = async () => (await week()).lessons.find((one) => one.reservation.lessonId === id)!
    expect((await found()).tasks.map((task) => [task.day, task.what])).toContainEqual([
      '2031-03-12',
      'soak 54 mung beans',
    ])
    expect(await found()).toMatchObject({ confirmed: false, countedBack: false, short: [] })
    await app.call('PUT', `${path}/ticks`, {
      ticks: [{ materialId: 'ahead-beans', place: 'shared', amount: 1 }],
    })
    expect((await found()).tasks.map((task) => task.id)).not.toContain('ahead-beans')
  })

  it('keeps what two lessons of a day want from being promised twice', async () => {
    const paths = [await lesson('2031-03-20', 'paper-towels'), await lesson('2031-03-20', 'paper-towels')]
    const [first, second] = paths.map((path) => path.split('/').at(-1))
    const all = await week('2031-03-17')
    const short = (id: string | undefined) =>
      all.lessons.find((one) => one.reservation.lessonId === id)!.short
    // Three balances for two classes of three groups.
    expect(short(first)).not.toContain('3 balances short')
    expect(short(second)).toContain('3 balances short')
  })

  it('leaves out what is past, and refuses what is no day', async () => {
    const path = await lesson('2031-01-06', 'ball-bounce')
    expect((await week()).lessons.map((one) => one.reservation.lessonId)).not.toContain(
      path.split('/').at(-1),
    )
    for (const day of ['2031-02-30', 'monday'])
      expect((await app.call('GET', `/api/week/${day}`)).status).toBe(400)
  })

  it('gives the dated list as a calendar file', async () => {
    const path = await lesson('2031-03-27', 'bean-sprouts')
    const own = (await app.call<LessonDto>('GET', path)).body
    await app.call('PUT', `${path}/plan`, {
      plan: changedPlan(own, { preparing: [{ id: 'p', what: 'ask; for, soil', nights: 1, keeps: null }] }),
      version: 0,
    })
    const answer = await fetch(`${app.url}${path}/preparing.ics`)
    expect(answer.headers.get('content-type')).toContain('text/calendar')
    const text = await answer.text()
    expect(text).toContain('SUMMARY:soak 54 mung beans')
    expect(text).toContain('SUMMARY:ask\\; for\\, soil')
    expect(text).toContain('DTSTART;VALUE=DATE:20310326')
    // Ten school days of reading from Thursday on: the lesson, then nine more without the weekends.
    expect(text.match(/SUMMARY:Read: /g)).toHaveLength(9)
    expect(text).toContain('DTSTART;VALUE=DATE:20310328')
    expect(text).not.toContain('DTSTART;VALUE=DATE:20310329')
    expect(text).toContain('DTSTART;VALUE=DATE:20310409')
  })
})
