import { expect } from 'vitest'
import { newId, type Plan } from '#core/plan'
import type { Entry } from '#core/entries'
import type { ClassDto, LessonDto, LessonSummaryDto, PackDto, SchoolDto } from '#shared/types/api'
import type { RunningServer } from '../../scripts/runServer'
import { sentEntry } from '../../server/testing/examples'

/** A Monday far off, on which nothing is closed. */
const firstMonday = Date.parse('2031-03-10')
const week = 7 * 24 * 60 * 60 * 1000

/** A running school, and what other devices do in it without a screen of the test's own. */
export type School = ReturnType<typeof schoolAt>

export function schoolAt(server: RunningServer) {
  const { url } = server

  /** Of the teacher who acts here, once teachers sign in. */
  let cookie = ''
  async function taken<T>(path: string, request?: RequestInit): Promise<T> {
    const answer = await fetch(url + path, { ...request, headers: { ...request?.headers, cookie } })
    cookie ||= (answer.headers.getSetCookie()[0] ?? '').split(';')[0]!
    if (!answer.ok) throw new Error(await answer.text())
    return (await answer.json()) as T
  }
  const get = <T>(path: string) => taken<T>(path)
  const text = async (path: string) => (await fetch(url + path, { headers: { cookie } })).text()
  const send = <T = unknown>(method: string, path: string, body: object) =>
    taken<T>(path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })

  const lesson = (id: string) => get<LessonDto>(`/api/lessons/${id}`)
  const lessons = () => get<LessonSummaryDto[]>('/api/lessons')
  /** A lesson of the demo's own; those of tests lie far off. */
  const titled = async (title: string) =>
    (await lessons()).find((one) => one.title === title && Date.parse(one.date) < firstMonday)!.id
  const classes = () => get<ClassDto[]>('/api/classes')

  /** Each lesson has a Monday of its own, so that none takes the other's things from the store cupboard. */
  let weeks = 0
  const ownMonday = () => new Date(firstMonday + week * weeks++).toISOString().slice(0, 10)

  async function beginFrom(from: object, date = ownMonday()): Promise<string> {
    const [own] = await classes()
    return (await send<{ id: string }>('POST', '/api/lessons', { classId: own!.id, date, from })).id
  }
  /** A new lesson of the first class, begun from a starter. */
  const begin = (starter: string, date?: string) => beginFrom({ kind: 'starter', id: starter }, date)
  /** A new lesson of the first class that is only a question yet. */
  const ask = (question: string) => beginFrom({ kind: 'question', question })

  async function changePlan(id: string, changes: (plan: Plan) => Partial<Plan>): Promise<Plan> {
    const { plan: before, planVersion: version } = await lesson(id)
    const plan = { ...before, ...changes(before) }
    await send('PUT', `/api/lessons/${id}/plan`, { plan, version })
    return plan
  }

  /** Says that the cautions have been checked, as a teacher does before the first reading. */
  async function confirmCautions(id: string): Promise<void> {
    const { planVersion: version } = await lesson(id)
    await send('POST', `/api/lessons/${id}/safety`, { initials: 'AB', version })
  }

  async function predict(id: string, place: number, answer: object, because = 'so'): Promise<void> {
    const { class: own } = await lesson(id)
    const path = `/api/lessons/${id}/predictions/${own.groups[place]!.id}`
    await send('PUT', path, { seat: 0, answer, because })
  }

  /** A small lesson of a starter: two levels, one try, nothing left to predict, to confirm or to practise first. */
  async function small(
    starter: string,
    changes: (plan: Plan) => Partial<Plan>,
    date?: string,
  ): Promise<string> {
    const id = await begin(starter, date)
    const plan = await changePlan(id, (whole) => {
      const few = { ...whole, levels: whole.levels.slice(0, 2), tries: 1, practiceTries: 0 }
      return { ...few, ...changes(few) }
    })
    await confirmCautions(id)
    const levelIds = plan.levels.map((level) => level.id)
    const answer =
      plan.prediction.format === 'order'
        ? { format: 'order', levelIds }
        : { format: 'choice', levelId: levelIds[0]! }
    const { class: own } = await lesson(id)
    for (const place of own.groups.keys()) await predict(id, place, answer)
    return id
  }

  /** Entries from another device. */
  const record = (id: string, ...entries: Entry[]) => send('POST', `/api/lessons/${id}/entries`, { entries })

  /** All other groups find what the first one has found, once all its entries have arrived. */
  async function othersFindTheSame(id: string, arrived: number): Promise<void> {
    const { class: own } = await lesson(id)
    const [first, ...others] = own.groups
    const entriesOfFirst = async () => (await lesson(id)).entries.filter((one) => one.groupId === first!.id)
    await expect.poll(async () => (await entriesOfFirst()).length).toBe(arrived)
    const found = await entriesOfFirst()
    for (const { id: groupId } of others)
      await record(id, ...found.map((one) => ({ ...one, id: newId(), groupId })))
  }

  /** A number of a group from another device, at the level and try that its place among all comes to. */
  async function read(id: string, place: number, index: number, value: number): Promise<void> {
    const whole = await lesson(id)
    const { plan, class: own } = whole
    const slot = {
      groupId: own.groups[place]!.id,
      levelId: plan.levels[Math.floor(index / plan.tries)]!.id,
      tryNumber: (index % plan.tries) + 1,
    }
    await record(id, sentEntry(whole, { ...slot, value, takenAt: new Date().toISOString() }))
  }

  /** Begins with sign-in, as a school does that others reach; gives back the cookie of its first teacher. */
  async function letTeachersSignIn(): Promise<{ name: string; value: string }> {
    const teacher = { name: 'Ms Thorne', passphrase: 'apple pencil window' }
    if (!cookie) await send('POST', '/api/set-up', { schoolName: 'Tidewick School', teacher })
    const [name = '', value = ''] = cookie.split('=')
    return { name, value }
  }

  return {
    letTeachersSignIn,
    ...{ url, server, get, text, send, lesson, lessons, titled, classes },
    ...{ begin, ask, small, changePlan, confirmCautions, predict, record, read, othersFindTheSame },
    school: () => get<SchoolDto>('/api/school'),
    pack: (id: string) => get<PackDto>(`/api/lessons/${id}/pack`),
    /** The entries of a lesson with their one number in sight. */
    numbers: async (id: string) =>
      (await lesson(id)).entries.map(({ fields, ...entry }) => ({ ...entry, ...fields.value })),
    /** How many entries count that were not changed since. */
    counted: async (id: string) => {
      const { entries } = await lesson(id)
      const gone = new Set(entries.map((one) => one.supersedes))
      return entries.filter((one) => one.status === 'counted' && !gone.has(one.id)).length
    },
  }
}

/** Levels that are kinds, in their order. */
export const kinds = (plan: Plan, names: readonly string[]): Plan['levels'] =>
  names.map((name) => ({
    id: newId(),
    name,
    value: null,
    baseline: false,
    picture: plan.levels[0]!.picture,
  }))
