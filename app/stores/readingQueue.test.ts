import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { reading } from '../../core/testing/exampleReadings'
import { fakeServer, refusal } from '../testing/fakeServer'
import { useReadingQueue } from './readingQueue'

let server: ReturnType<typeof fakeServer>
beforeEach(() => {
  vi.useFakeTimers()
  server = fakeServer(() => ({ body: { added: [] } }))
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const later = (milliseconds = 10) => vi.advanceTimersByTimeAsync(milliseconds)
const sentIds = () =>
  server.sent.map((one) => (one.body as { readings: { id: string }[] }).readings.map((each) => each.id))

describe('readings on their way', () => {
  it('are sent in order and then kept no longer', async () => {
    const queue = useReadingQueue()
    queue.send('one', [reading({ id: 'a' }), reading({ id: 'b' })])
    expect(server.kept.size).toBe(2)
    await later()
    expect(sentIds()).toEqual([['a', 'b']])
    expect([queue.count, server.kept.size]).toEqual([0, 0])
  })

  it('show at once, and only once when they come back', async () => {
    const queue = useReadingQueue()
    const one = reading({ id: 'a' })
    queue.send('one', [one])
    expect(queue.withWaiting('one', [])).toEqual([one])
    expect(queue.withWaiting('another', [])).toEqual([])
    await later()
    expect(queue.withWaiting('one', [])).toEqual([one])
    expect(queue.withWaiting('one', [one])).toEqual([one])
  })

  it('wait for the connection, and outlive a closed browser', async () => {
    server.answerWith(() => 'offline')
    useReadingQueue().send('one', [reading({ id: 'a' })])
    await later()
    expect([useReadingQueue().offline, useReadingQueue().count]).toEqual([true, 1])
    setActivePinia(createPinia())
    server.answerWith(() => ({ body: { added: ['a'] } }))
    const again = useReadingQueue()
    expect(again.waiting.map((one) => one.reading.id)).toEqual(['a'])
    await again.flush()
    expect([again.count, again.offline, server.kept.size]).toEqual([0, false, 0])
  })

  it('try again by themselves', async () => {
    server.answerWith(() => 'offline')
    const queue = useReadingQueue()
    queue.send('one', [reading({ id: 'a' })])
    await later()
    server.answerWith(() => ({ body: { added: ['a'] } }))
    await later(2500)
    expect([queue.count, queue.offline]).toEqual([0, false])
  })

  it('are not held up by one that is refused, which is kept with its reason until somebody decides', async () => {
    server.answerWith(({ body }) =>
      (body as { readings: { id: string }[] }).readings.some((one) => one.id === 'bad')
        ? refusal(409, 'conflict')
        : { body: { added: [] } },
    )
    const queue = useReadingQueue()
    queue.send('one', [reading({ id: 'a' }), reading({ id: 'bad' }), reading({ id: 'c' })])
    await later()
    expect(sentIds()).toEqual([['a', 'bad', 'c'], ['a'], ['bad'], ['c']])
    expect(queue.refused.map((one) => [one.reading.id, one.message])).toEqual([['bad', 'refused: conflict']])
    expect(queue.count).toBe(0)
    queue.dismiss('bad')
    expect([queue.refused, server.kept.size]).toEqual([[], 0])
  })

  it('skip a damaged entry of the browser’s store', () => {
    server.kept.set('jolly-beaker-waiting-x', '{"lessonId":')
    setActivePinia(createPinia())
    expect(useReadingQueue().waiting).toEqual([])
    expect(server.kept.size).toBe(0)
  })

  it('wait for the teacher where cautions are still to be checked, hold up no other lesson, and go then', async () => {
    server.answerWith(({ path }) =>
      path.includes('/one/') ? refusal(409, 'waits') : { body: { added: [] } },
    )
    const queue = useReadingQueue()
    queue.send('one', [reading({ id: 'a' })])
    queue.send('two', [reading({ id: 'b' })])
    await later()
    expect(queue.waiting.map((one) => one.reading.id)).toEqual(['a'])
    expect([...queue.held]).toEqual(['one'])
    expect(queue.refused).toEqual([])
    server.answerWith(() => ({ body: { added: [] } }))
    await queue.flush()
    expect([queue.count, queue.held.size, server.kept.size]).toEqual([0, 0, 0])
  })

  it('try again by themselves while they are held', async () => {
    server.answerWith(() => refusal(409, 'waits'))
    const queue = useReadingQueue()
    queue.send('one', [reading({ id: 'a' })])
    await later()
    server.answerWith(() => ({ body: { added: [] } }))
    await later(6000)
    expect(queue.count).toBe(0)
  })
})
