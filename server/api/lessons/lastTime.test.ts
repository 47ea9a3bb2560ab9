import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { LastTimeDto } from '#shared/types/lastTime'
import { sentEntry } from '../../testing/examples'
import { startSignedInSchool, type SignedInSchool } from '../../testing/signedInSchool'

let school: SignedInSchool
beforeAll(async () => (school = await startSignedInSchool()))
afterAll(() => school.app.close())

const lastOf = async (path: string) =>
  (await school.ashby.call<{ last: LastTimeDto | null }>('GET', `${path}/last-time`)).body.last

async function again(classId: string, date: string, browser = school.ashby): Promise<string> {
  const from = { kind: 'starter', id: 'ball-bounce' }
  const { body } = await browser.call<{ id: string }>('POST', '/api/lessons', { classId, date, from })
  return `/api/lessons/${body.id}`
}

it('last time is the newest lesson of the same investigation that was tested, in a class of one’s own', async () => {
  const { ashby, lesson, path, own } = school
  const second = await again(own.id, '2026-03-16')
  // Nothing is read in the first one yet.
  expect(await lastOf(second)).toBeNull()
  const read = sentEntry(lesson)
  await ashby.call('POST', `${path}/entries`, { entries: [read] })
  await ashby.call('POST', `${path}/entries`, {
    entries: [{ ...read, id: newId(), supersedes: read.id, status: 'set-aside', reason: 'pushed or bumped' }],
  })
  const { conclusion } = lesson
  await ashby.call('PUT', `${path}/conclusion`, {
    conclusion: { ...conclusion, better: 'Read at eye level.' },
    version: lesson.conclusionVersion,
  })
  expect(await lastOf(second)).toMatchObject({
    ...{ id: lesson.id, date: '2026-03-09', className: own.name, better: 'Read at eye level.' },
    said: ['One reading was set aside: pushed or bumped.'],
  })
  // It is not its own last time, and a later one is none.
  expect(await lastOf(path)).toBeNull()
  await ashby.call('DELETE', path)
  expect(await lastOf(second)).toBeNull()
  await ashby.call('POST', `${path}/restore`)
  // A colleague's class is no business of somebody who does not share it.
  const { thorne } = school
  const other = await thorne.call<{ id: string }>('POST', '/api/classes', {
    ...{ name: 'Kestrel class', ageBand: '7-9', vocabulary: 'plain', pupils: [], allergies: [] },
    groups: own.groups.map((group) => ({ ...group, id: newId() })),
  })
  const foreign = await again(other.body.id, '2026-03-20', thorne)
  const { body } = await thorne.call<{ last: LastTimeDto | null }>('GET', `${foreign}/last-time`)
  expect(body.last).toBeNull()
})
