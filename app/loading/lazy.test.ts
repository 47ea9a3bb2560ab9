import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type * as Lazy from './lazy'
import type * as Idle from './idle'

/** Every test has a page of its own. */
let page: typeof Lazy
let idle: typeof Idle
beforeEach(async () => {
  vi.useFakeTimers()
  vi.resetModules()
  answers = true
  asked.mockClear()
  vi.stubGlobal('fetch', asked)
  page = await import('./lazy')
  idle = await import('./idle')
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** Whether the server answers. */
let answers: boolean
const asked = vi.fn(() =>
  answers ? Promise.resolve({ ok: true }) : Promise.reject(new TypeError('no network')),
)

const part = (name: string) => vi.fn(() => Promise.resolve(name))

it('is fetched when it is asked for, and only once', async () => {
  const load = part('a dialog')
  const dialog = page.lazy(load)
  expect([dialog.loaded.value, load.mock.calls.length]).toEqual([null, 0])
  expect(await Promise.all([dialog(), dialog()])).toEqual(['a dialog', 'a dialog'])
  expect([dialog.loaded.value, load.mock.calls.length]).toEqual(['a dialog', 1])
})

it('is told to be there once all are, also those that come with a later page', async () => {
  expect(page.allPartsLoaded.value).toBe(true)
  const dialog = page.lazy(part('a dialog'))
  expect(page.allPartsLoaded.value).toBe(false)
  await dialog()
  expect(page.allPartsLoaded.value).toBe(true)
  page.lazy(part('of the next page'))
  void page.preloadRemaining()
  await vi.advanceTimersByTimeAsync(300)
  expect(page.allPartsLoaded.value).toBe(true)
})

it('is fetched once the screen is quiet, though nobody asked, one after another', async () => {
  const order: string[] = []
  const slow = (name: string) => () =>
    new Promise<string>((done) => {
      order.push(`${name} asked`)
      setTimeout(() => (order.push(`${name} there`), done(name)), 100)
    })
  const [first, second] = [page.lazy(slow('first')), page.lazy(slow('second'))]
  let arrive = () => {}
  const lesson = idle.trackPending(new Promise<void>((done) => (arrive = done)))
  void page.preloadRemaining()
  await vi.advanceTimersByTimeAsync(5000)
  expect(order).toEqual([])
  arrive()
  await lesson
  await vi.advanceTimersByTimeAsync(300)
  expect(order).toEqual(['first asked', 'first there', 'second asked', 'second there'])
  expect([first.loaded.value, second.loaded.value]).toEqual(['first', 'second'])
})

it('waits no longer for what has failed', async () => {
  const load = part('a dialog')
  page.lazy(load)
  await expect(idle.trackPending(Promise.reject(new Error('no answer')))).rejects.toThrow('no answer')
  void page.preloadRemaining()
  await vi.advanceTimersByTimeAsync(300)
  expect(load).toHaveBeenCalledOnce()
})

it('is fetched soon where a page that is opened afterwards brings it', async () => {
  void page.preloadRemaining()
  await vi.advanceTimersByTimeAsync(300)
  const load = part('of the next page')
  page.lazy(load)
  await vi.advanceTimersByTimeAsync(300)
  expect(load).toHaveBeenCalledOnce()
})

it('is asked for once the server answers again, since browsers give what failed no second try', async () => {
  const load = part('a dialog')
  await vi.advanceTimersByTimeAsync(3000)
  answers = false
  const dialog = page.lazy(load)()
  await vi.advanceTimersByTimeAsync(60_000)
  expect(load).not.toHaveBeenCalled()
  expect(asked.mock.calls.length).toBeGreaterThan(5)
  expect(asked.mock.calls.length).toBeLessThan(12)
  answers = true
  await vi.advanceTimersByTimeAsync(15_000)
  expect(await dialog).toBe('a dialog')
  expect([load.mock.calls.length, page.partsFailed.value]).toEqual([1, false])
})

it('is asked for again where it does not come, and is told to be missing until it does', async () => {
  let there = false
  const load = vi.fn(() => (there ? Promise.resolve('there') : Promise.reject(new Error('no such file'))))
  const part = page.lazy(load)()
  await vi.advanceTimersByTimeAsync(1)
  expect(page.partsFailed.value).toBe(true)
  await vi.advanceTimersByTimeAsync(60_000)
  expect(load.mock.calls.length).toBeGreaterThan(5)
  there = true
  await vi.advanceTimersByTimeAsync(15_000)
  expect(await part).toBe('there')
  expect(page.partsFailed.value).toBe(false)
})

it('is not said to be missing while the connection is', async () => {
  const load = vi.fn(() => {
    answers = false
    return Promise.reject(new Error('no connection'))
  })
  void page.lazy(load)()
  await vi.advanceTimersByTimeAsync(20_000)
  expect(page.partsFailed.value).toBe(false)
})
