import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { sender } from './sender'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** A sender of names, and what becomes of each. */
function sending(names: string[], becomes: (name: string) => 'through' | 'fails' | 'no answer') {
  const tried: string[] = []
  let waiting = names
  const { offline, flush } = sender({
    waiting: () => waiting,
    deliver(name) {
      tried.push(name)
      const what = becomes(name)
      if (what === 'no answer') return Promise.reject(new Error(what))
      if (what === 'through') waiting = waiting.filter((one) => one !== name)
      return Promise.resolve([name])
    },
  })
  return { tried, offline, flush, left: () => waiting }
}

it('tries each once, in order, and what fails holds up no other', async () => {
  const { tried, offline, flush, left } = sending(['a', 'b', 'c'], (name) =>
    name === 'b' ? 'fails' : 'through',
  )
  await flush()
  expect([tried, left(), offline.value]).toEqual([['a', 'b', 'c'], ['b'], true])
})

it('stops at once where no answer comes, and asks again by itself', async () => {
  let answers = false
  const { tried, offline, flush, left } = sending(['a', 'b'], () => (answers ? 'through' : 'no answer'))
  await flush()
  expect([tried, offline.value]).toEqual([['a'], true])
  answers = true
  await vi.advanceTimersByTimeAsync(2500)
  expect([tried, left(), offline.value]).toEqual([['a', 'a', 'b'], [], false])
})

it('does not run twice at once', async () => {
  const { tried, flush } = sending(['a', 'b'], () => 'through')
  await Promise.all([flush(), flush()])
  expect(tried).toEqual(['a', 'b'])
})
