// Long: everything that may happen to a lesson while it is open on several screens.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { clockAfter } from '#core/timetable'
import type { LessonDto } from '#shared/types/api'
import { fakeServer, lessonDto, refusal, type Answer, type SentRequest } from '~/testing/fakeServer'
import { entry } from '../../../core/testing/exampleEntries'
import { useFairness } from '../fairness'
import { useLesson } from '.'
import { useNotices } from '../notices'
import { useResults } from '../results'

let server: ReturnType<typeof fakeServer>
let held: LessonDto

/** A server that keeps one lesson and refuses a version that is not its own. */
function keep({ method, path, body }: SentRequest): Answer {
  if (method === 'GET') return { body: { ...held, id: path.split('/').at(-1) } }
  const { version, plan, conclusion } = body as {
    version: number
    plan: LessonDto['plan']
    conclusion: LessonDto['conclusion']
  }
  if (path.endsWith('/plan')) {
    if (version !== held.planVersion) return refusal(409, 'conflict')
    held = { ...held, plan, planVersion: version + 1 }
    return { body: { planVersion: held.planVersion } }
  }
  if (path.endsWith('/conclusion')) {
    if (version !== held.conclusionVersion) return refusal(409, 'conflict')
    held = { ...held, conclusion, conclusionVersion: version + 1 }
    return { body: { conclusionVersion: held.conclusionVersion } }
  }
  return { body: {} }
}

beforeEach(async () => {
  vi.useFakeTimers()
  held = lessonDto()
  server = fakeServer(keep)
  await useLesson().load('one')
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const later = (milliseconds = 400) => vi.advanceTimersByTimeAsync(milliseconds)

describe('the plan of an open lesson', () => {
  it('is saved a moment after the last edit, in one request, with its version', async () => {
    const store = useLesson()
    store.editPlan({ question: 'a' }, 'question')
    store.editPlan({ question: 'ab' }, 'question')
    expect(store.saving).toBe('waiting')
    await later()
    expect(server.of('PUT').map((one) => one.body)).toEqual([
      { save: expect.any(String) as string, plan: { ...lessonDto().plan, question: 'ab' }, version: 0 },
    ])
    expect([store.saving, store.open.planVersion]).toEqual(['saved', 1])
  })

  it('takes an edit that changes nothing for none: nothing is sent, and nothing waits to be undone', async () => {
    const store = useLesson()
    store.editPlan((plan) => plan)
    await later()
    expect([store.saving, store.past.length, server.of('PUT').length]).toEqual(['saved', 0, 0])
  })

  it('undoes quick edits of one field together, others one by one', () => {
    const store = useLesson()
    store.editPlan({ question: 'a' }, 'question')
    store.editPlan({ question: 'ab' }, 'question')
    store.editPlan({ tries: 5 })
    store.undoPlan()
    expect(store.plan).toMatchObject({ question: 'ab', tries: 3 })
    store.undoPlan()
    expect(store.plan.question).toBe(lessonDto().plan.question)
    store.undoPlan()
    expect(store.past).toEqual([])
  })

  it('saves one edit after the other, though the first answer is slow', async () => {
    const store = useLesson()
    let answerFirst = () => {}
    server.answerWith((request) =>
      request.method === 'PUT' && server.of('PUT').length === 1
        ? new Promise((done) => (answerFirst = () => done(keep(request))))
        : keep(request),
    )
    store.editPlan({ tries: 4 })
    await later()
    store.editPlan({ tries: 5 })
    await later()
    expect(server.of('PUT')).toHaveLength(1)
    answerFirst()
    await later()
    expect(server.of('PUT').map((one) => (one.body as { version: number }).version)).toEqual([0, 1])
    expect([held.plan.tries, store.saving]).toEqual([5, 'saved'])
  })

  it('keeps both where two screens change different words at once', async () => {
    const store = useLesson()
    let answerFirst = () => {}
    server.answerWith((request) =>
      request.method === 'PUT'
        ? new Promise((done) => (answerFirst = () => done(keep(request))))
        : keep(request),
    )
    store.editPlan({ question: 'mine' })
    await later()
    held = { ...held, plan: { ...held.plan, title: 'theirs' }, planVersion: 1, seq: 1 }
    store.apply({ kind: 'plan', plan: held.plan, planVersion: 1, seq: 1 })
    expect(store.plan.question).toBe('mine')
    server.answerWith(keep)
    answerFirst()
    await later()
    expect(store.plan).toMatchObject({ question: 'mine', title: 'theirs' })
    expect([held.plan, store.saving, store.clashes]).toEqual([store.plan, 'saved', []])
    store.undoPlan()
    await later()
    expect(held.plan).toEqual({ ...lessonDto().plan, title: 'theirs' })
  })

  it('shows theirs where two change the same word, and asks which one stays', async () => {
    const store = useLesson()
    const theirs = () => {
      held = {
        ...held,
        plan: { ...held.plan, question: 'theirs' },
        planVersion: held.planVersion + 1,
        seq: held.seq + 1,
      }
      store.apply({ kind: 'plan', plan: held.plan, planVersion: held.planVersion, seq: held.seq })
    }
    store.editPlan({ question: 'mine' })
    theirs()
    expect(store.plan.question).toBe('theirs')
    expect(store.clashes).toEqual([{ of: 'plan', path: ['question'], mine: 'mine', theirs: 'theirs' }])
    store.choose(store.clashes[0]!, 'mine')
    await later()
    expect([held.plan.question, store.clashes]).toEqual(['mine', []])
    store.editPlan({ question: 'mine again' })
    theirs()
    store.choose(store.clashes[0]!, 'theirs')
    await later()
    expect([held.plan.question, store.saving]).toEqual(['theirs', 'saved'])
  })

  it('loses no word and asks nothing when a save arrives and its answer does not', async () => {
    const store = useLesson()
    const done = new Map<string, Answer>()
    const onceEach = (request: SentRequest): Answer => {
      if (request.method !== 'PUT') return keep(request)
      const { save } = request.body as { save: string }
      if (!done.has(save)) done.set(save, keep(request))
      return done.get(save)!
    }
    server.answerWith((request) => {
      onceEach(request)
      return 'offline'
    })
    store.editPlan({ question: 'one' })
    await later()
    expect([held.plan.question, store.saving]).toEqual(['one', 'refused'])
    store.editPlan({ question: 'one, two' })
    server.answerWith(onceEach)
    await later(4000)
    expect([held.plan.question, store.plan.question]).toEqual(['one, two', 'one, two'])
    expect([store.saving, store.clashes]).toEqual(['saved', []])
  })

  it('undoes only what was done here, and leaves what another screen has made of the same since', async () => {
    const store = useLesson()
    store.editPlan({ question: 'mine', tries: 5 })
    await later()
    held = { ...held, plan: { ...held.plan, question: 'theirs' }, planVersion: 2, seq: 1 }
    store.apply({ kind: 'plan', plan: held.plan, planVersion: 2, seq: 1 })
    store.undoPlan()
    await later()
    expect(held.plan).toMatchObject({ question: 'theirs', tries: lessonDto().plan.tries })
    expect(useNotices().current?.text).toBe('Another screen has changed this since, so its version stays.')
  })

  it('has what was typed before the page was closed, when it is opened again', async () => {
    server.answerWith((request) => (request.method === 'PUT' ? 'offline' : keep(request)))
    useLesson().editPlan({ question: 'mine' })
    useLesson().editConclusion({ better: 'Level the floor.' })
    await later()
    held = { ...held, plan: { ...held.plan, title: 'theirs' }, planVersion: 1, seq: 1 }
    setActivePinia(createPinia())
    server.answerWith(keep)
    await useLesson().load('one')
    expect(useLesson().plan).toMatchObject({ question: 'mine', title: 'theirs' })
    await later()
    expect(held).toMatchObject({
      plan: { question: 'mine', title: 'theirs' },
      conclusion: { better: 'Level the floor.' },
    })
    expect([...server.kept.keys()]).toEqual([])
  })

  it('leaves alone what another tab of this browser is typing, whatever is heard meanwhile', async () => {
    const other = useLesson()
    setActivePinia(createPinia())
    const store = useLesson()
    await store.load('one')
    other.editPlan({ question: 'half a w' })
    store.apply({ kind: 'lesson', date: '2026-03-09', stage: 'test', seq: 1 })
    expect([store.plan.question, store.saving]).toEqual([lessonDto().plan.question, 'saved'])
  })

  it('asks again about two texts when the page was closed before the teacher chose', async () => {
    useLesson().editPlan({ question: 'mine', tries: 5 })
    held = { ...held, plan: { ...held.plan, question: 'theirs' }, planVersion: 1, seq: 1 }
    useLesson().apply({ kind: 'plan', plan: held.plan, planVersion: 1, seq: 1 })
    await later()
    expect(held.plan).toMatchObject({ question: 'theirs', tries: 5 })
    setActivePinia(createPinia())
    const store = useLesson()
    await store.load('one')
    expect(store.clashes).toMatchObject([{ path: ['question'], mine: 'mine', theirs: 'theirs' }])
    store.choose(store.clashes[0]!, 'mine')
    await later()
    expect([held.plan.question, [...server.kept.keys()]]).toEqual(['mine', []])
  })

  it('offers nothing that nobody came back for within a fortnight', async () => {
    server.answerWith((request) => (request.method === 'PUT' ? 'offline' : keep(request)))
    useLesson().editPlan({ question: 'mine' })
    await later()
    setActivePinia(createPinia())
    vi.setSystemTime(Date.now() + 15 * 24 * 60 * 60 * 1000)
    await useLesson().load('one')
    expect(useLesson().plan.question).toBe(lessonDto().plan.question)
    expect([...server.kept.keys()]).toEqual([])
  })

  it('stays on the screen and is sent again when the server is not reached', async () => {
    const store = useLesson()
    server.answerWith(() => 'offline')
    store.editPlan({ tries: 7 })
    await later()
    expect([store.plan.tries, store.saving]).toEqual([7, 'refused'])
    server.answerWith(keep)
    await later(4000)
    expect([held.plan.tries, store.saving]).toEqual([7, 'saved'])
  })

  it('points at the field that the server refuses and keeps the rest', async () => {
    const store = useLesson()
    server.answerWith(() =>
      refusal(400, 'invalid', [{ path: 'plan.measured.unit', message: 'There are readings.' }]),
    )
    store.editPlan({ tries: 8 })
    await later()
    expect(store.planProblems).toEqual([{ path: 'measured.unit', message: 'There are readings.' }])
    expect(store.plan.tries).toBe(8)
    server.answerWith(keep)
    store.editPlan({ tries: 9 })
    await later()
    expect([store.planProblems, held.plan.tries]).toEqual([[], 9])
  })

  it('is saved before another lesson is opened, and a late answer does not bring the old one back', async () => {
    const store = useLesson()
    store.editPlan({ tries: 6 })
    let answerOne = () => {}
    const loading = store.load('two')
    await vi.waitFor(() => expect(held.plan.tries).toBe(6))
    await loading
    server.answerWith(({ path }) =>
      path.endsWith('/one')
        ? new Promise((done) => (answerOne = () => done({ body: lessonDto() })))
        : { body: lessonDto({ id: 'three' }) },
    )
    const first = store.load('one')
    const second = store.load('three')
    await second
    answerOne()
    await first
    expect(store.open.id).toBe('three')
  })
})

describe('a lesson that is left while the server fails', () => {
  it('is saved once it works, though another one is open', async () => {
    const store = useLesson()
    server.answerWith((request) => (request.method === 'PUT' ? refusal(500, 'failed') : keep(request)))
    store.editPlan({ tries: 6 })
    store.editConclusion({ better: 'Level the floor.' })
    const loading = store.load('two')
    await later()
    await loading
    expect([held.plan.tries, store.saving]).toEqual([3, 'saved'])
    server.answerWith(keep)
    await later(4000)
    expect([held.plan.tries, held.conclusion.better]).toEqual([6, 'Level the floor.'])
  })
})

describe('what other screens do', () => {
  it('appears once, whichever way it is heard', () => {
    const store = useLesson()
    const one = entry({ id: 'r', groupId: 'leaf', value: 12 })
    store.apply({ kind: 'entries', entries: [one], seq: 1 })
    store.apply({ kind: 'entries', entries: [one], seq: 1 })
    store.apply({ kind: 'entries', entries: [one], seq: 2 })
    expect(store.entries).toEqual([one])
    expect(store.progress.map((group) => group.done)).toEqual([1, 0, 0])
    expect(useResults().evidence.results[0]!.centre).toBe(12)
  })

  it('is fetched anew when an event was missed', async () => {
    held = { ...held, entries: [entry({ groupId: 'bell' })], seq: 5 }
    useLesson().apply({ kind: 'lesson', date: '2026-03-10', stage: 'test', seq: 5 })
    await later()
    expect(useLesson().open).toMatchObject({ seq: 5, entries: held.entries })
  })

  it('shows another day, stage, class and prediction', () => {
    const store = useLesson()
    const { class: own } = store.open
    store.apply({ kind: 'lesson', date: '2026-03-12', stage: 'test', seq: 1 })
    store.apply({ kind: 'class', class: { ...own, name: 'Renamed' }, seq: 2 })
    const prediction = {
      groupId: 'leaf',
      seat: 0,
      answer: { format: 'direction' as const, direction: 'more' as const },
      because: '',
      madeAt: '',
      late: false,
      step: 'before' as const,
      known: 0,
    }
    store.apply({ kind: 'prediction', prediction, seq: 3 })
    store.apply({ kind: 'prediction', prediction: { ...prediction, because: 'x' }, seq: 4 })
    expect(store.open).toMatchObject({
      date: '2026-03-12',
      stage: 'test',
      class: { name: 'Renamed' },
      predictions: [{ because: 'x' }],
    })
  })
})

describe('the conclusion of an open lesson', () => {
  it('puts what was typed here on top of what another screen wrote', async () => {
    const store = useLesson()
    held = {
      ...held,
      conclusion: { ...held.conclusion, better: 'theirs' },
      conclusionVersion: 3,
    }
    store.editConclusion({ dissent: 'mine' })
    await later()
    await later()
    expect(held.conclusion).toMatchObject({ better: 'theirs', dissent: 'mine' })
    expect([store.saving, store.open.conclusionVersion]).toEqual(['saved', 4])
  })

  it('tells why it is not saved and keeps it', async () => {
    const store = useLesson()
    server.answerWith(() => refusal(400, 'invalid'))
    store.editConclusion({ nextQuestion: 'On carpet?' })
    await later()
    expect([store.saving, store.open.conclusion.nextQuestion, useNotices().current?.text]).toEqual([
      'refused',
      'On carpet?',
      'refused: invalid',
    ])
  })
})

describe('a lesson that is not there', () => {
  it('leaves words why', async () => {
    server.answerWith(() => refusal(404, 'not-found'))
    await useLesson().load('gone')
    expect([useLesson().problem, useLesson().lesson]).toEqual(['refused: not-found', null])
  })

  it('goes back to its day when the new one is refused', async () => {
    server.answerWith(() => refusal(400, 'invalid'))
    await useLesson().setDate('2026-99-99')
    expect(useLesson().open.date).toBe('2026-03-09')
  })
})

describe('who predicts', () => {
  it('is each group, every child by seat, or the class, with what they have said', async () => {
    const store = useLesson()
    const said = { answer: { format: 'direction' as const, direction: 'more' as const }, because: '' }
    store.apply({
      kind: 'prediction',
      prediction: { groupId: 'leaf', seat: 2, ...said, madeAt: '', late: false, step: 'before', known: 0 },
      seq: 1,
    })
    expect(store.predictors.map((one) => one.made)).toEqual([null, null, null])
    store.editPlan((plan) => ({ ...plan, prediction: { ...plan.prediction, who: 'child' } }))
    expect(store.predictors).toHaveLength(12)
    expect(store.predictors.filter((one) => one.made).map((one) => [one.group.name, one.seat])).toEqual([
      ['leaf', 2],
    ])
    store.editPlan((plan) => ({ ...plan, prediction: { ...plan.prediction, who: 'class' } }))
    expect(store.predictors.map((one) => one.groupId)).toEqual(['leaf'])
  })

  it('sends its seat along and replaces what that seat had said', async () => {
    const store = useLesson()
    const answer = { format: 'direction' as const, direction: 'less' as const }
    server.answerWith(({ body }) => ({
      body: { groupId: 'bell', madeAt: '', late: false, ...(body as object) },
    }))
    for (const because of ['first', 'then'])
      await store.predict({ groupId: 'bell', seat: 3 }, answer, because)
    expect(server.of('PUT').at(-1)!.body).toEqual({ seat: 3, answer, because: 'then', step: 'before' })
    expect(store.open.predictions.map((one) => one.because)).toEqual(['then'])
  })
})

describe('the school of an open lesson', () => {
  it('sets what Fair finds usual, and in whose words it speaks', async () => {
    const store = useLesson()
    const fairness = useFairness()
    expect(fairness.fair.findings.map((one) => one.code)).not.toContain('too-few-tries')
    const { ways } = store.open.school
    const byAge = { ...ways.byAge, '7-9': { tries: 6, summary: 'mean' as const } }
    store.patch({ school: { ...store.open.school, ways: { ...ways, byAge } } })
    expect(fairness.fair.findings.map((one) => one.code)).toContain('too-few-tries')
  })

  it('is fetched anew when groups get a test of their own', async () => {
    const store = useLesson()
    const before = server.of('GET').length
    store.apply({ kind: 'parts', seq: 1 })
    await later()
    expect(server.of('GET')).toHaveLength(before + 1)
  })
})

describe('the clock of the class', () => {
  const started = clockAfter(
    null,
    { kind: 'start', steps: [{ id: 'talk', kind: 'talk', name: 'Talk', seconds: 300 }] },
    0,
  )!

  it('shows how it goes now where another screen has pressed first, and says so', async () => {
    const store = useLesson()
    server.answerWith(() => ({ body: { clock: started, clockVersion: 3, done: false } }))
    await store.pressClock({ kind: 'pause' })
    expect(server.of('POST').at(-1)!.body).toEqual({ act: { kind: 'pause' }, version: 0 })
    expect(store.open).toMatchObject({ clock: started, clockVersion: 3 })
    expect(useNotices().current?.text).toContain('Another screen pressed first')
  })

  it('stays as it was where the server is in trouble, and says so', async () => {
    const store = useLesson()
    for (const answer of [refusal(500, 'failed'), 'offline'] as const) {
      server.answerWith(() => answer)
      await store.pressClock({ kind: 'start' })
      expect(store.open.clock).toBeNull()
      expect(useNotices().current?.kind).toBe('problem')
    }
  })
})
