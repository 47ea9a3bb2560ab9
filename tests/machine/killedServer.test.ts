import { afterEach, beforeEach, expect, it } from 'vitest'
import type { RunningServer } from '../../scripts/runServer'
import { startServer } from '../support/startServer'
import { sentEntry } from '../../server/testing/examples'
import { dataFolder } from '../support/dataFolder'
import { schoolAt } from '../support/school'

let server: RunningServer
beforeEach(async () => (server = await startServer(dataFolder('demo'))))
afterEach(async () => {
  await server.stop()
  server.forget()
})

it('a server killed in the middle of saving has every reading that it said it had', async () => {
  const school = schoolAt(server)
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  const lesson = await school.lesson(id)
  const slots = (groupId: string) =>
    lesson.plan.levels.flatMap((level) =>
      [1, 2, 3].map((tryNumber) => ({ groupId, levelId: level.id, tryNumber })),
    )
  const acknowledged: string[] = []
  let refused = 0
  const sendAll = async (groupId: string) => {
    for (const slot of slots(groupId)) {
      const entry = sentEntry(lesson, slot)
      await school.record(id, entry).then(
        () => acknowledged.push(entry.id),
        () => refused++,
      )
      // All groups have some on their way at this moment, and some still to send.
      if (acknowledged.length === 9) void server.stop('SIGKILL')
    }
  }
  await Promise.all(lesson.class.groups.map((group) => sendAll(group.id)))
  expect(await server.stop()).toBe(null)
  expect(refused).toBeGreaterThan(0)
  server = await startServer(server.folder)
  const kept = new Set((await schoolAt(server).lesson(id)).entries.map((one) => one.id))
  expect(acknowledged.filter((one) => !kept.has(one))).toEqual([])
})

it('stops cleanly when asked to', async () => {
  expect(await server.stop('SIGTERM')).toBe(0)
  expect(server.output()).not.toMatch(/error/i)
})
