import { createFetch } from 'ofetch'
import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import { usualCalendar } from '#core/calendar'
import { emptyConclusion } from '#core/conclusion'
import { instrumentCupboard } from '#core/instrument'
import { usualWays } from '#core/plan'
import { noStimulus } from '#core/wonder'
import { examplePlan } from '../../core/testing/examplePlan'
import type { ApiProblem, LessonDto } from '#shared/types/api'

/** A lesson of three groups as the server would send it. */
export function lessonDto(changes: Partial<LessonDto> = {}): LessonDto {
  const groups = (['leaf', 'bell', 'key'] as const).map((emblem) => ({ id: emblem, name: emblem, emblem }))
  return {
    id: 'one',
    investigationId: 'i',
    class: {
      id: 'c',
      name: 'Heron',
      ageBand: '7-9',
      vocabulary: 'plain',
      groups,
      children: 12,
      byGroup: [4, 4, 4],
    },
    date: '2026-03-09',
    stage: 'plan',
    wholeId: 'one',
    parts: [{ id: 'one', groups, changed: 'drop height', measured: 'bounce height' }],
    stimulus: noStimulus,
    notes: [],
    school: { ways: usualWays, cupboard: instrumentCupboard, calendar: usualCalendar },
    plan: examplePlan(),
    planVersion: 0,
    conclusion: emptyConclusion,
    conclusionVersion: 0,
    clock: null,
    clockVersion: 0,
    predictions: [],
    entries: [],
    observations: [],
    reviewing: null,
    reviews: [],
    seq: 0,
    cursor: '0.0',
    safety: null,
    finishedAt: null,
    removed: false,
    ...changes,
  }
}

export interface SentRequest {
  method: string
  path: string
  body: never
}

/** What a fake server answers: a body, or a status with a problem; `offline` is no answer at all. */
export type Answer = { body: unknown } | { status: number; problem: ApiProblem['error'] } | 'offline'

/** An answer that is read at once: a real one takes turns of the loop, more of them on a busy machine, and timers here are the test's own. */
const answered = (status: number, body: unknown) => ({
  status,
  ok: status < 400,
  headers: new Headers(),
  _bodyInit: true,
  text: () => Promise.resolve(JSON.stringify(body)),
})

/**
 * Stands in for the network and the browser's store: every request is noted and answered by the test, now or
 * later. Gives back the requests so far and how to change the answers.
 */
export function fakeServer(answer: (request: SentRequest) => Answer | Promise<Answer>) {
  const sent: SentRequest[] = []
  const entries = new Map<string, string>()
  let answering = answer
  vi.stubGlobal('localStorage', {
    get length() {
      return entries.size
    },
    key: (index: number) => [...entries.keys()][index] ?? null,
    getItem: (key: string) => entries.get(key) ?? null,
    setItem: (key: string, value: string) => void entries.set(key, value),
    removeItem: (key: string) => void entries.delete(key),
  })
  vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body?: string }) => {
    const request = { method, path, body: (body === undefined ? undefined : JSON.parse(body)) as never }
    sent.push(request)
    const came = await answering(request)
    if (came === 'offline') throw new TypeError('no network')
    return 'body' in came ? answered(200, came.body) : answered(came.status, { error: came.problem })
  })
  // As Nuxt gives it to every page.
  vi.stubGlobal('$fetch', createFetch({ fetch: (path, options) => fetch(path, options) }))
  setActivePinia(createPinia())
  return {
    sent,
    kept: entries,
    answerWith: (next: typeof answer) => (answering = next),
    of: (method: string) => sent.filter((request) => request.method === method),
  }
}

/** A refusal as the server words it. */
export const refusal = (
  status: number,
  code: ApiProblem['error']['code'],
  fields: ApiProblem['error']['fields'] = [],
): Answer => ({
  status,
  problem: { code, message: `refused: ${code}`, fields },
})
