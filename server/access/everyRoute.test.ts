import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { ApiProblem, ClassDto } from '#shared/types/api'
import type { Browser } from '../testing/apiApp'
import { routes } from '../testing/apiApp'
import { bounceLesson } from '../testing/examples'
import { startSignedInSchool, type SignedInSchool } from '../testing/signedInSchool'
import type { Right } from './rights'

let school: SignedInSchool
let foreign: { own: ClassDto; path: string }
const visitors: Record<string, Browser> = {}

beforeAll(async () => {
  school = await startSignedInSchool()
  // Of the admin, so that neither the teacher nor the devices have anything to do with it.
  foreign = await bounceLesson({ ...school.app, call: school.thorne.call })
  Object.assign(visitors, {
    nobody: school.app.browser(),
    sheet: await school.device(0),
    board: await school.screen('board'),
    assistant: await school.screen('assistant'),
    ashby: school.ashby,
    thorne: school.thorne,
  })
})
afterAll(() => school.app.close())

/** The address of a route in a lesson and its class. */
function addressIn(route: string, lessonPath: string, own: ClassDto): string {
  const lessonId = lessonPath.split('/').at(-1)!
  const names: Record<string, string> = {
    groupId: own.groups[0]!.id,
    kind: 'board',
    day: '2026-03-09',
    name: 'none.tar.gz',
  }
  return route
    .replace('/lessons/:id', `/lessons/${lessonId}`)
    .replace('/classes/:id', `/classes/${own.id}`)
    .replace('**', 'nowhere')
    .replace(/:(\w+)/g, (_whole, name: string) => names[name] ?? newId())
    .replace('/events', `/events?after=${lessonId}:0.0`)
}

const codeOf = (body: unknown) => (body as Partial<ApiProblem>)?.error?.code
/** Refused for want of a right; later refusals have looked at the body first. */
const isRefused = ({ status, body }: { status: number; body: unknown }) =>
  status === 401 || status === 403 || (status === 404 && codeOf(body) === 'not-found')

const guarded = routes.filter((one) => one.right !== 'anyone')
const open: [string, string][] = routes
  .filter((one) => one.right === 'anyone')
  .map(({ method, path }) => [method ?? 'all', path])

it('every route says what somebody needs to use it', () => {
  expect(routes.length).toBeGreaterThan(80)
  expect(routes.filter((one) => one.right === undefined).map((one) => one.file)).toEqual([])
})

it('only what somebody needs to come in is open to everybody', () => {
  expect(open.map((one) => one.join(' ')).sort()).toEqual([
    'all /api/**',
    'get /api/access',
    'get /api/health',
    'get /api/time',
    'post /api/join',
    'post /api/links/open',
    'post /api/session',
    'post /api/set-up',
  ])
})

/** Who may use what, in the lesson and class that they have to do with. */
const allowed: Record<Exclude<Right, 'anyone'>, string[]> = {
  visitor: ['sheet', 'board', 'assistant', 'ashby', 'thorne'],
  teacher: ['ashby', 'thorne'],
  admin: ['thorne'],
  class: ['ashby'],
  lesson: ['ashby'],
  kit: ['assistant', 'ashby'],
  watch: ['sheet', 'board', 'assistant', 'ashby'],
  record: ['sheet', 'ashby'],
}

describe.each(guarded)('$method $path', ({ method, path, right }) => {
  const may = allowed[right as keyof typeof allowed]
  const send = (who: string, address: string) =>
    visitors[who]!.call(method!.toUpperCase(), address, method === 'get' ? undefined : {})

  it('lets nobody in who has no right to it', async () => {
    const address = addressIn(path, school.path, school.own)
    for (const who of Object.keys(visitors).filter((one) => !may.includes(one))) {
      const answer = await send(who, address)
      expect([who, isRefused(answer)]).toEqual([who, true])
      if (who === 'nobody') expect([answer.status, codeOf(answer.body)]).toEqual([401, 'sign-in'])
    }
  })

  it('lets nobody in who has it of another lesson or class', async () => {
    if (!['class', 'lesson', 'kit', 'watch', 'record'].includes(right!)) return
    const address = addressIn(path, foreign.path, foreign.own)
    for (const who of Object.keys(visitors).filter((one) => one !== 'thorne')) {
      const answer = await send(who, address)
      expect([who, isRefused(answer)]).toEqual([who, true])
    }
  })

  it('finds nothing that is in another school, whoever asks', async () => {
    if (!['class', 'lesson', 'kit', 'watch', 'record'].includes(right!)) return
    const address = addressIn(path, `/api/lessons/${newId()}`, { ...school.own, id: newId() })
    for (const who of ['ashby', 'thorne']) {
      const { status, body } = await send(who, address)
      expect([who, status, codeOf(body)]).toEqual([who, 404, 'not-found'])
    }
  })

  it('lets those in who may', async () => {
    // What only looks changes nothing for the other routes; streams do not end.
    if (method !== 'get' || path === '/api/events' || path.includes(':name')) return
    if (path.includes('pictures')) return
    const address = addressIn(path, school.path, school.own)
    for (const who of may) expect([who, (await send(who, address)).status]).toEqual([who, 200])
  })
})
