import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { RequestProblem } from '~/api/request'
import { sendingQueue } from './sendingQueue'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

interface Name {
  name: string
  lessonId: string
}
type Outcome = 'taken' | 'fails' | 'refused' | 'not allowed' | 'waits' | 'no answer'

const problemOf = (outcome: Outcome): RequestProblem | null => {
  if (outcome === 'taken') return null
  if (outcome === 'no answer') return new RequestProblem({ code: 'failed', message: outcome, fields: [] }, 0)
  const [status, code] = (
    {
      fails: [500, 'failed'],
      refused: [400, 'invalid'],
      'not allowed': [403, 'not-allowed'],
      waits: [409, 'waits'],
    } as const
  )[outcome]
  return new RequestProblem({ code, message: outcome, fields: [] }, status)
}

/** A store that lives as long as its test. */
function storeOf(
  names: string[] = [],
  kept = new Map(names.map((name) => [name, { name, lessonId: 'one' }])),
) {
  return {
    kept,
    all: () => [...kept.values()],
    put: (one: Name) => Boolean(kept.set(one.name, one)),
    remove: ({ name }: Name) => void kept.delete(name),
  }
}

/** A queue of names, and what becomes of each; what is sent together is written together. */
function queueOf(names: string[], becomes: (name: string) => Outcome, atOnce = 1) {
  const sent: string[] = []
  const [store, refusedStore] = [storeOf(names), storeOf()]
  const queue = sendingQueue<Name>({
    waiting: store,
    refusedStore,
    keyOf: ({ name }) => name,
    lessonOf: ({ lessonId }) => lessonId,
    inOrder: (a, b) => a.name.localeCompare(b.name),
    atOnce,
    send(_lessonId, items) {
      sent.push(items.map(({ name }) => name).join('+'))
      const problem = items.map(({ name }) => problemOf(becomes(name))).find((one) => one !== null)
      return problem ? Promise.reject(problem) : Promise.resolve()
    },
  })
  return { sent, queue, store, refusedStore, left: () => queue.waiting.value.map(({ name }) => name) }
}

describe('what waits', () => {
  it('for another group, which this tablet may not write for now, holds up nothing of its own, and stays', async () => {
    const names = ['a', 'b', 'c', 'd', 'own 1', 'own 2']
    const { queue, left } = queueOf(names, (name) => (name.startsWith('own') ? 'taken' : 'not allowed'), 10)
    await queue.flush()
    expect([left(), queue.refused.value]).toEqual([['a', 'b', 'c', 'd'], []])
  })

  it('is tried once, in order, and what fails holds up no other', async () => {
    const { sent, queue, left, store } = queueOf(['b', 'a', 'c'], (name) =>
      name === 'b' ? 'fails' : 'taken',
    )
    await queue.flush()
    expect([sent, left(), queue.offline.value]).toEqual([['a', 'b', 'c'], ['b'], true])
    expect([...store.kept.keys()]).toEqual(['b'])
  })

  it('stops at once where no answer comes, and is tried again by itself', async () => {
    let answers = false
    const { sent, queue, left } = queueOf(['a', 'b'], () => (answers ? 'taken' : 'no answer'))
    await queue.flush()
    expect([sent, queue.offline.value]).toEqual([['a'], true])
    answers = true
    await vi.advanceTimersByTimeAsync(2500)
    expect([sent, left(), queue.offline.value]).toEqual([['a', 'a', 'b'], [], false])
  })

  it('is not sent twice at once', async () => {
    const { sent, queue } = queueOf(['a', 'b'], () => 'taken')
    await Promise.all([queue.flush(), queue.flush()])
    expect(sent).toEqual(['a', 'b'])
  })

  it('goes together where it may, and one by one where one of them can’t be taken', async () => {
    const { sent, queue, left, refusedStore } = queueOf(
      ['a', 'b', 'c', 'd'],
      (name) => (name === 'b' ? 'refused' : 'taken'),
      3,
    )
    await queue.flush()
    expect([sent, left()]).toEqual([['a+b+c', 'a', 'b', 'c', 'd'], []])
    expect(queue.refused.value).toMatchObject([{ name: 'b', message: 'refused' }])
    await queue.dismiss(queue.refused.value[0]!)
    expect([queue.refused.value, refusedStore.kept.size]).toEqual([[], 0])
  })

  it('gives up a round where the server fails at everything', async () => {
    const { sent, queue } = queueOf(['a', 'b', 'c', 'd', 'e'], () => 'fails', 5)
    await queue.flush()
    expect(sent).toEqual(['a+b+c+d+e', 'a', 'b', 'c'])
  })

  it('of a lesson that waits for somebody stays, is not offline, and is asked for now and then', async () => {
    let confirmed = false
    const { sent, queue, left } = queueOf(['a', 'b'], () => (confirmed ? 'taken' : 'waits'))
    await queue.flush()
    expect([sent, left(), queue.offline.value]).toEqual([['a'], ['a', 'b'], false])
    expect([[...queue.held.value], queue.heldBecause.value]).toEqual([['one'], 'waits'])
    confirmed = true
    await vi.advanceTimersByTimeAsync(6000)
    expect([left(), queue.held.value.size]).toEqual([[], 0])
  })

  it('holds up no other lesson', async () => {
    const { queue, left } = queueOf(['a'], (name) => (name === 'a' ? 'waits' : 'taken'))
    await queue.add({ name: 'z', lessonId: 'two' })
    expect(left()).toEqual(['a'])
  })
})

describe('a newer one', () => {
  it('takes the place of what waits under the same key, also while that is on its way', async () => {
    let answer = () => {}
    const store = storeOf()
    const sent: Name[] = []
    const queue = sendingQueue<Name>({
      waiting: store,
      keyOf: ({ name }) => name,
      lessonOf: ({ lessonId }) => lessonId,
      inOrder: () => 0,
      send: (_lessonId, items) => {
        sent.push(...items)
        return new Promise<void>((done) => (answer = done))
      },
    })
    const first = queue.add({ name: 'a', lessonId: 'one' })
    const newer = { name: 'a', lessonId: 'one' }
    void queue.add(newer)
    answer()
    await vi.advanceTimersByTimeAsync(0)
    expect([sent.length, queue.waiting.value, store.kept.size]).toEqual([2, [newer], 1])
    answer()
    await first
    expect([queue.waiting.value, store.kept.size]).toEqual([[], 0])
  })
})

describe('a store that answers later', () => {
  it('is read before anything is sent, and keeps what is put in first', async () => {
    const kept = storeOf(['early'])
    const sent: string[] = []
    const queue = sendingQueue<Name>({
      waiting: {
        all: () => Promise.resolve(kept.all()),
        put: (one) => Promise.resolve(kept.put(one)),
        remove: (one) => Promise.resolve(kept.remove(one)),
      },
      keyOf: ({ name }) => name,
      lessonOf: ({ lessonId }) => lessonId,
      inOrder: () => 0,
      send: (_lessonId, [item]) => Promise.resolve(sent.push(item!.name)),
    })
    await queue.put({ name: 'late', lessonId: 'one' })
    expect([...kept.kept.keys()]).toEqual(['early', 'late'])
    await vi.advanceTimersByTimeAsync(0)
    expect([sent, kept.kept.size]).toEqual([['early', 'late'], 0])
  })
})
