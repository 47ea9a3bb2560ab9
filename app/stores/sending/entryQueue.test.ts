import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { entry } from '../../../core/testing/exampleEntries'
import { fakeServer, refusal } from '~/testing/fakeServer'
import { useEntryQueue } from './entryQueue'

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
  server.sent.map((one) => (one.body as { entries: { id: string }[] }).entries.map((each) => each.id))

describe('entries on their way', () => {
  it('are sent in order and then kept no longer', async () => {
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' }), entry({ id: 'b' })])
    expect(server.kept.size).toBe(2)
    await later()
    expect(sentIds()).toEqual([['a', 'b']])
    expect([queue.count, server.kept.size]).toEqual([0, 0])
  })

  it('show at once, and only once when they come back', async () => {
    const queue = useEntryQueue()
    const one = entry({ id: 'a' })
    queue.send('one', [one])
    expect(queue.withWaiting('one', [])).toEqual([one])
    expect(queue.withWaiting('another', [])).toEqual([])
    await later()
    expect(queue.withWaiting('one', [])).toEqual([one])
    expect(queue.withWaiting('one', [one])).toEqual([one])
  })

  it('wait for the connection, and outlive a closed browser', async () => {
    server.answerWith(() => 'offline')
    useEntryQueue().send('one', [entry({ id: 'a' })])
    await later()
    expect([useEntryQueue().offline, useEntryQueue().count]).toEqual([true, 1])
    setActivePinia(createPinia())
    server.answerWith(() => ({ body: { added: ['a'] } }))
    const again = useEntryQueue()
    expect(again.waiting.map((one) => one.entry.id)).toEqual(['a'])
    await again.flush()
    expect([again.count, again.offline, server.kept.size]).toEqual([0, false, 0])
  })

  it('are understood as they were kept before entries came', async () => {
    const { fields: _fields, note: _note, readWith: _with, moment: _moment, ...rest } = entry({ id: 'old' })
    server.kept.set(
      'jolly-beaker-waiting-old',
      JSON.stringify({ lessonId: 'one', reading: { ...rest, value: 13, typed: '13' } }),
    )
    server.kept.set('jolly-beaker-waiting-odd', JSON.stringify({ lessonId: 'one', reading: 7 }))
    setActivePinia(createPinia())
    const queue = useEntryQueue()
    expect(queue.waiting.map((one) => one.entry)).toMatchObject([
      { id: 'old', moment: '', fields: { value: { typed: '13', given: 'typed', value: 13 } } },
    ])
    await queue.flush()
    expect(sentIds()).toEqual([['old']])
  })

  it('try again by themselves', async () => {
    server.answerWith(() => 'offline')
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' })])
    await later()
    server.answerWith(() => ({ body: { added: ['a'] } }))
    await later(2500)
    expect([queue.count, queue.offline]).toEqual([0, false])
  })

  it('are not held up by one that is refused, which is kept with its reason until somebody decides', async () => {
    server.answerWith(({ body }) =>
      (body as { entries: { id: string }[] }).entries.some((one) => one.id === 'bad')
        ? refusal(409, 'conflict')
        : { body: { added: [] } },
    )
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' }), entry({ id: 'bad' }), entry({ id: 'c' })])
    await later()
    expect(sentIds()).toEqual([['a', 'bad', 'c'], ['a'], ['bad'], ['c']])
    expect(queue.refused.map((one) => [one.entry.id, one.message])).toEqual([['bad', 'refused: conflict']])
    expect(queue.count).toBe(0)
    await queue.dismiss(queue.refused[0]!)
    expect([queue.refused, server.kept.size]).toEqual([[], 0])
  })

  it('stay while the server fails, are tried again after a longer while each time, and are never taken for refused', async () => {
    server.answerWith(() => refusal(500, 'failed'))
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' })])
    await later()
    expect([queue.count, queue.refused.length, queue.offline]).toEqual([1, 0, true])
    await later(2100)
    await later(2100)
    // Two seconds, then four.
    expect(server.sent).toHaveLength(2)
    await later(2100)
    expect(server.sent).toHaveLength(3)
    server.answerWith(() => ({ body: { added: [] } }))
    await queue.flush()
    expect([queue.count, queue.offline, server.kept.size]).toEqual([0, false, 0])
  })

  it.each([401, 403, 408, 425, 429, 502, 503])('wait where the answer is %i', async (status) => {
    server.answerWith(() => refusal(status, 'not-allowed'))
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' })])
    await later()
    expect([queue.count, queue.refused.length]).toEqual([1, 0])
  })

  it('that wait for somebody are asked for once in a while, however many were typed meanwhile', async () => {
    server.answerWith(() => refusal(409, 'waits'))
    const queue = useEntryQueue()
    for (const id of ['a', 'b', 'c', 'd']) {
      queue.send('one', [entry({ id })])
      await later()
    }
    const before = server.sent.length
    await later(20_000)
    expect(server.sent.length - before).toBe(4)
    expect(queue.waiting).toHaveLength(4)
  })

  it('are not held up by one that the server fails at, which waits alone', async () => {
    server.answerWith(({ body }) =>
      (body as { entries: { id: string }[] }).entries.some((one) => one.id === 'bad')
        ? refusal(500, 'failed')
        : { body: { added: [] } },
    )
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' }), entry({ id: 'bad' }), entry({ id: 'c' })])
    await later()
    expect(queue.waiting.map((one) => one.entry.id)).toEqual(['bad'])
    expect(queue.refused).toEqual([])
  })

  it('ask a server that fails at everything little', async () => {
    server.answerWith(() => refusal(500, 'failed'))
    const queue = useEntryQueue()
    queue.send(
      'one',
      Array.from({ length: 60 }, (_, index) => entry({ id: `e${index}` })),
    )
    await later()
    expect([queue.count, server.sent.length]).toEqual([60, 4])
  })

  it.each([
    ['cut short', '{"lessonId":"one","entry":{"id":"b"'],
    ['nothing', 'null'],
    ['without its entry', '{"lessonId":"one"}'],
    ['without its lesson', JSON.stringify({ entry: entry({ id: 'b' }) })],
    ['half an entry', '{"lessonId":"one","entry":{"id":"b","fields":{}}}'],
    [
      'fields that are none',
      JSON.stringify({ lessonId: 'one', entry: { ...entry({ id: 'b' }), fields: { value: null } } }),
    ],
  ])('neither are held up by a damaged one beside them nor lose it: %s', async (_how, damaged) => {
    server.kept.set('jolly-beaker-waiting-a', JSON.stringify({ lessonId: 'one', entry: entry({ id: 'a' }) }))
    server.kept.set('jolly-beaker-waiting-b', damaged)
    const queue = useEntryQueue()
    expect(queue.count).toBe(1)
    void queue.flush()
    await later()
    expect(sentIds()).toEqual([['a']])
    expect([...server.kept.values()]).toEqual([damaged])
  })

  it('of a later version of the pages are left for it', () => {
    const kept = JSON.stringify({ version: 2, lessonId: 'one', entry: { new: 'shape' } })
    server.kept.set('jolly-beaker-waiting-a', kept)
    expect(useEntryQueue().count).toBe(0)
    expect([...server.kept]).toEqual([['jolly-beaker-waiting-a', kept]])
  })

  it('wait for the teacher where cautions are still to be checked, hold up no other lesson, and go then', async () => {
    server.answerWith(({ path }) =>
      path.includes('/one/') ? refusal(409, 'waits') : { body: { added: [] } },
    )
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' })])
    queue.send('two', [entry({ id: 'b' })])
    await later()
    expect(queue.waiting.map((one) => one.entry.id)).toEqual(['a'])
    expect([...queue.held]).toEqual(['one'])
    expect(queue.refused).toEqual([])
    server.answerWith(() => ({ body: { added: [] } }))
    await queue.flush()
    expect([queue.count, queue.held.size, server.kept.size]).toEqual([0, 0, 0])
  })

  it('try again by themselves while they are held', async () => {
    server.answerWith(() => refusal(409, 'waits'))
    const queue = useEntryQueue()
    queue.send('one', [entry({ id: 'a' })])
    await later()
    server.answerWith(() => ({ body: { added: [] } }))
    await later(6000)
    expect(queue.count).toBe(0)
  })
})
