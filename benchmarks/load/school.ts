import { emblemIds, emblemWord } from '../../core/class'
import { newId } from '../../core/plan'
import type { ClassDto, LessonDto } from '../../shared/types/api'

/** A lesson at work: where its screens begin to hear, and what its Sheets read. */
export interface LoadedLesson {
  id: string
  cursor: string
  groupIds: string[]
  /** The cookie of each group's tablet, and of the Desk; empty where nobody signs in. */
  cookies: string[]
  deskCookie: string
  levelIds: string[]
  readWith: { instrument: string; unit: string; mark: number }
}

const groupsEach = 10

/** Sets up a new school, in which teachers sign in or not; gives back the cookie of its first teacher. */
export async function setUp(url: string, signIn: 'on' | 'off'): Promise<string> {
  const teacher = signIn === 'on' ? { name: 'Ms Thorne', passphrase: 'apple pencil window' } : null
  return (await ask(url, '', 'POST', '/api/set-up', { schoolName: 'Tidewick School', teacher })).cookie
}

/** Makes so many classes of ten groups, each with a bounce lesson that may be tested and a tablet in each group. */
export async function makeLessons(url: string, count: number, deskCookie: string): Promise<LoadedLesson[]> {
  const send = async <T>(method: string, path: string, body?: unknown) =>
    (await ask<T>(url, deskCookie, method, path, body)).body
  const lessons: LoadedLesson[] = []
  for (let index = 0; index < count; index++) {
    const own = await send<ClassDto>('POST', '/api/classes', {
      name: `Class ${index + 1}`,
      ageBand: '7-9',
      groups: emblemIds
        .slice(0, groupsEach)
        .map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) })),
    })
    const { id } = await send<{ id: string }>('POST', '/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from: { kind: 'starter', id: 'ball-bounce' },
    })
    await send('POST', `/api/lessons/${id}/safety`, { initials: 'AB', version: 0 })
    const { cursor, plan } = await fetchLesson(url, id, deskCookie)
    const { instrument, unit } = plan.measured
    lessons.push({
      id,
      cursor,
      groupIds: own.groups.map((group) => group.id),
      cookies: await joinTablets(
        url,
        id,
        deskCookie,
        own.groups.map((group) => group.id),
      ),
      deskCookie,
      levelIds: plan.levels.map((level) => level.id),
      readWith: { instrument: instrument.name, unit, mark: instrument.smallestMark },
    })
  }
  return lessons
}

/** A tablet for each group joins with the lesson's code. */
async function joinTablets(
  url: string,
  id: string,
  deskCookie: string,
  groupIds: readonly string[],
): Promise<string[]> {
  if (deskCookie === '') return groupIds.map(() => '')
  const { body } = await ask<{ code: string }>(url, deskCookie, 'POST', `/api/lessons/${id}/joining`)
  const cookies: string[] = []
  for (const groupId of groupIds) {
    const { cookie } = await ask(url, '', 'POST', '/api/join', { code: body.code })
    await ask(url, cookie, 'PUT', '/api/join/groups', { groupIds: [groupId] })
    cookies.push(cookie)
  }
  return cookies
}

export const fetchLesson = async (url: string, id: string, cookie: string) =>
  (await ask<LessonDto>(url, cookie, 'GET', `/api/lessons/${id}`)).body

async function ask<T>(
  url: string,
  cookie: string,
  method: string,
  path: string,
  body?: unknown,
): Promise<{ body: T; cookie: string }> {
  const answer = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json', ...(cookie ? { cookie } : {}) },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(await answer.text())
  const [set = ''] = (answer.headers.getSetCookie()[0] ?? '').split(';')
  return { body: (await answer.json()) as T, cookie: set }
}
