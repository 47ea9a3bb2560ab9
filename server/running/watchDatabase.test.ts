import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { OpenDatabase } from '../database/database'
import { watchDatabase } from './watchDatabase'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

/** A database that answers as told, and how the program would end. */
function watched(answer: () => Promise<unknown>) {
  const state = { answers: 0, owned: true }
  const ends: string[] = []
  let lost: (reason: string) => void = () => {}
  const opened = {
    ask: answer,
    folder: 'data',
    answers: () => state.answers,
    isOwned: () => state.owned,
    onLost: (heard: (reason: string) => void) => (lost = heard),
  } as unknown as OpenDatabase
  const watch = watchDatabase(opened, 20_000, (why) => ends.push(why))
  return { state, ends, watch, lose: (reason: string) => lost(reason) }
}
const never = () => new Promise(() => {})

it('one that answers nobody ends the program after its time', async () => {
  const { ends, watch } = watched(never)
  await vi.advanceTimersByTimeAsync(20_000)
  expect(ends).toEqual([])
  await vi.advanceTimersByTimeAsync(3000)
  watch.stop()
  expect(ends[0]).toMatch(/has not answered for 20 seconds/)
})

it('one that answers others, however long the queue, does not', async () => {
  const { state, ends, watch } = watched(never)
  for (let second = 0; second < 120; second++) {
    state.answers++
    await vi.advanceTimersByTimeAsync(1000)
  }
  watch.stop()
  expect(ends).toEqual([])
})

it.each([
  ['answers', () => Promise.resolve([])],
  ['refuses', () => Promise.reject(new Error('out of memory'))],
])('one that %s is alive', async (_how, answer) => {
  const { ends, watch } = watched(answer)
  await vi.advanceTimersByTimeAsync(120_000)
  watch.stop()
  expect(ends).toEqual([])
})

it('one that ended, or whose folder is another’s, ends the program at once', async () => {
  const { state, ends, watch, lose } = watched(() => Promise.resolve([]))
  lose('unreachable')
  expect(ends[0]).toMatch(/The database stopped \(unreachable\)/)
  state.owned = false
  await vi.advanceTimersByTimeAsync(1000)
  watch.stop()
  expect(ends[1]).toMatch(/moved or replaced/)
})
