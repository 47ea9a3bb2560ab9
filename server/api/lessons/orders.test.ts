import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Plan } from '#core/plan'
import type { Entry } from '#core/entries'
import { scoresOf } from '#core/comparison'
import type { ApiProblem, LessonDto, LessonSummaryDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { changedPlan, classInput, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

/** A lesson of a starter, ready to be tested. */
async function lessonOf(id: string) {
  const own = (await app.call<{ id: string }>('POST', '/api/classes', classInput())).body
  const from = { kind: 'starter', id }
  const made = await app.call<{ id: string }>('POST', '/api/lessons', {
    classId: own.id,
    date: '2026-03-09',
    from,
  })
  const path = `/api/lessons/${made.body.id}`
  await app.call('POST', `${path}/safety`, { initials: 'AB', version: 0 })
  return { lesson: (await app.call<LessonDto>('GET', path)).body, path }
}
const send = (path: string, ...entries: Entry[]) =>
  app.call<ApiProblem & { added: string[] }>('POST', `${path}/entries`, { entries })
const lessonAt = async (path: string) => (await app.call<LessonDto>('GET', path)).body
const typedOf = (typed: string, value: string): Entry['fields'] => ({
  value: { typed, given: 'typed', value },
})
const savePlan = (path: string, lesson: LessonDto, changes: Partial<Plan>) =>
  app.call<ApiProblem>('PUT', `${path}/plan`, {
    plan: changedPlan(lesson, changes),
    version: lesson.planVersion,
  })

describe('a race', () => {
  const heat = (lesson: LessonDto, typed: string, value: string, changes: Partial<Entry> = {}) =>
    sentEntry(lesson, { levelId: null, fields: typedOf(typed, value), ...changes })

  it('keeps an order by its levels, read from its own text, without an instrument, and once only', async () => {
    const { lesson, path } = await lessonOf('wicking-race')
    const one = heat(lesson, 'b a=c d!', 'filter>kitchen=news>writing!')
    expect((await send(path, one)).status).toBe(200)
    expect((await send(path, one)).body).toEqual({ added: [] })
    const { plan, entries } = await lessonAt(path)
    expect(entries).toMatchObject([
      { levelId: null, readWith: null, fields: { value: { value: 'filter>kitchen=news>writing!' } } },
    ])
    expect(scoresOf(plan, entries).map((score) => score.value)).toEqual([2.5, 1, 2.5, Infinity])
  })

  it.each([
    ['an unknown runner', 'b a c e', 'x', /no runner “e”/],
    ['a runner that is missing', 'b a c', 'x', /Where is writing paper/],
    ['a runner twice', 'b a c c d', 'x', /twice/],
    [
      'letters that have come to mean others',
      'a b c d',
      'filter>kitchen>news>writing',
      /levels have changed/,
    ],
  ])('refuses %s and says what to do', async (_, typed, value, words) => {
    const { lesson, path } = await lessonOf('wicking-race')
    const answer = await send(path, heat(lesson, typed, value))
    expect(answer).toMatchObject({
      status: 400,
      body: {
        error: { fields: [{ path: 'entries.0.fields.value', message: expect.stringMatching(words) }] },
      },
    })
    expect((await lessonAt(path)).entries).toEqual([])
  })

  it('does not belong to one level, and keeps the levels that ran', async () => {
    const { lesson, path } = await lessonOf('wicking-race')
    const all = heat(lesson, 'a b c d', 'kitchen>filter>news>writing')
    expect((await send(path, { ...all, levelId: 'kitchen' })).status).toBe(400)
    await send(path, all)
    const fewer = await savePlan(path, lesson, { levels: lesson.plan.levels.slice(0, 3) })
    expect(fewer).toMatchObject({
      status: 409,
      body: { error: { message: expect.stringContaining('has readings already') } },
    })
  })
})

describe('pairs', () => {
  const pair = (lesson: LessonDto, levelId: string, moment: string, typed: string, value: string) =>
    sentEntry(lesson, { levelId, moment, fields: typedOf(typed, value) })

  it('are kept in one place each, whoever comes first in the list', async () => {
    const { lesson, path } = await lessonOf('rock-scratch')
    expect((await send(path, pair(lesson, 'chalk', 'slate', 'B', 'slate'))).status).toBe(200)
    const turned = await send(path, pair(lesson, 'slate', 'chalk', 'B', 'slate'))
    expect(turned).toMatchObject({ status: 400, body: { error: { fields: [{ path: 'entries.0.moment' }] } } })
  })

  it('are of two: none with itself, none with what is not there', async () => {
    const { lesson, path } = await lessonOf('rock-scratch')
    for (const [a, b] of [
      ['chalk', 'chalk'],
      ['chalk', 'marble'],
      ['chalk', ''],
    ] as const)
      expect((await send(path, pair(lesson, a, b, 'A', 'chalk'))).status, `${a} ${b}`).toBe(400)
    expect((await send(path, pair(lesson, 'chalk', 'slate', 'Q', 'q'))).status).toBe(400)
    expect((await lessonAt(path)).entries).toEqual([])
  })

  it('are asked for as many as an order takes, which the logbook goes by', async () => {
    const { lesson, path } = await lessonOf('rock-scratch')
    const listed = async () =>
      (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body.find((one) => one.id === lesson.id)!
    expect(await listed()).toMatchObject({ readings: 0, needed: 3 * 8 })
    // The shorter half: slate below chalk leaves fewer to come.
    for (const [a, b, winner] of [
      ['chalk', 'slate', 'chalk'],
      ['limestone', 'slate', 'slate'],
    ] as const)
      await send(path, pair(lesson, a, b, { chalk: 'A', slate: 'B' }[winner], winner))
    expect(await listed()).toMatchObject({ readings: 2, needed: 3 * 8 - 1 })
  })

  it('hold both of their levels in the plan', async () => {
    const { lesson, path } = await lessonOf('rock-scratch')
    await send(path, pair(lesson, 'chalk', 'sandstone', 'E', 'sandstone'))
    const without = lesson.plan.levels.filter((level) => level.id !== 'sandstone')
    expect((await savePlan(path, lesson, { levels: without })).status).toBe(409)
  })
})

describe('words', () => {
  it('are read from what was typed, by number too, and refused where they are on no scale', async () => {
    const { lesson, path } = await lessonOf('rusting-clips')
    const at = (typed: string, tryNumber = 1) =>
      sentEntry(lesson, { levelId: 'salt', moment: 'day 1', tryNumber, fields: typedOf(typed, 'x') })
    expect((await send(path, at('3'))).status).toBe(200)
    expect((await lessonAt(path)).entries).toMatchObject([
      { readWith: null, fields: { value: { typed: '3', value: 'spotted' } } },
    ])
    expect(await send(path, at('mouldy', 2))).toMatchObject({
      status: 400,
      body: { error: { message: expect.stringContaining('not one of the words') } },
    })
    expect((await send(path, { ...at('3'), moment: 'day 9' })).status).toBe(400)
  })
})

describe('rounds', () => {
  it('keep what was altered beside what was reached', async () => {
    const { lesson, path } = await lessonOf('paper-bridge')
    const one = sentEntry(lesson, { typed: '9: folded the sides', value: 9 })
    expect((await send(path, one)).status).toBe(200)
    expect((await send(path, one)).body).toEqual({ added: [] })
    expect((await lessonAt(path)).entries).toMatchObject([
      { fields: { value: { value: 9 }, altered: { value: 'folded the sides' } } },
    ])
  })
})
