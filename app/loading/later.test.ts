import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type * as Later from './later'

/** Every test has a page of its own. */
let page: typeof Later
beforeEach(async () => {
  vi.useFakeTimers()
  vi.resetModules()
  page = await import('./later')
})
afterEach(() => vi.useRealTimers())

const part = (name: string) => vi.fn(() => Promise.resolve(name))

it('is fetched when it is asked for, and only once', async () => {
  const load = part('a dialog')
  const dialog = page.later(load)
  expect([dialog.there.value, load.mock.calls.length]).toEqual([null, 0])
  expect(await Promise.all([dialog(), dialog()])).toEqual(['a dialog', 'a dialog'])
  expect([dialog.there.value, load.mock.calls.length]).toEqual(['a dialog', 1])
})

it('is fetched a moment after the first screen stands, though nobody asked, one after another', async () => {
  const order: string[] = []
  const slow = (name: string) => () =>
    new Promise<string>((done) => {
      order.push(`${name} asked`)
      setTimeout(() => (order.push(`${name} there`), done(name)), 100)
    })
  const [first, second] = [page.later(slow('first')), page.later(slow('second'))]
  page.firstScreenStands()
  expect(page.firstScreenStood.value).toBe(false)
  await vi.advanceTimersByTimeAsync(240)
  expect(order).toEqual([])
  await vi.advanceTimersByTimeAsync(300)
  expect(page.firstScreenStood.value).toBe(true)
  expect(order).toEqual(['first asked', 'first there', 'second asked', 'second there'])
  expect([first.there.value, second.there.value]).toEqual(['first', 'second'])
})

it('is fetched soon where a page that is opened afterwards brings it', async () => {
  page.firstScreenStands()
  await vi.advanceTimersByTimeAsync(300)
  const load = part('of the next page')
  page.later(load)
  await vi.advanceTimersByTimeAsync(300)
  expect(load).toHaveBeenCalledOnce()
})

it('is asked for again until it comes, waiting longer each time', async () => {
  let reached = false
  const load = vi.fn(() => (reached ? Promise.resolve('there') : Promise.reject(new Error('no connection'))))
  const asked = page.later(load)()
  await vi.advanceTimersByTimeAsync(60_000)
  const tries = load.mock.calls.length
  expect(tries).toBeGreaterThan(5)
  expect(tries).toBeLessThan(12)
  reached = true
  await vi.advanceTimersByTimeAsync(15_000)
  expect(await asked).toBe('there')
})
