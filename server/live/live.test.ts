import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { LessonEvent } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

/** Reads a live stream until it has brought so many events, then leaves it. */
async function listen(
  path: string,
  count: number,
  headers: Record<string, string> = {},
): Promise<LessonEvent[]> {
  const leave = new AbortController()
  const response = await fetch(`${app.url}${path}`, { headers, signal: leave.signal })
  const events: LessonEvent[] = []
  let text = ''
  for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += new TextDecoder().decode(part, { stream: true })
    const blocks = text.split('\n\n')
    text = blocks.pop()!
    for (const block of blocks) {
      const data = /^data: (\{.*)$/m.exec(block)?.[1]
      if (data) events.push(JSON.parse(data) as LessonEvent)
    }
    if (events.length >= count) break
  }
  leave.abort()
  return events
}

describe('the live stream of a lesson', () => {
  it('brings every change as it happens, in order', async () => {
    const { lesson, path } = await bounceLesson(app)
    const heard = listen(`${path}/events?after=${lesson.seq}`, 3)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    await app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, { tries: 4 }), version: 0 })
    await app.call('PATCH', path, { stage: 'test' })
    expect((await heard).map((event) => [event.seq, event.kind])).toEqual([
      [lesson.seq + 1, 'entries'],
      [lesson.seq + 2, 'plan'],
      [lesson.seq + 3, 'lesson'],
    ])
  })

  it('catches a screen up on what it missed, once', async () => {
    const { lesson, path } = await bounceLesson(app)
    for (const tryNumber of [1, 2, 3])
      await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson, { tryNumber })] })
    expect((await listen(`${path}/events?after=${lesson.seq + 1}`, 2)).map((event) => event.seq)).toEqual([
      lesson.seq + 2,
      lesson.seq + 3,
    ])
    expect(
      (await listen(`${path}/events?after=0`, 1, { 'last-event-id': String(lesson.seq + 2) })).map(
        (event) => event.seq,
      ),
    ).toEqual([lesson.seq + 3])
  })

  it('tells every open lesson of a class that its groups changed', async () => {
    const { own, lesson, path } = await bounceLesson(app)
    const heard = listen(`${path}/events?after=${lesson.seq}`, 1)
    const { id, ...input } = own
    await app.call('PUT', `/api/classes/${id}`, { ...input, name: 'Renamed' })
    expect((await heard)[0]).toMatchObject({ kind: 'class', class: { name: 'Renamed', children: 0 } })
  })

  it('says nothing of a repeated send', async () => {
    const { lesson, path } = await bounceLesson(app)
    const reading = sentEntry(lesson)
    for (let time = 0; time < 3; time++) await app.call('POST', `${path}/entries`, { entries: [reading] })
    await app.call('PATCH', path, { stage: 'test' })
    expect((await listen(`${path}/events?after=${lesson.seq}`, 2)).map((event) => event.kind)).toEqual([
      'entries',
      'lesson',
    ])
  })
})
