import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Observation } from '#core/observation'
import type { ObservationInput } from '#shared/types/api'
import { fakeServer, lessonDto, refusal, type SentRequest } from '../testing/fakeServer'
import { pendingObservations, type PendingObservation } from './sending/pendingObservations'
import { useLesson } from './lesson'
import { useObservations } from './observations'

const input = (text = 'It spins'): ObservationInput => ({
  groupId: 'leaf',
  kind: 'noticed',
  text,
  about: null,
  source: 'sheet',
  seenAt: '2026-03-09T10:20:00.000Z',
  picture: 'aGVsbG8=',
})
const idOf = ({ path }: SentRequest) => path.split('/').at(-1)!
const kept = (request: SentRequest): Observation => ({
  ...(request.body as ObservationInput),
  id: idOf(request),
  picture: 'p',
  pictureDeleted: false,
  onBoard: false,
  removed: false,
})
const takes = (request: SentRequest) =>
  request.method === 'GET' ? { body: lessonDto() } : { body: kept(request) }

let server: ReturnType<typeof fakeServer>
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  server = fakeServer(takes)
  for (const one of [pendingObservations.waiting, pendingObservations.refused])
    for (const kept of await one.all()) await one.remove(kept)
  await useLesson().load('one')
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const texts = () => useObservations().standing.map((one) => one.text)

describe('observations on their way', () => {
  it('are sent, shown, and then kept here no longer', async () => {
    await useObservations().add(input())
    await vi.waitFor(() => expect(texts()).toEqual(['It spins']))
    await vi.waitFor(async () => expect(await pendingObservations.waiting.all()).toEqual([]))
    expect(useObservations().waiting).toEqual([])
  })

  it('wait for the connection with their photo, outlive a closed browser, and are sent once', async () => {
    server.answerWith(() => 'offline')
    await useObservations().add(input())
    await vi.waitFor(() => expect(useObservations().offline).toBe(true))
    expect((await pendingObservations.waiting.all()).map((one) => one.input.picture)).toEqual(['aGVsbG8='])
    setActivePinia(createPinia())
    server.answerWith(takes)
    await useLesson().load('one')
    await useObservations().flush()
    expect(texts()).toEqual(['It spins'])
    expect(new Set(server.of('PUT').map(idOf)).size).toBe(1)
    expect(await pendingObservations.waiting.all()).toEqual([])
  })

  it('are not held up by a damaged one beside them', async () => {
    const damaged = { id: 'damaged', lessonId: 'one', input: null } as unknown as PendingObservation
    await pendingObservations.waiting.put(damaged)
    await useObservations().add(input())
    await vi.waitFor(() => expect(texts()).toEqual(['It spins']))
    expect(await pendingObservations.waiting.all()).toEqual([])
    await pendingObservations.waiting.remove({ id: 'damaged' })
  })

  it('that the server fails at hold up no other and are sent later', async () => {
    const failsAt = 'first'
    let broken = true
    server.answerWith((request) =>
      broken && (request.body as ObservationInput | undefined)?.text === failsAt
        ? refusal(500, 'failed')
        : takes(request),
    )
    await useObservations().add(input(failsAt))
    await useObservations().add(input('second'))
    await vi.waitFor(() => expect(texts()).toEqual(['second']))
    broken = false
    // Each look lets some time go by.
    await vi.waitFor(() => expect(texts().sort()).toEqual(['first', 'second']), 6000)
    expect(useObservations().refused).toEqual([])
  })

  it('that will never be taken are set apart with the reason, and can be sent again or left', async () => {
    server.answerWith(() => refusal(409, 'conflict'))
    await useObservations().add(input())
    await vi.waitFor(() =>
      expect(useObservations().refused.map((one) => one.message)).toEqual(['refused: conflict']),
    )
    expect(await pendingObservations.waiting.all()).toEqual([])
    setActivePinia(createPinia())
    server.answerWith(takes)
    await useLesson().load('one')
    await useObservations().flush()
    await useObservations().sendAgain(useObservations().refused[0]!)
    await vi.waitFor(() => expect(texts()).toEqual(['It spins']))
    expect(useObservations().refused).toEqual([])
    expect(await pendingObservations.refused.all()).toEqual([])
  })
})

describe('what becomes of an observation', () => {
  it('shows once the server has taken it, and stays as it was when it has not', async () => {
    await useObservations().add(input())
    await vi.waitFor(() => expect(texts()).toHaveLength(1))
    const one = useObservations().standing[0]!
    server.answerWith(() => refusal(500, 'failed'))
    expect(await useObservations().change(one, { onBoard: true })).toBe(false)
    expect(useObservations().onBoard).toEqual([])
    server.answerWith(() => ({ body: { ...one, onBoard: true } }))
    expect(await useObservations().change(one, { onBoard: true })).toBe(true)
    expect(useObservations().onBoard).toHaveLength(1)
  })
})
