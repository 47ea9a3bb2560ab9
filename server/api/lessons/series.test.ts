import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Entry } from '#core/entries'
import type { ApiProblem, LessonDto, LessonSummaryDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

/** The bounce lesson read at 0, 5 and 10 minutes. */
async function rowLesson() {
  const { lesson, path } = await bounceLesson(app)
  const plan = changedPlan(lesson, {
    recording: { kind: 'intervals', minutes: [0, 5, 10], score: 'gained' },
  })
  await app.call('PUT', `${path}/plan`, { plan, version: 0 })
  await app.call('POST', `${path}/safety`, { initials: 'AB', version: 1 })
  return { lesson: (await app.call<LessonDto>('GET', path)).body, path }
}
const send = (path: string, ...entries: Entry[]) =>
  app.call<ApiProblem & { added: string[] }>('POST', `${path}/entries`, { entries })

describe('readings over time', () => {
  it('keep the time at which they were read, worked out from their own text', async () => {
    const { lesson, path } = await rowLesson()
    const late = sentEntry(lesson, { moment: '5 min', typed: '13 @ 6:30', value: 99 })
    expect((await send(path, late)).status).toBe(200)
    expect((await send(path, late)).body).toEqual({ added: [] })
    // As a Sheet sends it, with the time as a field of its own; a lost answer makes it send again.
    const { value: number } = sentEntry(lesson, { value: 14 }).fields
    const onTime = sentEntry(lesson, {
      moment: '10 min',
      fields: { value: number!, at: { typed: '10:05', given: 'typed', value: 10 + 5 / 60 } },
    })
    expect((await send(path, onTime)).body).toEqual({ added: [onTime.id] })
    expect((await send(path, onTime)).body).toEqual({ added: [] })
    const other = {
      ...onTime,
      fields: { ...onTime.fields, at: { typed: '9:05', given: 'typed' as const, value: 9 } },
    }
    expect((await send(path, other)).status).toBe(409)
    const { entries } = (await app.call<LessonDto>('GET', path)).body
    expect(entries).toMatchObject([
      { moment: '5 min', fields: { value: { value: 13 }, at: { typed: '6:30', value: 6.5 } } },
      { moment: '10 min' },
    ])
  })

  it('are refused at moments that the plan does not have, and before nought', async () => {
    const { lesson, path } = await rowLesson()
    for (const moment of ['', '7 min', 'day 1'])
      expect((await send(path, sentEntry(lesson, { moment }))).status).toBe(400)
    const wrong = await send(path, sentEntry(lesson, { moment: '5 min', typed: '13 @ -2', value: 13 }))
    expect(wrong.status).toBe(400)
    expect(wrong.body.error.fields[0]!.path).toBe('entries.0.fields.at')
  })

  it('take a start, which is no reading', async () => {
    const { lesson, path } = await rowLesson()
    const at = '2026-03-09T10:15:00.000Z'
    const start = sentEntry(lesson, {
      moment: 'start',
      fields: { at: { typed: at, given: 'typed', value: at } },
    })
    expect((await send(path, start)).status).toBe(200)
    expect((await send(path, sentEntry(lesson, { moment: 'start' }))).status).toBe(400)
    const listed = (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body
    expect(listed.find((one) => path.endsWith(one.id))).toMatchObject({ readings: 0, dueToday: null })
  })

  it('keep the times that were read: a plan cannot lose them', async () => {
    const { lesson, path } = await rowLesson()
    await send(path, sentEntry(lesson, { moment: '10 min' }))
    const shorter = changedPlan(lesson, {
      recording: { kind: 'intervals', minutes: [0, 5], score: 'gained' },
    })
    const refused = await app.call<ApiProblem>('PUT', `${path}/plan`, { plan: shorter, version: 1 })
    expect(refused.status).toBe(409)
    expect(refused.body.error.message).toMatch(/“10 min”.*Set them aside first/)
    const longer = changedPlan(lesson, {
      recording: { kind: 'intervals', minutes: [0, 5, 10, 20], score: 'end' },
    })
    expect((await app.call('PUT', `${path}/plan`, { plan: longer, version: 1 })).status).toBe(200)
  })

  it('say what is due today', async () => {
    const { lesson, path } = await rowLesson()
    const daily = changedPlan(lesson, { recording: { kind: 'daily', days: 60, score: 'gained' } })
    await app.call('PUT', `${path}/plan`, { plan: daily, version: 1 })
    const due = async () =>
      (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body.find((one) => path.endsWith(one.id))!
        .dueToday
    // Sixty school days after March 2026 are over; the lesson has nothing due but is still read by the day.
    expect(await due()).toBe(0)
  })

  it('says what time it is', async () => {
    const before = Date.now()
    const { now } = (await app.call<{ now: number }>('GET', '/api/time')).body
    expect(now).toBeGreaterThanOrEqual(before)
    expect(now).toBeLessThanOrEqual(Date.now())
  })
})
