import { emblemIds, emblemWord } from '#core/class'
import { newId, type Plan } from '#core/plan'
import type { Entry, Given } from '#core/entries'
import type { ClassDto, ClassInput, LessonDto } from '#shared/types/api'
import type { ApiApp } from './apiApp'

/** A class as a teacher would send it. */
export function classInput(changes: Partial<ClassInput> = {}): ClassInput {
  const groups = emblemIds.slice(0, 3).map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) }))
  return {
    name: 'Heron class',
    ageBand: '7-9',
    vocabulary: 'plain',
    groups,
    pupils: [],
    allergies: [],
    ...changes,
  }
}

/** A class with a bounce lesson, ready to be tested. */
export async function bounceLesson(app: ApiApp): Promise<{ own: ClassDto; lesson: LessonDto; path: string }> {
  const own = (await app.call<ClassDto>('POST', '/api/classes', classInput())).body
  const made = await app.call<{ id: string }>('POST', '/api/lessons', {
    classId: own.id,
    date: '2026-03-09',
    from: { kind: 'starter', id: 'ball-bounce' },
  })
  const path = `/api/lessons/${made.body.id}`
  await app.call('POST', `${path}/safety`, { initials: 'AB', version: 0 })
  return { own, lesson: (await app.call<LessonDto>('GET', path)).body, path }
}

/** An entry of one number as a Sheet would send it, in the first slot unless said otherwise. */
export function sentEntry(
  lesson: LessonDto,
  { value = 13, typed = String(value), given = 'typed', ...changes }: SentEntry = {},
): Entry {
  const { unit, instrument } = lesson.plan.measured
  return {
    id: newId(),
    groupId: lesson.class.groups[0]!.id,
    levelId: lesson.plan.levels[0]!.id,
    tryNumber: 1,
    moment: '',
    fields: value === null ? {} : { value: { typed, given, value } },
    note: '',
    readWith: { instrument: instrument.name, unit, mark: instrument.smallestMark },
    status: 'counted',
    reason: '',
    source: 'sheet',
    takenAt: '2026-03-09T10:15:00.000Z',
    supersedes: null,
    ...changes,
  }
}

type SentEntry = Partial<Entry> & { value?: number | null; typed?: string; given?: Given }

/** The plan of a lesson with some fields changed. */
export const changedPlan = (lesson: LessonDto, changes: Partial<Plan>): Plan => ({
  ...lesson.plan,
  ...changes,
})
