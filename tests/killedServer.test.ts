import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { ClassDto, LessonDto } from '#shared/types/api'
import { confirmCautions } from './support/browser'
import { dataFolder, startServer, type RunningServer } from '../scripts/runServer'

let server: RunningServer
beforeAll(async () => (server = await startServer(await dataFolder(true))))
afterAll(async () => {
  await server.stop()
  server.forget()
})

it('a server killed in the middle of saving has every reading that it said it had', async () => {
  const own = ((await (await fetch(`${server.url}/api/classes`)).json()) as ClassDto[])[0]!
  const post = (path: string, body: unknown) =>
    fetch(server.url + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  const { id } = (await (
    await post('/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from: { kind: 'starter', id: 'ball-bounce' },
    })
  ).json()) as { id: string }
  await confirmCautions(server.url, id)
  const slots = own.groups.flatMap((group) =>
    ['h25', 'h50', 'h75', 'h100'].flatMap((levelId) =>
      [1, 2, 3].map((tryNumber) => ({ groupId: group.id, levelId, tryNumber })),
    ),
  )
  const acknowledged: string[] = []
  const sending = slots.map(async (slot, index) => {
    await new Promise((next) => setTimeout(next, index * 8))
    const readingId = newId()
    const entry = {
      ...slot,
      id: readingId,
      moment: '',
      fields: { value: { typed: '10', given: 'typed', value: 10 } },
      note: '',
      readWith: null,
      status: 'counted',
      reason: '',
      source: 'sheet',
      takenAt: new Date().toISOString(),
      supersedes: null,
    }
    const answer = await post(`/api/lessons/${id}/entries`, { entries: [entry] }).catch(() => null)
    if (answer?.ok) acknowledged.push(readingId)
  })
  await expect.poll(() => acknowledged.length, { interval: 5, timeout: 20_000 }).toBeGreaterThan(8)
  await server.stop('SIGKILL')
  await Promise.all(sending)
  expect(acknowledged.length).toBeLessThan(slots.length)
  server = await startServer(server.folder)
  const kept = new Set(
    ((await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto).entries.map(
      (one) => one.id,
    ),
  )
  expect(acknowledged.filter((one) => !kept.has(one))).toEqual([])
})

it('stops cleanly when asked to', async () => {
  expect(await server.stop('SIGTERM')).toBe(0)
  expect(server.output()).not.toMatch(/error/i)
  server = await startServer(server.folder)
})
