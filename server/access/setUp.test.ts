import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { ApiProblem, ClassDto } from '#shared/types/api'
import type { AccessDto } from '#shared/types/people'
import { useDatabase } from '../database/client'
import { createClass } from '../queries/classes'
import { listTeachers } from '../queries/people/teachers'
import { routes, startApiApp, type ApiApp } from '../testing/apiApp'
import { classInput } from '../testing/examples'

const teacher = { name: 'Ms Thorne', passphrase: 'apple pencil window' }
const schoolName = 'Tidewick School'

let app: ApiApp
beforeEach(async () => (app = await startApiApp(false)))
afterEach(() => app.close())

const access = async (by: Pick<ApiApp, 'call'> = app) => (await by.call<AccessDto>('GET', '/api/access')).body

describe('before anybody has set up the school', () => {
  it('everything but setting up waits for that', async () => {
    for (const { method, path, right } of routes.filter((one) => one.right !== 'anyone')) {
      const address = path.replace(/:\w+/g, '0192f7a0-0000-7000-8000-000000000000')
      const { status, body } = await app.call<ApiProblem>(
        method!.toUpperCase(),
        address,
        method === 'get' ? undefined : {},
      )
      expect([path, right, status, body.error?.code]).toEqual([path, right, 401, 'set-up'])
    }
    expect(await access()).toMatchObject({ signIn: null, visitor: { kind: 'nobody' }, demo: null })
  })

  it('the first teacher gets everything that there is, and is signed in', async () => {
    const before = await createClass(useDatabase(), classInput({ name: 'From before' }))
    const browser = app.browser()
    expect((await browser.call('POST', '/api/set-up', { schoolName, teacher })).status).toBe(200)
    expect(await access(browser)).toMatchObject({
      schoolName,
      signIn: 'on',
      visitor: { kind: 'teacher', name: 'Ms Thorne', role: 'admin' },
    })
    const { body } = await browser.call<ClassDto[]>('GET', '/api/classes')
    expect(body.map(({ id }) => id)).toEqual([before.id])
    expect((await app.call('GET', '/api/classes')).status).toBe(401)
  })

  it('of two who set it up at once one does, and the other is told', async () => {
    const names = ['Ms Thorne', 'Mr Ashby']
    const answers = await Promise.all(
      names.map((name) => app.call('POST', '/api/set-up', { schoolName, teacher: { ...teacher, name } })),
    )
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409])
    expect(await listTeachers(useDatabase())).toHaveLength(1)
  })

  it('a school that is set up is not set up again', async () => {
    await app.call('POST', '/api/set-up', { schoolName, teacher })
    for (const again of [teacher, null]) {
      const { status, body } = await app.call<ApiProblem>('POST', '/api/set-up', {
        schoolName: 'Another',
        teacher: again,
      })
      expect([status, body.error.message]).toEqual([409, expect.stringContaining('already')])
    }
    expect((await access()).schoolName).toBe(schoolName)
  })

  it.each([
    ['a', 'Use at least 12 letters'],
    ['a'.repeat(12), 'more different letters'],
    ['apple'.repeat(2000), 'Use at most 200 letters'],
  ])('a passphrase of %s is refused with what to do', async (passphrase, message) => {
    const { status, body } = await app.call<ApiProblem>('POST', '/api/set-up', {
      schoolName,
      teacher: { ...teacher, passphrase },
    })
    expect([status, body.error.message]).toEqual([400, expect.stringContaining(message)])
    expect((await access()).signIn).toBeNull()
  })

  it('a name of two alphabets, or of none, is refused', async () => {
    for (const name of ['Ms Thоrne', '123', ' ']) {
      const { status } = await app.call('POST', '/api/set-up', { schoolName, teacher: { ...teacher, name } })
      expect([name, status]).toEqual([name, 400])
    }
  })
})

describe('a school on this device only', () => {
  beforeEach(async () => {
    await app.call('POST', '/api/set-up', { schoolName, teacher: null })
  })

  it('asks nobody who sits at it for anything', async () => {
    expect((await app.call('POST', '/api/classes', classInput())).status).toBe(201)
    expect(await access()).toMatchObject({ signIn: 'off', visitor: { kind: 'teacher', role: 'admin' } })
  })

  it.each([
    ['x-forwarded-for', '192.0.2.7'],
    ['forwarded', 'for=192.0.2.7'],
  ])('serves nobody who comes through a proxy: %s', async (header, value) => {
    const answer = await fetch(`${app.url}/api/classes`, { headers: { [header]: value } })
    expect(answer.status).toBe(403)
    expect(((await answer.json()) as ApiProblem).error.message).toContain('only on the computer it runs on')
  })

  it('may begin with sign-in later, and its classes go to the first teacher', async () => {
    const { body: own } = await app.call<ClassDto>('POST', '/api/classes', classInput())
    const browser = app.browser()
    expect((await browser.call('POST', '/api/set-up', { schoolName, teacher })).status).toBe(200)
    expect((await browser.call<ClassDto[]>('GET', '/api/classes')).body.map(({ id }) => id)).toEqual([own.id])
    expect((await app.call('GET', '/api/classes')).status).toBe(401)
  })
})
