import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { Entry } from '#core/entries'
import type { LessonDto, StreamMessage } from '#shared/types/api'
import type { RunningServer } from '../../scripts/runServer'
import { startServer } from '../support/startServer'
import { classInput, sentEntry } from '../../server/testing/examples'
import { dataFolder } from '../support/dataFolder'
import { schoolAt, type School } from '../support/school'
import { startPostgres, type PostgresServer } from '../support/startPostgres'

// A district runs several programs on one database server, behind whatever spreads the requests.
let postgres: PostgresServer
let servers: RunningServer[] = []
beforeAll(async () => {
  postgres = await startPostgres()
  const environment = { DATABASE_URL: postgres.url }
  servers = await Promise.all([0, 1].map(() => startServer(dataFolder('none'), { environment })))
  await schoolAt(servers[0]!).send('POST', '/api/set-up', { schoolName: 'Tidewick School', teacher: null })
})
afterAll(async () => {
  for (const server of servers) {
    await server.stop()
    server.forget()
  }
  postgres?.stop()
})

async function lessonOn(school: School): Promise<LessonDto> {
  await school.send('POST', '/api/classes', classInput())
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  return school.lesson(id)
}

/** Hears a lesson as a page does, and opens the stream again where it ends. */
function hear(url: string, { id, cursor }: LessonDto) {
  const heard: string[] = []
  const leave = new AbortController()
  let from = cursor
  const listen = async (): Promise<void> => {
    const response = await fetch(`${url}/api/events?after=${id}:${from}`, { signal: leave.signal })
    let text = ''
    for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += new TextDecoder().decode(part, { stream: true })
      const blocks = text.split('\n\n')
      text = blocks.pop()!
      for (const block of blocks) {
        if (!block.startsWith('data: {')) continue
        const message = JSON.parse(block.slice(6)) as StreamMessage
        if ('anew' in message) throw new Error('it was told to begin anew')
        from = message.cursor
        if (message.event.kind === 'entries') heard.push(...message.event.entries.map((entry) => entry.id))
      }
    }
  }
  const listening = listen().catch((error: unknown) => {
    if (!leave.signal.aborted) throw error
  })
  return { heard, stop: () => (leave.abort(), listening) }
}

/** Sends as a Sheet does: what the server fails at is sent again until it is taken. */
async function sendUntilTaken(url: string, lessonId: string, entry: Entry): Promise<void> {
  for (let tries = 0; tries < 60; tries++) {
    const answer = await fetch(`${url}/api/lessons/${lessonId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: [entry] }),
    }).catch(() => null)
    if (answer?.ok) return
    if (answer && answer.status < 500) throw new Error(await answer.text())
    await new Promise((next) => setTimeout(next, 250))
  }
  throw new Error('it was never taken')
}

it('two programs on one database lose nothing and tell everything once, though the database restarts in the middle', async () => {
  const urls = servers.map((server) => server.url)
  const lesson = await lessonOn(schoolAt(servers[0]!))
  const screens = urls.map((url) => hear(url, lesson))
  const sent = Array.from({ length: 80 }, () => sentEntry(lesson, { id: newId() }))
  let taken = 0
  const writing = Promise.all(
    [0, 1, 2, 3].map(async (sheet) => {
      for (let index = sheet; index < sent.length; index += 4) {
        await sendUntilTaken(urls[index % 2]!, lesson.id, sent[index]!)
        taken++
        await new Promise((next) => setTimeout(next, 20))
      }
    }),
  )
  await expect.poll(() => taken).toBeGreaterThan(20)
  postgres.restart()
  await writing
  const ids = sent.map((entry) => entry.id).sort()
  for (const screen of screens) {
    await expect.poll(() => screen.heard.length).toBeGreaterThanOrEqual(sent.length)
    expect([...screen.heard].sort()).toEqual(ids)
    await screen.stop()
  }
  // Both heard them in the order of the events.
  expect(screens[0]!.heard).toEqual(screens[1]!.heard)
  for (const server of servers) {
    const { entries } = await schoolAt(server).lesson(lesson.id)
    expect(entries.map((entry) => entry.id).sort()).toEqual(ids)
  }
})

it('what one program is told of a plan holds for what the other is sent next', async () => {
  const [one, other] = servers.map(schoolAt) as [School, School]
  const lesson = await lessonOn(one)
  const [gone, ...levels] = lesson.plan.levels
  const read = (school: School, levelId: string) => school.record(lesson.id, sentEntry(lesson, { levelId }))
  await read(other, levels[0]!.id)
  await one.changePlan(lesson.id, () => ({ levels }))
  await expect(read(other, gone!.id)).rejects.toThrow(/level/)
  await read(other, levels[0]!.id)
})
