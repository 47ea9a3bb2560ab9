import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Note } from '#core/wonder'
import { fakeServer, lessonDto, refusal } from '~/testing/fakeServer'
import { useLesson } from '../lesson'
import { useOutbox } from './outbox'
import { useWonder } from '../wonder'

const note: Note = { id: 'n1', kind: 'asking', text: 'Why?', sort: null, settled: false }
const higher = { format: 'direction', direction: 'more' } as const
let server: ReturnType<typeof fakeServer>

beforeEach(async () => {
  vi.useFakeTimers()
  server = fakeServer(({ method }) => ({ body: method === 'GET' ? lessonDto() : {} }))
  await useLesson().load('one')
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const predicted = () => useLesson().open.predictions.map((one) => [one.groupId, one.seat, one.because])
const predict = (because: string) => useLesson().predict({ groupId: 'bell', seat: 0 }, higher, because)
const stored = () => [...server.kept.keys()].filter((key) => key.startsWith('jolly-beaker-act-'))

describe('a prediction', () => {
  it('is shown at once, sent, and forgotten here once the server has it', async () => {
    const sent = predict('it is heavy')
    expect(predicted()).toEqual([['bell', 0, 'it is heavy']])
    expect(stored()).toHaveLength(1)
    await sent
    expect(server.of('PUT')[0]).toEqual({
      method: 'PUT',
      path: '/api/lessons/one/predictions/bell',
      body: { seat: 0, answer: higher, because: 'it is heavy', step: 'before' },
    })
    expect(stored()).toEqual([])
  })

  it.each([
    ['without a connection', () => 'offline' as const],
    ['when the server fails', () => refusal(500, 'failed')],
    ['when the server asks for time', () => refusal(429, 'failed')],
  ])('waits %s and is sent again by itself', async (_when, answer) => {
    server.answerWith(answer)
    await predict('so')
    expect([useOutbox().offline, useOutbox().refused, stored().length]).toEqual([true, [], 1])
    server.answerWith(() => ({ body: {} }))
    await vi.advanceTimersByTimeAsync(2500)
    expect([useOutbox().offline, useOutbox().waiting, stored()]).toEqual([false, [], []])
    expect(server.of('PUT')).toHaveLength(2)
  })

  it('that was changed once more while it was on its way is sent as it is then', async () => {
    let answer: () => void = () => {}
    // Whatever else the page saves is answered at once, and takes no prediction's place.
    server.answerWith(({ path }) =>
      path.includes('/predictions/')
        ? new Promise((done) => (answer = () => done({ body: {} })))
        : { body: {} },
    )
    const sent = (...reasons: string[]) =>
      vi.waitFor(() =>
        expect(
          server
            .of('PUT')
            .filter(({ path }) => path.includes('/predictions/'))
            .map((one) => (one.body as { because: string }).because),
        ).toEqual(reasons),
      )
    void predict('first')
    await sent('first')
    void predict('second')
    answer()
    await sent('first', 'second')
    answer()
    await vi.waitFor(() => expect(stored()).toEqual([]))
    expect(predicted()).toEqual([['bell', 0, 'second']])
  })

  it('that the server will never take goes from the lesson, stays here with the reason, and may be sent again', async () => {
    server.answerWith(({ method }) => (method === 'GET' ? { body: lessonDto() } : refusal(400, 'invalid')))
    await predict('so')
    await vi.advanceTimersByTimeAsync(0)
    const outbox = useOutbox()
    expect(predicted()).toEqual([])
    expect(outbox.refused).toMatchObject([{ message: 'refused: invalid', act: { because: 'so' } }])
    server.answerWith(() => ({ body: {} }))
    await outbox.sendAgain(outbox.refused[0]!)
    expect([outbox.refused, stored()]).toEqual([[], []])
  })

  it('comes back with the page that was closed before the server had it', async () => {
    server.answerWith(() => 'offline')
    await predict('so')
    setActivePinia(createPinia())
    server.answerWith(({ method }) => ({ body: method === 'GET' ? lessonDto() : {} }))
    await useLesson().load('one')
    expect(predicted()).toEqual([['bell', 0, 'so']])
    await useOutbox().flush()
    expect(stored()).toEqual([])
  })

  it('is not sent over a newer one of another tab', async () => {
    server.answerWith(() => 'offline')
    await predict('old')
    const thisTab = useOutbox()
    setActivePinia(createPinia())
    server.answerWith(({ method }) => ({ body: method === 'GET' ? lessonDto() : {} }))
    await useLesson().load('one')
    await predict('new')
    await thisTab.flush()
    expect(server.of('PUT').map((one) => (one.body as { because: string }).because)).toEqual(['old', 'new'])
    expect([thisTab.waiting, stored()]).toEqual([[], []])
  })

  it('is sent, too, by a browser that keeps nothing', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => {})
    const { setItem } = localStorage
    localStorage.setItem = () => {
      throw new Error('full')
    }
    await predict('so')
    localStorage.setItem = setItem
    expect(server.of('PUT')).toHaveLength(1)
    expect(useOutbox().waiting).toEqual([])
  })
})

describe('a note', () => {
  it('that is taken off before it was ever sent is sent as taken off', async () => {
    server.answerWith(() => 'offline')
    await useLesson().act({ kind: 'note', note })
    await useWonder().removeNote(note)
    expect(useLesson().open.notes).toEqual([])
    server.answerWith(() => refusal(404, 'not-found'))
    await useOutbox().flush()
    // What is not there has been taken off.
    expect([useOutbox().refused, stored()]).toEqual([[], []])
  })

  it('holds up no other when the server fails at it', async () => {
    server.answerWith(({ path }) => (path.endsWith('n1') ? refusal(500, 'failed') : { body: {} }))
    await useLesson().act({ kind: 'note', note })
    await useLesson().act({ kind: 'note', note: { ...note, id: 'n2' } })
    expect(stored()).toEqual(['jolly-beaker-act-waiting-one|note|n1'])
  })
})

it('what somebody changed by hand among what is kept does not keep the page from opening', () => {
  server.kept.set('jolly-beaker-act-waiting-one|note|n1', '{"version":1,"at":"x","act":{"kind":"note"}}')
  setActivePinia(createPinia())
  expect(useOutbox().waiting).toEqual([])
  expect(stored()).toEqual([])
})

describe('what a group leaves with another', () => {
  const pair = { byGroupId: 'leaf', ofGroupId: 'bell' }
  const leave = (question: string) =>
    useLesson().act({ kind: 'review', ...pair, convinced: 'It is close.', question })
  const reviews = () => useLesson().open.reviews

  it('is shown at once and sent, as is its answer, which a later question keeps', async () => {
    const sent = leave('Which side?')
    expect(reviews()).toMatchObject([{ ...pair, question: 'Which side?', answer: '', removed: false }])
    await sent
    await useLesson().act({ kind: 'review-answer', ...pair, answer: 'The lower.' })
    await leave('Which side exactly?')
    expect(reviews()).toMatchObject([{ question: 'Which side exactly?', answer: 'The lower.' }])
    expect(server.of('PUT').map(({ path, body }) => [path, body])).toEqual([
      ['/api/lessons/one/reviews/leaf/bell', { convinced: 'It is close.', question: 'Which side?' }],
      ['/api/lessons/one/reviews/leaf/bell/answer', { answer: 'The lower.' }],
      ['/api/lessons/one/reviews/leaf/bell', { convinced: 'It is close.', question: 'Which side exactly?' }],
    ])
    expect(stored()).toEqual([])
  })

  it('waits while visits are closed, and holds nothing else up', async () => {
    server.answerWith(({ path }) => (path.includes('/reviews/') ? refusal(403, 'not-allowed') : { body: {} }))
    await leave('Which side?')
    await predict('so')
    expect(useOutbox().waiting.map(({ act }) => act.kind)).toEqual(['review'])
    expect(useOutbox().refused).toEqual([])
    expect(stored()).toHaveLength(1)
  })

  it('is read again from what this browser kept, and not where that is damaged', async () => {
    server.answerWith(() => 'offline' as const)
    await leave('Which side?')
    const [key] = stored()
    const kept = server.kept.get(key!)!
    server.kept.set('jolly-beaker-act-waiting-broken', kept.replace('"Which side?"', '3'))
    setActivePinia(createPinia())
    expect(useOutbox().waiting.map(({ act }) => act.kind)).toEqual(['review'])
  })

  it('says what was seen before, and not once somebody sends it again knowingly', async () => {
    server.answerWith(({ path }) => (path.includes('/reviews/') ? refusal(409, 'conflict') : { body: {} }))
    await useLesson().act({ kind: 'review-answer', ...pair, answer: 'The lower.', was: '' })
    const [refused] = useOutbox().refused
    server.answerWith(() => ({ body: {} }))
    await useOutbox().sendAgain(refused!)
    expect(server.of('PUT').map(({ body }) => body)).toEqual([
      { answer: 'The lower.', was: '' },
      { answer: 'The lower.' },
    ])
    expect(useOutbox().refused).toEqual([])
  })
})
