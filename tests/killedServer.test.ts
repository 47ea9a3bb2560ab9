import { afterEach, beforeEach, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { ClassDto, LessonDto } from '#shared/types/api'
import { confirmCautions, lessonFrom } from './support/browser'
import { startServer, type RunningServer } from '../scripts/runServer'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
beforeEach(async () => (server = await startServer(dataFolder('demo'))))
afterEach(async () => {
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
  const id = await lessonFrom(server.url, 'ball-bounce', '2026-03-09')
  await confirmCautions(server.url, id)
  const slots = (groupId: string) =>
    ['h25', 'h50', 'h75', 'h100'].flatMap((levelId) =>
      [1, 2, 3].map((tryNumber) => ({ groupId, levelId, tryNumber })),
    )
  const acknowledged: string[] = []
  let refused = 0
  const sendAll = async (groupId: string) => {
    for (const slot of slots(groupId)) {
      const entry = {
        ...slot,
        id: newId(),
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
      if (answer?.ok) acknowledged.push(entry.id)
      else refused++
      // All groups have some on their way at this moment, and some still to send.
      if (acknowledged.length === 9) void server.stop('SIGKILL')
    }
  }
  await Promise.all(own.groups.map((group) => sendAll(group.id)))
  expect(await server.stop()).toBe(null)
  expect(refused).toBeGreaterThan(0)
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
})
