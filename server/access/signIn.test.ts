import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import type { ApiProblem } from '#shared/types/api'
import type { AccessDto, AuditLineDto, SessionDto, TeacherDto } from '#shared/types/people'
import { useDatabase } from '../database/client'
import { sessions } from '../database/schema'
import { deleteOldSessions } from '../queries/people/sessions'
import { passphrases, startSignedInSchool, type SignedInSchool } from '../testing/signedInSchool'
import { makeAttemptLimits } from './attemptLimits'

let school: SignedInSchool
beforeAll(async () => (school = await startSignedInSchool()))
afterAll(() => school.app.close())
afterEach(() => void vi.useRealTimers())

const messageOf = (body: unknown) => (body as ApiProblem).error.message

describe('signing in', () => {
  it('takes a name as people write it, and the passphrase as it is', async () => {
    for (const name of ['ms thorne', ' MS  THORNE ', 'Ms. Thorne'])
      await school.signIn(name, passphrases.thorne)
    const { status, body } = await school.app
      .browser()
      .call('POST', '/api/session', { name: 'Ms Thorne', passphrase: passphrases.thorne.toUpperCase() })
    expect([status, messageOf(body)]).toEqual([400, 'This name and passphrase don’t go together. Try again.'])
  })

  it('says the same of a name that nobody has', async () => {
    const { status, body } = await school.app
      .browser()
      .call('POST', '/api/session', { name: 'Nobody', passphrase: 'whatever it is' })
    expect([status, messageOf(body)]).toEqual([400, 'This name and passphrase don’t go together. Try again.'])
  })

  it.each(['a', 'a'.repeat(10_000), '\0', '’; drop table teachers; --'])(
    'refuses an odd passphrase calmly',
    async (passphrase) => {
      const { status } = await school.app
        .browser()
        .call('POST', '/api/session', { name: 'Mr Ashby', passphrase })
      expect(status).toBe(400)
    },
  )

  it('keeps a cookie that no script and no other site gets, and the database keeps only its hash', async () => {
    const answer = await fetch(`${school.app.url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Mr Ashby', passphrase: passphrases.ashby }),
    })
    const [cookie] = answer.headers.getSetCookie()
    expect(cookie).toMatch(/^jolly-session=[\w-]{43};/)
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Strict/)
    expect(cookie).not.toMatch(/Secure/)
    const secret = /=([\w-]+)/.exec(cookie!)![1]!
    expect(JSON.stringify(await useDatabase().select().from(sessions))).not.toContain(secret)
  })

  it('over an encrypted connection the cookie travels over nothing else', async () => {
    const answer = await fetch(`${school.app.url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'x-forwarded-proto': 'https' },
      body: JSON.stringify({ name: 'Mr Ashby', passphrase: passphrases.ashby }),
    })
    expect(answer.headers.getSetCookie()[0]).toMatch(/Secure/)
  })

  it('ends where somebody signs out, and a cookie of another school opens nothing', async () => {
    const browser = await school.signIn('Mr Ashby', passphrases.ashby)
    expect((await browser.call('GET', '/api/classes')).status).toBe(200)
    const cookie = browser.cookie()
    await browser.call('DELETE', '/api/session')
    for (const header of [
      cookie,
      `jolly-session=${'x'.repeat(43)}`,
      'jolly-session=',
      `jolly-session=${'y'.repeat(5000)}`,
    ]) {
      const { status } = await fetch(`${school.app.url}/api/classes`, { headers: { cookie: header } })
      expect(status).toBe(401)
    }
  })

  it('can be ended elsewhere by the teacher, and by nobody else', async () => {
    const other = await school.signIn('Mr Ashby', passphrases.ashby)
    const list = async () => (await other.call<SessionDto[]>('GET', '/api/me/sessions')).body
    const own = (await list()).find((one) => one.isThis)!
    expect((await school.thorne.call('DELETE', `/api/me/sessions/${own.id}`)).status).toBe(404)
    expect((await other.call('GET', '/api/classes')).status).toBe(200)
    await school.ashby.call('DELETE', `/api/me/sessions/${own.id}`)
    expect((await other.call('GET', '/api/classes')).status).toBe(401)
  })

  it('is forgotten after a week in which nobody came', async () => {
    const browser = await school.signIn('Mr Ashby', passphrases.ashby)
    vi.useFakeTimers({ now: Date.now() + 8 * 24 * 60 * 60 * 1000, toFake: ['Date'] })
    expect((await browser.call('GET', '/api/classes')).status).toBe(401)
    await deleteOldSessions(useDatabase())
    expect(await useDatabase().select().from(sessions)).toHaveLength(0)
    vi.useRealTimers()
    school = {
      ...school,
      thorne: await school.signIn('Ms Thorne', passphrases.thorne),
      ashby: await school.signIn('Mr Ashby', passphrases.ashby),
    }
  })
})

describe('guessing', () => {
  const wrong = () => Promise.resolve(null)
  const right = () => Promise.resolve('in')
  const outcome = (tried: Promise<unknown>) =>
    tried.then(
      () => 'in',
      (error: { code: string }) => error.code,
    )

  it('at a passphrase is slower and slower, and the teacher at another computer is not kept out', async () => {
    const limits = makeAttemptLimits()
    const tries: string[] = []
    for (let one = 0; one < 12; one++)
      tries.push(await outcome(limits.signIn('192.0.2.7', 'Ms Thorne', wrong)))
    expect(tries.slice(0, 5)).toEqual(Array(5).fill('invalid'))
    expect(tries.slice(5)).toEqual(Array(7).fill('busy'))
    expect(await outcome(limits.signIn('192.0.2.7', 'Ms Thorne', right))).toBe('busy')
    expect(await outcome(limits.signIn('192.0.2.8', 'Ms Thorne', right))).toBe('in')
    expect(await outcome(limits.signIn('192.0.2.7', 'Mr Ashby', right))).toBe('in')
  })

  it('twenty thousand codes a minute for an hour tries hardly any', async () => {
    vi.useFakeTimers()
    const limits = makeAttemptLimits()
    let looked = 0
    const look = () => {
      looked++
      return Promise.resolve(null)
    }
    // A look at every delay is as good as twenty thousand a minute: all between are refused without one.
    for (let second = 0; second < 3600; second++) {
      for (let one = 0; one < 3; one++) await outcome(limits.join('192.0.2.7', look))
      await vi.advanceTimersByTimeAsync(1000)
    }
    expect(looked).toBeLessThan(40)
  })

  it('codes from many addresses is limited for all that were wrong, and a child who reads it right gets in', async () => {
    const limits = makeAttemptLimits()
    for (let one = 0; one < 400; one++) await outcome(limits.join(`198.51.100.${one % 60}`, wrong))
    expect(await outcome(limits.join('198.51.100.1', right))).toBe('busy')
    expect(await outcome(limits.join('192.0.2.9', right))).toBe('in')
  })
})

describe('teachers', () => {
  const add = (name: string, role = 'teacher', passphrase = 'seven green ladders') =>
    school.thorne.call<TeacherDto>('POST', '/api/teachers', { name, passphrase, role })

  it('are added by an admin, with names that do not look alike', async () => {
    expect((await add('Ms Birk')).status).toBe(201)
    for (const name of ['ms birk', 'Ms  Birk', 'Ms Bírk', 'Ms. Birk'])
      expect([name, (await add(name)).status]).toEqual([name, 409])
  })

  it('change their own passphrase with the old one, and are signed out elsewhere', async () => {
    await add('Mr Cole')
    const [here, elsewhere] = [
      await school.signIn('Mr Cole', 'seven green ladders'),
      await school.signIn('Mr Cole', 'seven green ladders'),
    ]
    const passphrase = 'eight yellow kites'
    expect((await here.call('PUT', '/api/me/passphrase', { old: 'wrong one here', passphrase })).status).toBe(
      400,
    )
    expect(
      (await here.call('PUT', '/api/me/passphrase', { old: 'seven green ladders', passphrase })).status,
    ).toBe(200)
    expect((await here.call('GET', '/api/classes')).status).toBe(200)
    expect((await elsewhere.call('GET', '/api/classes')).status).toBe(401)
    await school.signIn('Mr Cole', passphrase)
  })

  it('leave their classes to the admin who removes them, and are signed out', async () => {
    const { body: gone } = await add('Ms Drew')
    const browser = await school.signIn('Ms Drew', 'seven green ladders')
    const { classInput } = await import('../testing/examples')
    const { body: own } = await browser.call<{ id: string }>('POST', '/api/classes', classInput())
    expect((await school.thorne.call('GET', `/api/classes/${own.id}`)).status).toBe(404)
    await school.thorne.call('DELETE', `/api/teachers/${gone.id}`)
    expect((await browser.call('GET', '/api/classes')).status).toBe(401)
    expect((await school.thorne.call('GET', `/api/classes/${own.id}`)).status).toBe(200)
    // The name is free again.
    expect((await add('Ms Drew')).status).toBe(201)
  })

  it('always keep an admin: not the last one, not oneself, not two who remove each other at once', async () => {
    const { body: second } = await add('Mr Eames', 'admin')
    const eames = await school.signIn('Mr Eames', 'seven green ladders')
    const first = school.teachers.thorne.id
    expect((await school.thorne.call('DELETE', `/api/teachers/${first}`)).status).toBe(409)
    const answers = await Promise.all([
      school.thorne.call('DELETE', `/api/teachers/${second.id}`),
      eames.call('DELETE', `/api/teachers/${first}`),
    ])
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(1)
    const left = answers[0].status === 200 ? school.thorne : eames
    const { body } = await left.call<TeacherDto[]>('GET', '/api/teachers')
    expect(body.filter((one) => one.role === 'admin')).toHaveLength(1)
    const last = body.find((one) => one.role === 'admin')!
    expect((await left.call('PATCH', `/api/teachers/${last.id}`, { role: 'teacher' })).status).toBe(409)
    const { body: lines } = await left.call<AuditLineDto[]>('GET', '/api/school/audit')
    expect(lines.map((one) => one.did)).toContainEqual(
      expect.stringMatching(/^removed .* and took over their classes$/),
    )
    // The others of this file go on with somebody who can do what the first teacher could.
    school = { ...school, thorne: left }
  })
})

it('what is open to everybody tells nothing of the school but its name', async () => {
  const { body } = await school.app.browser().call<AccessDto>('GET', '/api/access')
  expect(body).toEqual({
    schoolName: 'Tidewick School',
    signIn: 'on',
    visitor: { kind: 'nobody' },
    names: [],
    demo: null,
  })
})
