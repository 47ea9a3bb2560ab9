import 'fake-indexeddb/auto'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { newId } from '#core/plan'
import { useLesson } from '../stores/lesson'
import { useObservations } from '../stores/observations'
import { usePack } from '../stores/pack'
import { fakeServer, lessonDto } from '../testing/fakeServer'
import { entry } from '../../core/testing/exampleEntries'
import { useEntryQueue } from '../stores/sending/entryQueue'
import { pendingObservations } from '../stores/sending/pendingObservations'
import { waitingWords } from '../words/waiting'
import { useSavedWords } from './useSavedWords'

let server: ReturnType<typeof fakeServer>
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  server = fakeServer(() => ({ body: lessonDto() }))
  for (const one of await pendingObservations.waiting.all()) await pendingObservations.waiting.remove(one)
  await useLesson().load('one')
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const acts: Record<string, () => unknown> = {
  'a reading': () => useEntryQueue().send('one', [entry({ id: 'r', groupId: 'leaf', value: 12 })]),
  'a prediction': () =>
    useLesson().predict({ groupId: 'bell', seat: 0 }, { format: 'direction', direction: 'more' }, 'so'),
  'a note': () =>
    useLesson().act({
      kind: 'note',
      note: { id: newId(), kind: 'asking', text: 'Why?', sort: null, settled: false },
    }),
  'a tick': () => usePack().tick('kit-sheet', 'leaf', 1),
  'an observation': () =>
    useObservations().add({
      groupId: null,
      kind: 'noticed',
      text: 'It hums.',
      about: null,
      source: 'desk',
      seenAt: '2026-03-09T10:00:00Z',
      picture: null,
    }),
}

it.each(Object.keys(acts))('%s that has no answer yet is not said to be saved', async (what) => {
  const said = useSavedWords()
  expect(said.value).toBe('saved')
  server.answerWith(() => new Promise(() => {}))
  void acts[what]!()
  await vi.waitFor(() => expect(said.value).toBe('saving…'))
})

it.each(Object.keys(acts))('%s that does not get through waits for the connection', async (what) => {
  const said = useSavedWords()
  server.answerWith(() => 'offline')
  void acts[what]!()
  await vi.waitFor(() => expect(said.value).toBe('1 waiting for the connection'))
})

it('a press on the clock is saved once it has its answer', async () => {
  const said = useSavedWords()
  let answer = () => {}
  server.answerWith(
    () =>
      new Promise((done) => (answer = () => done({ body: { clock: null, clockVersion: 1, done: true } }))),
  )
  const pressed = useLesson().pressClock({ kind: 'start' })
  expect(said.value).toBe('saving…')
  await vi.advanceTimersByTimeAsync(0)
  answer()
  await pressed
  expect(said.value).toBe('saved')
})

it('says that nothing is kept where the browser keeps nothing', () => {
  expect(waitingWords()).toBe('kept here until the connection is back')
  vi.spyOn(localStorage, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  vi.spyOn(console, 'error').mockImplementation(() => {})
  void acts['a tick']!()
  expect(waitingWords()).toBe('on this page only. Leave it open until the connection is back')
  vi.restoreAllMocks()
  void acts['a tick']!()
  expect(waitingWords()).toBe('kept here until the connection is back')
})
