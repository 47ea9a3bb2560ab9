import { connect } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson, classInput, sentEntry } from '../testing/examples'
import { positionOf } from '../testing/collectMessages'
import { describeProblem } from '../errors/logProblem'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

describe('what the log says of a problem', () => {
  it('is what and where, and none of the words that were sent', async () => {
    const words = 'Mia saw\n    at the pond (a frog)'
    const query = app.database.db
      .insert((await import('../database/schema')).notes)
      .values({ id: 'none', lessonId: 'none', kind: 'noticed', text: words, settled: false } as never)
    const failed: unknown = await query.then(
      () => null,
      (error: unknown) => error,
    )
    expect((failed as Error).message).toContain('Mia')
    const line = describeProblem(failed)
    expect(line).not.toMatch(/Mia|pond|frog/)
    expect(line).toMatch(/PostgresError 22P02/)
    expect(line).toMatch(/^ +at /m)
  })

  it('of what is no error at all is that', () => {
    expect(describeProblem('Mia')).toBe('An unknown problem (string)')
  })
})

describe('every answer of data', () => {
  it.each(['/api/classes', '/api/school', '/api/time', '/api/lessons/nowhere', '/api/none'])(
    'is kept by nobody on the way, and taken for nothing else: %s',
    async (path) => {
      const { headers } = await fetch(app.url + path)
      expect(headers.get('cache-control')).toBe('no-store')
      expect(headers.get('x-content-type-options')).toBe('nosniff')
      expect(headers.get('content-security-policy')).toMatch(/default-src 'none'/)
    },
  )
})

it('a body without an end is cut off', async () => {
  const { hostname, port } = new URL(app.url)
  const socket = connect(Number(port), hostname)
  socket.write(
    `POST /api/classes HTTP/1.1\r\nhost: ${hostname}\r\ncontent-type: application/json\r\ntransfer-encoding: chunked\r\n\r\n`,
  )
  const chunk = `10000\r\n${'W'.repeat(0x10000)}\r\n`
  let sent = 0
  const closed = new Promise<boolean>((done) => socket.once('close', () => done(true)))
  socket.on('error', () => {})
  const send = () => {
    while (!socket.destroyed && sent < 200_000_000) {
      sent += chunk.length
      if (!socket.write(chunk)) return void socket.once('drain', send)
    }
  }
  send()
  expect(await closed).toBe(true)
  expect(sent).toBeLessThan(20_000_000)
  expect((await app.call('POST', '/api/classes', classInput({ name: 'After' }))).status).toBe(201)
})

it('a stream that nobody reads is closed, and the others go on', async () => {
  // A lesson holds 2,000 entries; it takes more to fill what waits for a stream.
  const lessons = [await bounceLesson(app)]
  while (lessons.length < 12) lessons.push(await bounceLesson(app))
  const { hostname, port } = new URL(app.url)
  const unread = connect(Number(port), hostname)
  const after = lessons.map(({ lesson }) => positionOf(lesson)).join(',')
  unread.write(`GET /api/events?after=${after} HTTP/1.1\r\nhost: ${hostname}\r\n\r\n`)
  unread.on('error', () => {})
  unread.pause()
  const note = 'W'.repeat(160)
  const many = (lesson: LessonDto, round: number) =>
    Array.from({ length: 200 }, (_, index) => ({
      ...sentEntry(lesson),
      id: crypto.randomUUID(),
      tryNumber: 1 + (index % 3),
      note: `${round} ${note}`.slice(0, 160),
    }))
  const closed = new Promise<boolean>((done) => unread.once('close', () => done(true)))
  let ended = false
  void closed.then(() => (ended = true))
  for (let round = 0; round < 120 && !ended; round++) {
    const { lesson, path } = lessons[round % lessons.length]!
    expect((await app.call('POST', `${path}/entries`, { entries: many(lesson, round) })).status).toBe(200)
    // The end of a connection is seen by whoever reads it.
    if (round > 60) unread.resume()
  }
  expect(await closed).toBe(true)
  expect((await app.call('GET', lessons[0]!.path)).status).toBe(200)
})
