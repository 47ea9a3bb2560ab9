import { emblemIds, emblemWord } from '../../core/class'
import { newId } from '../../core/plan'
import type { ClassDto, LessonDto } from '../../shared/types/api'

/** A lesson at work: where its screens begin to hear, and what its Sheets read. */
export interface LoadedLesson {
  id: string
  cursor: string
  groupIds: string[]
  levelIds: string[]
  readWith: { instrument: string; unit: string; mark: number }
}

const groupsEach = 10

/** Makes so many classes of ten groups, each with a bounce lesson that may be tested. */
export async function makeLessons(url: string, count: number): Promise<LoadedLesson[]> {
  const lessons: LoadedLesson[] = []
  for (let index = 0; index < count; index++) {
    const own = await send<ClassDto>(url, 'POST', '/api/classes', {
      name: `Class ${index + 1}`,
      ageBand: '7-9',
      groups: emblemIds
        .slice(0, groupsEach)
        .map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) })),
    })
    const { id } = await send<{ id: string }>(url, 'POST', '/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from: { kind: 'starter', id: 'ball-bounce' },
    })
    await send(url, 'POST', `/api/lessons/${id}/safety`, { initials: 'AB', version: 0 })
    const { cursor, plan } = await fetchLesson(url, id)
    const { instrument, unit } = plan.measured
    lessons.push({
      id,
      cursor,
      groupIds: own.groups.map((group) => group.id),
      levelIds: plan.levels.map((level) => level.id),
      readWith: { instrument: instrument.name, unit, mark: instrument.smallestMark },
    })
  }
  return lessons
}

export const fetchLesson = (url: string, id: string) => send<LessonDto>(url, 'GET', `/api/lessons/${id}`)

async function send<T>(url: string, method: string, path: string, body?: unknown): Promise<T> {
  const answer = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(await answer.text())
  return (await answer.json()) as T
}
