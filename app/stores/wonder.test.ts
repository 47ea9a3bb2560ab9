import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Note } from '#core/wonder'
import { fakeServer, lessonDto, refusal } from '../testing/fakeServer'
import { useLesson } from './lesson'
import { useNotices } from './notices'
import { useOutbox } from './sending/outbox'
import { useWonder } from './wonder'

const old: Note = { id: 'n1', kind: 'noticed', text: 'It is red', sort: null, settled: false }
let server: ReturnType<typeof fakeServer>

beforeEach(async () => {
  server = fakeServer(({ method }) => ({ body: method === 'GET' ? lessonDto({ notes: [old] }) : {} }))
  await useLesson().load('one')
})
afterEach(() => vi.unstubAllGlobals())

const texts = () => useLesson().open.notes.map((note) => note.text)

describe('notes', () => {
  it('are shown at once and sent with an identifier made here', async () => {
    const kept = useWonder().addNote('asking', '  Why? ')
    expect(texts()).toEqual(['It is red', 'Why?'])
    await kept
    const [sent] = server.of('PUT')
    expect(sent!.path).toMatch(/^\/api\/lessons\/one\/notes\/[\w-]{36}$/)
    expect(sent!.body).toEqual({ kind: 'asking', text: 'Why?', sort: null, settled: false })
  })

  it('that are refused go away again, and what others wrote meanwhile stays', async () => {
    const theirs = { ...old, id: 'n2', text: 'theirs' }
    server.answerWith(({ method }) =>
      method === 'GET' ? { body: lessonDto({ notes: [old, theirs], seq: 1 }) } : refusal(409, 'conflict'),
    )
    await useWonder().addNote('noticed', 'mine')
    await vi.waitFor(() => expect(texts()).toEqual(['It is red', 'theirs']))
    expect(useOutbox().refused).toMatchObject([
      { message: 'refused: conflict', act: { note: { text: 'mine' } } },
    ])
  })

  it('go back to their old words when a change is refused, and stay as changed without a connection', async () => {
    server.answerWith(() => 'offline')
    await useWonder().changeNote(old, { kind: 'guessed', settled: true })
    expect(useLesson().open.notes).toEqual([{ ...old, kind: 'guessed', settled: true }])
    server.answerWith(({ method }) =>
      method === 'GET' ? { body: lessonDto({ notes: [old] }) } : refusal(409, 'conflict'),
    )
    await useOutbox().flush()
    await vi.waitFor(() => expect(useLesson().open.notes).toEqual([old]))
  })

  it('are taken off with a way back', async () => {
    await useWonder().removeNote(old)
    expect(texts()).toEqual([])
    await useNotices().current!.undo!()
    expect(texts()).toEqual(['It is red'])
    expect(server.sent.map((one) => one.method)).toEqual(['GET', 'DELETE', 'PUT'])
  })

  it('follow what other screens do', () => {
    const store = useLesson()
    store.apply({ kind: 'note', note: { ...old, kind: 'guessed' }, seq: 1 })
    store.apply({ kind: 'stimulus', stimulus: { text: 'a ball', picture: null }, seq: 2 })
    expect(store.open).toMatchObject({ notes: [{ kind: 'guessed' }], stimulus: { text: 'a ball' } })
    store.apply({ kind: 'note-removed', id: 'n1', seq: 3 })
    expect(store.open.notes).toEqual([])
  })
})

describe('the stimulus', () => {
  it('is shown at once and comes back as it was when it is refused', async () => {
    server.answerWith(() => refusal(404, 'not-found'))
    const done = useWonder().setStimulus({ text: 'a puddle', picture: null })
    expect(useLesson().open.stimulus.text).toBe('a puddle')
    expect(await done).toBe(false)
    expect(useLesson().open.stimulus.text).toBe('')
  })
})
