import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { roles } from '#core/timetable'
import type { ClassDto, LessonDto, RolesDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, classInput, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const rolesOf = async (path: string) => (await app.call<RolesDto>('GET', `${path}/roles`)).body

/** A class whose first group has four children, and a lesson of it in which that group has written down so many tries. */
async function lessonOf(own: ClassDto, date: string, tries: number, absent: string[] = []) {
  const made = await app.call<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: own.id, date, from: { kind: 'starter', id: 'ball-bounce' } },
  })
  const path = `/api/lessons/${made.body.id}`
  await app.call('POST', `${path}/safety`, { initials: 'AB', version: 0 })
  if (absent.length > 0) await app.call('PUT', `${path}/absent`, { absent })
  const lesson = (await app.call<LessonDto>('GET', path)).body
  const slots = lesson.plan.levels.flatMap((level) =>
    [1, 2, 3].map((tryNumber) => ({ levelId: level.id, tryNumber })),
  )
  await app.call('POST', `${path}/entries`, {
    entries: slots.slice(0, tries).map((slot) => sentEntry(lesson, slot)),
  })
  return path
}

async function classOfFour() {
  const input = classInput()
  const pupils = ['Ana', 'Ben', 'Cleo', 'Dan'].map((name) => ({
    id: newId(),
    name,
    groupId: input.groups[0]!.id,
  }))
  return { own: (await app.call<ClassDto>('POST', '/api/classes', { ...input, pupils })).body, pupils }
}

it('are the children of each group, or its seats, and never in the lesson itself', async () => {
  const { own } = await classOfFour()
  const path = await lessonOf(own, '2026-03-09', 0)
  const { members } = await rolesOf(path)
  expect(members[own.groups[0]!.id]!.map((one) => one.name)).toEqual(['Ana', 'Ben', 'Cleo', 'Dan'])
  expect(members[own.groups[1]!.id]!.map((one) => one.name)).toEqual(['seat 1', 'seat 2', 'seat 3', 'seat 4'])
  expect(JSON.stringify((await app.call('GET', path)).body)).not.toContain('Cleo')
})

it.each([
  ['nobody was absent', null],
  ['one was absent in the second', 2],
])('come out even over three lessons where %s', async (_where, absent) => {
  const { own, pupils } = await classOfFour()
  const lessonsOf = [
    ['2026-03-09', 7],
    ['2026-03-16', 9],
    ['2026-03-23', 12],
  ] as const
  for (const [index, [date, tries]] of lessonsOf.entries()) {
    const away = index === 1 && absent !== null ? [pupils[absent]!.id] : []
    const path = await lessonOf(own, date, tries, away)
    await app.call('PATCH', path, { stage: 'compare' })
  }
  const { before } = await rolesOf(await lessonOf(own, '2026-03-30', 0))
  // With as many children as roles everybody has one in every try: who was away can have no two, and takes nobody's.
  const there = pupils.filter((_pupil, index) => index !== absent)
  for (const role of roles.filter((one) => one !== 'timer')) {
    const turns = (of: typeof pupils) => of.map(({ id }) => before[id]?.[role] ?? 0)
    expect(turns(pupils).reduce((sum, one) => sum + one, 0)).toBe(28)
    expect(Math.max(...turns(there)) - Math.min(...turns(there))).toBeLessThanOrEqual(1)
  }
  if (absent !== null)
    expect(Object.values(before[pupils[absent]!.id]!).reduce((sum, one) => sum + one, 0)).toBe(7 + 12)
})

it('count what was done by the time the clock was stopped, and again when who was absent is said later', async () => {
  const { own, pupils } = await classOfFour()
  const path = await lessonOf(own, '2026-03-09', 4)
  await app.call('POST', `${path}/clock`, { act: { kind: 'start' }, version: 0 })
  await app.call('POST', `${path}/clock`, { act: { kind: 'end', how: 'cut' }, version: 1 })
  const next = await lessonOf(own, '2026-03-10', 0)
  const had = async (id: string) => (await rolesOf(next)).before[id]?.recorder ?? 0
  expect(await had(pupils[0]!.id)).toBe(1)
  const said = await app.call<RolesDto>('PUT', `${path}/absent`, { absent: [pupils[0]!.id] })
  expect(said.body.absent).toEqual([pupils[0]!.id])
  expect(await had(pupils[0]!.id)).toBe(0)
})

it.each([[{ absent: ['Ana'] }], [{ absent: 'nobody' }], [{}]])(
  'takes %j for no list of children',
  async (body) => {
    const { path } = await bounceLesson(app)
    expect((await app.call('PUT', `${path}/absent`, body)).status).toBe(400)
  },
)
