// @module-tag postgres: events go by NOTIFY, not inside the program
import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { LessonDto, StreamMessage } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../testing/examples'
import { collectMessages, positionOf } from '../testing/collectMessages'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const eventsIn = (messages: StreamMessage[]) => messages.flatMap((one) => ('event' in one ? [one.event] : []))
const fetched = async (path: string) => (await app.call<LessonDto>('GET', path)).body

describe('the live stream', () => {
  it('brings every change as it happens, in order', async () => {
    const { lesson, path } = await bounceLesson(app)
    const heard = collectMessages(app, [positionOf(lesson)], 3)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    await app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, { tries: 4 }), version: 0 })
    await app.call('PATCH', path, { stage: 'test' })
    expect(eventsIn(await heard).map((event) => [event.seq, event.kind])).toEqual([
      [lesson.seq + 1, 'entries'],
      [lesson.seq + 2, 'plan'],
      [lesson.seq + 3, 'lesson'],
    ])
    expect((await heard).at(-1)).toMatchObject({ lessonId: lesson.id, cursor: (await fetched(path)).cursor })
  })

  it('catches a screen up on what it missed, once, from wherever it was', async () => {
    const { lesson, path } = await bounceLesson(app)
    const cursors: string[] = []
    for (const tryNumber of [1, 2, 3]) {
      await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson, { tryNumber })] })
      cursors.push((await fetched(path)).cursor)
    }
    for (const [from, missed] of [lesson.cursor, ...cursors.slice(0, 2)].entries())
      expect(
        eventsIn(
          await collectMessages(
            app,
            [positionOf({ id: lesson.id, cursor: [lesson.cursor, ...cursors][from]! })],
            3 - from,
          ),
        ).map((event) => event.seq),
        missed,
      ).toEqual([1, 2, 3].slice(from).map((number) => lesson.seq + number))
  })

  it('carries all lessons that a browser has open', async () => {
    const [one, other] = [await bounceLesson(app), await bounceLesson(app)]
    const heard = collectMessages(app, [positionOf(one.lesson), positionOf(other.lesson)], 2)
    for (const { lesson, path } of [one, other])
      await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    expect((await heard).map(({ lessonId }) => lessonId).sort()).toEqual(
      [one.lesson.id, other.lesson.id].sort(),
    )
  })

  it('tells every open lesson of a class that its groups changed', async () => {
    const { own, lesson } = await bounceLesson(app)
    const heard = collectMessages(app, [positionOf(lesson)], 1)
    const { id, ...input } = own
    await app.call('PUT', `/api/classes/${id}`, { ...input, name: 'Renamed' })
    expect(eventsIn(await heard)[0]).toMatchObject({ kind: 'class', class: { name: 'Renamed', children: 0 } })
  })

  it('says nothing of a repeated send', async () => {
    const { lesson, path } = await bounceLesson(app)
    const reading = sentEntry(lesson)
    for (let time = 0; time < 3; time++) await app.call('POST', `${path}/entries`, { entries: [reading] })
    await app.call('PATCH', path, { stage: 'test' })
    expect(eventsIn(await collectMessages(app, [positionOf(lesson)], 2)).map((event) => event.kind)).toEqual([
      'entries',
      'lesson',
    ])
  })

  it('tells its screens that a lesson was taken off, and that it is back', async () => {
    const { lesson, path } = await bounceLesson(app)
    const heard = collectMessages(app, [positionOf(lesson)], 2)
    await app.call('DELETE', path)
    await app.call('POST', `${path}/restore`)
    expect(eventsIn(await heard)).toMatchObject([
      { kind: 'removed', removed: true },
      { kind: 'removed', removed: false },
    ])
  })

  it('brings the date and the stage as they end up, however they are changed at once', async () => {
    const { lesson, path } = await bounceLesson(app)
    const rounds = 12
    const heard = collectMessages(app, [positionOf(lesson)], 2 * rounds)
    for (let round = 0; round < rounds; round++)
      await Promise.all([
        app.call('PATCH', path, { date: `2026-03-${10 + round}` }),
        app.call('PATCH', path, { stage: round % 2 ? 'test' : 'plan' }),
      ])
    const { date, stage } = await fetched(path)
    expect(eventsIn(await heard).at(-1)).toMatchObject({ kind: 'lesson', date, stage })
  })
})

describe('a screen fetches the lesson anew', () => {
  const anew = async (id: string, cursor: string) =>
    expect(await collectMessages(app, [positionOf({ id, cursor })], 1)).toEqual([
      { lessonId: id, anew: cursor },
    ])

  it('when it is ahead of a restored backup', async () => {
    const { lesson } = await bounceLesson(app)
    await anew(lesson.id, `${lesson.seq + 3}.${Date.now()}000`)
  })

  it('when a restored backup has gone on by other events since', async () => {
    const { lesson, path } = await bounceLesson(app)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    const { cursor } = await fetched(path)
    await app.call('PATCH', path, { stage: 'test' })
    await app.database.db.execute(
      sql`update events set made_at = made_at + interval '1 second' where lesson_id = ${lesson.id} and seq = ${lesson.seq + 1}`,
    )
    await anew(lesson.id, cursor)
  })

  it('when it is far behind', async () => {
    const { lesson } = await bounceLesson(app)
    await app.database.db.execute(sql`update lessons set seq = seq + 600 where id = ${lesson.id}`)
    await anew(lesson.id, lesson.cursor)
  })

  it('when the lesson is not there', () => anew(newId(), '3.1773043200000000'))
})

it.each([
  '',
  'x',
  `${newId()}`,
  `${newId()}:x`,
  `${newId()}:1.2,`,
  Array(51).fill(`${newId()}:0.0`).join(','),
])('a stream from “%s” is refused', async (after) => {
  const answer = await app.call<{ error: { code: string } }>('GET', `/api/events?after=${after}`)
  expect([answer.status, answer.body.error.code]).toEqual([400, 'invalid'])
})
