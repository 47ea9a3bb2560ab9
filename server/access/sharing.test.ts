import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import type { ClassDto, LessonDto, LessonSummaryDto } from '#shared/types/api'
import type { ClassShareDto, JoiningDto } from '#shared/types/people'
import { positionOf } from '../testing/collectMessages'
import { classInput } from '../testing/examples'
import { passphrases, startSignedInSchool, type SignedInSchool } from '../testing/signedInSchool'

let school: SignedInSchool
beforeAll(async () => {
  school = await startSignedInSchool()
  const { status } = await school.ashby.call('PUT', `/api/classes/${school.own.id}`, {
    ...classInput({ groups: school.own.groups }),
    allergies: [{ allergen: 'peanuts', children: 2 }],
  })
  expect(status).toBe(200)
})
afterAll(() => school.app.close())

describe('links', () => {
  it('a Board sees and changes nothing, until the Desk closes it', async () => {
    const board = await school.screen('board')
    expect((await board.call('GET', school.path)).status).toBe(200)
    expect((await board.call<JoiningDto>('GET', `${school.path}/joining`)).body.devices).toEqual([])
    expect(
      (await board.call('POST', `${school.path}/clock`, { act: { kind: 'start' }, version: 0 })).status,
    ).toBe(403)
    await school.ashby.call('DELETE', `${school.path}/links/board`)
    expect((await board.call('GET', school.path)).status).toBe(401)
  })

  it('a helper has the kit and the clock for today, and no allergy', async () => {
    const helper = await school.screen('assistant')
    const { status, body } = await helper.call('GET', `${school.path}/pack`)
    expect(status).toBe(200)
    expect(JSON.stringify(body)).not.toContain('peanuts')
    expect((await helper.call('GET', `${school.path}/roles`)).status).toBe(403)
    vi.useFakeTimers({ now: Date.now() + 24 * 60 * 60 * 1000, toFake: ['Date'] })
    expect((await helper.call('GET', `${school.path}/pack`)).status).toBe(401)
    vi.useRealTimers()
  })

  it('that nobody made opens nothing', async () => {
    for (const secret of ['', '-', 'x'.repeat(43), 'x'.repeat(99)])
      expect((await school.app.browser().call('POST', '/api/links/open', { secret })).status).toBe(400)
  })
})

describe('a class', () => {
  it('is its teacher’s own until it is shared, and only until the day that was said', async () => {
    const thorne = school.thorne
    const sees = async () => ({
      classes: (await thorne.call<ClassDto[]>('GET', '/api/classes')).body.map(({ id }) => id),
      lessons: (await thorne.call<LessonSummaryDto[]>('GET', '/api/lessons')).body.map(({ id }) => id),
      week: JSON.stringify((await thorne.call('GET', '/api/week/2026-03-09')).body),
    })
    const before = await sees()
    expect([before.classes, before.lessons]).toEqual([[], []])
    expect(before.week).not.toContain(school.lesson.id)
    const at = `/api/classes/${school.own.id}/shares`
    const { body } = await school.ashby.call<{ shares: ClassShareDto[] }>('POST', at, {
      teacherId: school.teachers.thorne.id,
      until: new Date().toISOString().slice(0, 10),
    })
    expect((await sees()).classes).toEqual([school.own.id])
    expect((await thorne.call('GET', school.path)).status).toBe(200)
    vi.useFakeTimers({ now: Date.now() + 2 * 24 * 60 * 60 * 1000, toFake: ['Date'] })
    expect((await sees()).classes).toEqual([])
    vi.useRealTimers()
    // A screen that was left open is disconnected after midnight, so that its rights are checked again.
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const cursor = positionOf((await thorne.call<LessonDto>('GET', school.path)).body)
    const overnight = await fetch(`${school.app.url}/api/events?after=${cursor}`, {
      headers: { cookie: thorne.cookie() },
    })
    vi.advanceTimersByTime(25 * 60 * 60 * 1000)
    await overnight.text()
    vi.useRealTimers()
    const { body: shared } = await thorne.call<LessonDto>('GET', school.path)
    const open = await fetch(`${school.app.url}/api/events?after=${positionOf(shared)}`, {
      headers: { cookie: thorne.cookie() },
    })
    await school.ashby.call('DELETE', `${at}/${body.shares[0]!.id}`)
    // The open screen hears nothing more.
    await open.text()
    expect((await thorne.call('GET', school.path)).status).toBe(404)
  })

  it('cannot be begun a lesson for, or from, by somebody who does not have it', async () => {
    const from = { kind: 'starter', id: 'ball-bounce' }
    const lesson = { classId: school.own.id, date: '2026-03-09', from }
    expect((await school.thorne.call('POST', '/api/lessons', lesson)).status).toBe(404)
    const { body: own } = await school.thorne.call<{ id: string }>('POST', '/api/classes', classInput())
    for (const kind of ['lesson', 'next']) {
      const question = kind === 'next' ? { question: 'And on carpet?' } : {}
      const origin = { kind, id: school.lesson.id, ...question }
      const again = { classId: own.id, date: '2026-03-09', from: origin }
      expect((await school.thorne.call('POST', '/api/lessons', again)).status).toBe(404)
    }
  })
})

it('who is signed in has checked the cautions by name, whatever initials are sent', async () => {
  const { body: lesson } = await school.ashby.call<LessonDto>('GET', school.path)
  const sent = { initials: 'ZZ', version: lesson.planVersion }
  await school.ashby.call('POST', `${school.path}/safety`, sent)
  const { body } = await school.ashby.call<LessonDto>('GET', school.path)
  expect(body.safety?.initials).toBe('Mr Ashby')
  expect((await school.signIn('Mr Ashby', passphrases.ashby)).cookie()).not.toBe('')
})

describe('a class that is handed over', () => {
  it('is its next teacher’s alone, by its own teacher or an admin and nobody else', async () => {
    const { thorne, ashby, teachers } = school
    const { body: own } = await ashby.call<ClassDto>(
      'POST',
      '/api/classes',
      classInput({ name: 'Handed on' }),
    )
    const [at, shares] = [`/api/classes/${own.id}/owner`, `/api/classes/${own.id}/shares`]
    const sees = async (who: typeof thorne) =>
      (await who.call<ClassDto[]>('GET', '/api/classes')).body.some(({ id }) => id === own.id)
    expect((await thorne.call('PUT', at, { teacherId: teachers.thorne.id })).status).toBe(404)
    const nobody = '00000000-0000-4000-8000-000000000000'
    expect((await ashby.call('PUT', at, { teacherId: nobody })).status).toBe(404)
    await ashby.call('POST', shares, { teacherId: null, until: null })
    expect((await ashby.call('PUT', at, { teacherId: teachers.thorne.id })).status).toBe(200)
    expect([await sees(thorne), await sees(ashby)]).toEqual([true, false])
    // Shared with, a teacher who is no admin cannot take it.
    await thorne.call('POST', shares, { teacherId: teachers.ashby.id, until: null })
    const refused = await ashby.call<{ error: { message: string } }>('PUT', at, {
      teacherId: teachers.ashby.id,
    })
    expect([refused.status, refused.body.error.message]).toEqual([
      403,
      'Only the teacher whose class it is, or an admin, can hand it over.',
    ])
    const { body: lines } = await thorne.call<{ did: string }[]>('GET', '/api/school/audit')
    expect(JSON.stringify(lines)).toContain('handed Handed on over to Ms Thorne')
  })
})
