// @module-tag postgres: the order of events is that of the commits
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { applyEvent, applyToPack } from '#shared/lesson/applyEvent'
import type { LessonDto, LessonEvent, PackDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../testing/examples'
import { collectMessages, positionOf } from '../testing/collectMessages'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

type Lesson = Awaited<ReturnType<typeof bounceLesson>>
type Act = (on: Lesson) => Promise<{ status: number }>
const fetched = async ({ path }: Lesson) => (await app.call<LessonDto>('GET', path)).body
const kitOf = async ({ path }: Lesson) => (await app.call<PackDto>('GET', `${path}/pack`)).body

const direction = (said: string) => ({ format: 'direction', direction: said })
const noteIds = Array.from({ length: 3 }, newId)
const note = { kind: 'asking', text: 'Does a softer floor matter?', sort: null, settled: false }

/** Everything that screens do with a lesson, each as a route takes it. */
const acts: Record<string, Act> = {
  entry: async (on) => app.call('POST', `${on.path}/entries`, { entries: [sentEntry(on.lesson)] }),
  observation: ({ path, lesson }) =>
    app.call('PUT', `${path}/observations/${newId()}`, {
      groupId: lesson.class.groups[0]!.id,
      kind: 'noticed',
      text: 'It hit the skirting board',
      about: null,
      source: 'sheet',
      seenAt: '2026-03-09T10:20:00.000Z',
      picture: null,
    }),
  prediction: ({ path, lesson }) =>
    app.call('PUT', `${path}/predictions/${lesson.class.groups[1]!.id}`, {
      seat: 0,
      answer: direction('more'),
      because: 'a higher drop is faster',
    }),
  'another prediction': ({ path, lesson }) =>
    app.call('PUT', `${path}/predictions/${lesson.class.groups[1]!.id}`, {
      seat: 0,
      answer: direction('same'),
      because: '',
    }),
  plan: async (on) => {
    const lesson = await fetched(on)
    const plan = changedPlan(lesson, { title: `Ball bounce ${lesson.planVersion + 1}` })
    return app.call('PUT', `${on.path}/plan`, { plan, version: lesson.planVersion })
  },
  conclusion: async (on) => {
    const { conclusion, conclusionVersion } = await fetched(on)
    return app.call('PUT', `${on.path}/conclusion`, {
      conclusion: { ...conclusion, better: `${conclusion.better}Level the floor. ` },
      version: conclusionVersion,
    })
  },
  day: ({ path }) => app.call('PATCH', path, { date: '2026-03-12', stage: 'test' }),
  clock: async (on) => {
    const { clock, clockVersion: version } = await fetched(on)
    return app.call('POST', `${on.path}/clock`, { act: { kind: clock ? 'next' : 'start' }, version })
  },
  absent: ({ path, lesson }) =>
    app.call('PUT', `${path}/absent`, { absent: [`${lesson.class.groups[0]!.id}#2`] }),
  stimulus: ({ path }) => app.call('PUT', `${path}/stimulus`, { text: 'Two balls', picture: null }),
  notes: async ({ path }) => {
    const first = await app.call('PUT', `${path}/notes/${noteIds[0]}`, note)
    // A note belongs to one lesson; in another, its number is another's.
    return first.status === 409 ? app.call('PUT', `${path}/notes/${newId()}`, note) : first
  },
  class: ({ own: { id, ...input } }) =>
    app.call('PUT', `/api/classes/${id}`, { ...input, name: 'Wren class' }),
  'taking off and putting back': async ({ path }) => {
    await app.call('DELETE', path)
    return app.call('POST', `${path}/restore`)
  },
  ticks: ({ path, lesson }) =>
    app.call('PUT', `${path}/ticks`, {
      ticks: [{ materialId: 'ball', place: lesson.class.groups[0]!.id, amount: 1 }],
    }),
}

/** A lesson that takes part in some acts, with what a screen heard of them. */
async function afterActs(names: readonly string[]) {
  const on = await bounceLesson(app)
  const kit = await kitOf(on)
  for (const name of names) expect((await acts[name]!(on)).status, name).toBeLessThan(300)
  const now = await fetched(on)
  const count = now.seq - on.lesson.seq
  const heard = count === 0 ? [] : await collectMessages(app, [positionOf(on.lesson)], count)
  const events = heard.map((message) => (message as { event: LessonEvent }).event)
  return { on, kit, events, now }
}

/** Where it has heard to is said by the stream, not by the events. */
const asHeard = ({ cursor: _cursor, ...lesson }: LessonDto) => lesson

describe('a screen that hears every event', () => {
  it.each(Object.keys(acts))('shows what the server would give it after: %s', async (name) => {
    const { on, events, now } = await afterActs([name])
    expect(events).not.toHaveLength(0)
    expect(asHeard(events.reduce(applyEvent, on.lesson))).toEqual(asHeard(now))
  })

  it('does so after anything in any order', async () => {
    const names = Object.keys(acts)
    await fc.assert(
      fc.asyncProperty(fc.array(fc.constantFrom(...names), { minLength: 2, maxLength: 8 }), async (some) => {
        const { on, events, now } = await afterActs(some)
        expect(asHeard(events.reduce(applyEvent, on.lesson))).toEqual(asHeard(now))
      }),
      { numRuns: 12 },
    )
  })

  it('knows what is packed', async () => {
    const { on, kit, events } = await afterActs(['ticks', 'plan', 'ticks'])
    expect(events.reduce(applyToPack, kit).ticks).toEqual((await kitOf(on)).ticks)
  })
})
