// @module-tag postgres: of two acts on one version, the database decides which counts
import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { ClockDto, LessonDto, LessonSummaryDto } from '#shared/types/api'
import { useDatabase } from '../../database/client'
import { pressClock } from '../../queries/clock'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

type Pressed = ClockDto & { done: boolean }
const press = (path: string, act: object, version: number) =>
  app.call<Pressed>('POST', `${path}/clock`, { act, version })

it('starts with the steps of the plan, once, however many press', async () => {
  const { path } = await bounceLesson(app)
  const before = Date.now()
  const both = await Promise.all([press(path, { kind: 'start' }, 0), press(path, { kind: 'start' }, 0)])
  expect(both.map(({ status, body }) => [status, body.clockVersion])).toEqual([
    [200, 1],
    [200, 1],
  ])
  expect(both.map(({ body }) => body.done).sort()).toEqual([false, true])
  const { clock, clockVersion } = (await app.call<LessonDto>('GET', path)).body
  expect(clockVersion).toBe(1)
  expect(clock!.steps.map((step) => step.name)).toEqual([
    'Talk',
    'Predict',
    'Hand out',
    'Test',
    'Clear away',
    'Share',
  ])
  expect(clock!.from).toBeGreaterThanOrEqual(before)
  expect(clock!.from).toBeLessThanOrEqual(Date.now())
})

it('does not do what was pressed for an earlier moment, and tells how the clock goes now', async () => {
  const { path } = await bounceLesson(app)
  await press(path, { kind: 'start' }, 0)
  expect((await press(path, { kind: 'next' }, 1)).body).toMatchObject({ done: true, clock: { at: 1 } })
  expect((await press(path, { kind: 'next' }, 1)).body).toMatchObject({
    done: false,
    clock: { at: 1 },
    clockVersion: 2,
  })
})

it('starts all stopwatches at a moment a few seconds ahead', async () => {
  const { path } = await bounceLesson(app)
  await press(path, { kind: 'start' }, 0)
  const before = Date.now()
  const { body } = await press(path, { kind: 'race' }, 1)
  expect(body.clock!.raceAt!).toBeGreaterThan(before + 2000)
  expect(body.clock!.raceAt!).toBeLessThan(Date.now() + 6000)
})

it('is one for a lesson and its parts', async () => {
  const { path, lesson } = await bounceLesson(app)
  const { body: part } = await app.call<{ id: string }>('POST', `${path}/parts`, {
    groupIds: [lesson.class.groups[0]!.id],
  })
  await press(`/api/lessons/${part.id}`, { kind: 'start' }, 0)
  for (const one of [path, `/api/lessons/${part.id}`])
    expect((await app.call<LessonDto>('GET', one)).body).toMatchObject({ clockVersion: 1, clock: { at: 0 } })
})

it('starts in a part whose whole was taken off the logbook', async () => {
  const { path, lesson } = await bounceLesson(app)
  const { body: part } = await app.call<{ id: string }>('POST', `${path}/parts`, {
    groupIds: [lesson.class.groups[0]!.id],
  })
  await app.call('DELETE', path)
  expect(await press(`/api/lessons/${part.id}`, { kind: 'start' }, 0)).toMatchObject({
    status: 200,
    body: { clockVersion: 1, clock: { at: 0 } },
  })
})

it('keeps what really happened, for the logbook and for the next plan of the same', async () => {
  const on = await bounceLesson(app)
  await press(on.path, { kind: 'start' }, 0)
  for (let version = 1; version <= 6; version++) await press(on.path, { kind: 'next' }, version)
  const { body: all } = await app.call<LessonSummaryDto[]>('GET', '/api/lessons')
  expect(all.find((one) => one.id === on.lesson.id)!.took).toMatch(/^Planned \d+ min, took 0: /)
  // Nothing was done in no time, so that nothing was learnt; said times are kept.
  const plan = changedPlan((await app.call<LessonDto>('GET', on.path)).body, {
    times: { handOut: 7, lesson: 60 },
  })
  await app.call('PUT', `${on.path}/plan`, { plan, version: 0 })
  const again = await app.call<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: on.own.id, date: '2026-03-16', from: { kind: 'lesson', id: on.lesson.id } },
  })
  const { body: next } = await app.call<LessonDto>('GET', `/api/lessons/${again.body.id}`)
  expect(next.plan.times).toEqual({ handOut: 7, lesson: 60 })
  expect(next.clock).toBeNull()
})

it('begins the next lesson of the same with what this one took', async () => {
  const on = await bounceLesson(app)
  const begin = Date.parse('2026-03-09T10:00:00Z')
  // Handing out takes nine minutes, everything else two.
  const minutes = [0, 2, 4, 13, 15, 17, 19]
  for (const [version, minute] of minutes.entries())
    await pressClock(
      useDatabase(),
      on.lesson.id,
      { act: { kind: version === 0 ? 'start' : 'next' }, version },
      begin + minute * 60_000,
    )
  const again = await app.call<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: on.own.id, date: '2026-03-16', from: { kind: 'starter', id: 'ball-bounce' } },
  })
  const { body: next } = await app.call<LessonDto>('GET', `/api/lessons/${again.body.id}`)
  expect(next.plan.times).toEqual({
    ...on.lesson.plan.times,
    ...{ talk: 2, predict: 2, handOut: 9, clear: 2, share: 2 },
  })
})

it.each([
  [{ act: { kind: 'jump' }, version: 0 }, 400],
  [{ act: { kind: 'more', seconds: 0 }, version: 0 }, 400],
  [{ act: { kind: 'more', seconds: 1e9 }, version: 0 }, 400],
  [{ act: { kind: 'end', how: 'over' }, version: 0 }, 400],
  [{ act: { kind: 'start' } }, 400],
  [{ act: { kind: 'next' }, version: 0 }, 200],
])('takes %j with an answer of %i', async (body, status) => {
  const { path } = await bounceLesson(app)
  const answer = await app.call<Pressed>('POST', `${path}/clock`, body)
  expect(answer.status).toBe(status)
  // A clock that nobody has started has no next step.
  if (status === 200) expect(answer.body).toEqual({ clock: null, clockVersion: 0, done: false })
})

it('is not there for a lesson that is not, or that was put away', async () => {
  const { path } = await bounceLesson(app)
  await app.call('DELETE', path)
  expect((await press(path, { kind: 'start' }, 0)).status).toBe(404)
  expect((await app.call('PUT', `${path}/absent`, { absent: [] })).status).toBe(404)
  expect((await press(`/api/lessons/${newId()}`, { kind: 'start' }, 0)).status).toBe(404)
})
