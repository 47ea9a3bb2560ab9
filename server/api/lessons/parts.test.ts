import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ClassDto, LessonDto, LessonSummaryDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const get = async (path: string) => (await app.call<LessonDto>('GET', path)).body

async function split() {
  const made = await bounceLesson(app)
  const [leaf, bell, key] = made.own.groups.map((group) => group.id) as [string, string, string]
  const answer = await app.call<{ id: string }>('POST', `${made.path}/parts`, { groupIds: [key] })
  expect(answer.status).toBe(201)
  return { ...made, leaf, bell, key, part: `/api/lessons/${answer.body.id}` }
}

describe('groups with a test of their own', () => {
  it('leave the first test and have a plan of their own under the same question', async () => {
    const { path, part, leaf, bell, key, lesson } = await split()
    const own = await get(part)
    expect(own.class.groups.map((group) => group.id)).toEqual([key])
    expect((await get(path)).class.groups.map((group) => group.id)).toEqual([leaf, bell])
    expect(own.plan).toEqual(lesson.plan)
    await app.call('PUT', `${part}/plan`, {
      plan: changedPlan(own, { changed: { ...own.plan.changed, name: 'kind of ball' } }),
      version: 0,
    })
    expect((await get(path)).plan.changed.name).toBe('drop height')
    expect((await get(path)).parts.map((one) => [one.changed, one.groups.length])).toEqual([
      ['drop height', 2],
      ['kind of ball', 1],
    ])
    expect(own.wholeId).toBe(lesson.id)
  })

  it('record in their own test only', async () => {
    const { path, part, key, leaf, lesson } = await split()
    const readings = (groupId: string) => ({ entries: [sentEntry(lesson, { groupId })] })
    expect((await app.call('POST', `${part}/entries`, readings(key))).status).toBe(200)
    expect((await app.call('POST', `${part}/entries`, readings(leaf))).status).toBe(400)
    expect((await app.call('POST', `${path}/entries`, readings(key))).status).toBe(400)
    const prediction = { answer: { format: 'direction', direction: 'more' }, because: '' }
    expect((await app.call('PUT', `${path}/predictions/${key}`, prediction)).status).toBe(404)
  })

  it('are counted by themselves in the logbook', async () => {
    const { path, part } = await split()
    const all = (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body
    const line = (address: string) => all.find((one) => address.endsWith(one.id))!
    expect([line(path), line(part)].map((one) => [one.groupNames, one.needed])).toEqual([
      [['Leaf', 'Bell'], 24],
      [['Key'], 12],
    ])
  })

  it('come back when their test is taken off, unless they began another', async () => {
    const { path, part, key, own } = await split()
    await app.call('DELETE', part)
    expect((await get(path)).class.groups).toHaveLength(3)
    await app.call('POST', `${part}/restore`)
    expect((await get(path)).class.groups).toHaveLength(2)
    await app.call('DELETE', part)
    await app.call('POST', `${path}/parts`, { groupIds: [key] })
    expect((await app.call('POST', `${part}/restore`)).status).toBe(409)
    const { id, ...input } = own
    await app.call<ClassDto>('PUT', `/api/classes/${id}`, { ...input, name: 'Renamed' })
    expect((await get(path)).class).toMatchObject({ name: 'Renamed' })
  })

  it('are tested on the day of the whole lesson', async () => {
    const { path, part } = await split()
    await app.call('PATCH', path, { date: '2026-04-01' })
    expect((await get(part)).date).toBe('2026-04-01')
  })

  it('are refused when nobody would stay, when they are busy, and when they are not here', async () => {
    const { path, own, lesson } = await bounceLesson(app)
    const ids = own.groups.map((group) => group.id)
    const ask = (groupIds: unknown) => app.call('POST', `${path}/parts`, { groupIds })
    expect((await ask(ids)).status).toBe(400)
    expect((await ask([])).status).toBe(400)
    expect((await ask([lesson.id])).status).toBe(409)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    expect((await ask([ids[0]])).status).toBe(409)
    expect((await ask([ids[1]])).status).toBe(201)
  })
})

describe('predictions', () => {
  it('are kept apart for each child of a group, without names', async () => {
    const { path, own } = await bounceLesson(app)
    const group = own.groups[0]!.id
    for (const [seat, direction] of [
      [1, 'more'],
      [2, 'less'],
      [2, 'same'],
    ] as const)
      await app.call('PUT', `${path}/predictions/${group}`, {
        seat,
        answer: { format: 'direction', direction },
        because: '',
      })
    expect(
      (await get(path)).predictions.map((one) => [one.seat, (one.answer as { direction: string }).direction]),
    ).toEqual([
      [1, 'more'],
      [2, 'same'],
    ])
  })
})
