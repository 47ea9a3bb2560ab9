import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { ApiProblem, LessonDto, RolesDto } from '#shared/types/api'
import type { JoiningDto } from '#shared/types/people'
import type { Browser } from '../testing/apiApp'
import { collectMessages, positionOf } from '../testing/collectMessages'
import { classInput, sentEntry } from '../testing/examples'
import { startSignedInSchool, type SignedInSchool } from '../testing/signedInSchool'

let school: SignedInSchool
/** A child of each group. */
const names = ['Ada', 'Bruno', 'Chidi']
beforeAll(async () => {
  school = await startSignedInSchool()
  const { own, ashby } = school
  const pupils = own.groups.map(({ id: groupId }, place) => ({ id: newId(), name: names[place]!, groupId }))
  const { status } = await ashby.call('PUT', `/api/classes/${own.id}`, {
    ...classInput({ groups: own.groups }),
    pupils,
    allergies: [{ allergen: 'peanuts', children: 2 }],
  })
  expect(status).toBe(200)
})
afterAll(() => school.app.close())

const groupAt = (place: number) => school.own.groups[place]!.id
const joining = async () => (await school.ashby.call<JoiningDto>('GET', `${school.path}/joining`)).body

describe('a tablet that has joined as a group', () => {
  const record = (sheet: Browser, place: number, tryNumber: number, takenAt = new Date().toISOString()) =>
    sheet.call('POST', `${school.path}/entries`, {
      entries: [{ ...sentEntry(school.lesson), groupId: groupAt(place), tryNumber, takenAt }],
    })
  /** A moment after or before now, in minutes. */
  const inMinutes = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString()

  it('records for its own group, and for no other', async () => {
    const sheet = await school.device(0)
    expect((await record(sheet, 0, 1)).status).toBe(200)
    const other = await record(sheet, 1, 1)
    expect(other.status).toBe(403)
    expect((other.body as ApiProblem).error.message).toContain('in another group')
    const prediction = {
      seat: 0,
      answer: { format: 'choice', levelId: school.lesson.plan.levels[0]!.id },
      because: '',
    }
    expect((await sheet.call('PUT', `${school.path}/predictions/${groupAt(1)}`, prediction)).status).toBe(403)
    const seen = {
      groupId: null,
      kind: 'noticed',
      text: 'of the class',
      about: null,
      source: 'sheet',
      seenAt: new Date().toISOString(),
      picture: null,
    }
    expect((await sheet.call('PUT', `${school.path}/observations/${newId()}`, seen)).status).toBe(403)
  })

  it('without a group yet writes nothing', async () => {
    expect((await record(await school.device(-1), 0, 2)).status).toBe(403)
  })

  it('reads the first names of its own group alone, and no allergy anywhere', async () => {
    const sheet = await school.device(0)
    const { body } = await sheet.call<RolesDto>('GET', `${school.path}/roles`)
    expect(Object.keys(body.members)).toEqual([groupAt(0)])
    expect(JSON.stringify(body)).toContain('Ada')
    const lesson = await sheet.call<LessonDto>('GET', school.path)
    const all = JSON.stringify([body, lesson.body])
    for (const word of ['Bruno', 'Chidi', 'peanuts', '"AB"', 'Mr Ashby']) expect(all).not.toContain(word)
  })

  it('sees the goal and the words of a test, and not what it will show', async () => {
    const { body } = await school.ashby.call<LessonDto>('GET', school.path)
    const background = {
      ...{ goal: 'We compare heights.', science: 'Energy is lost.', misconceptions: 'Heavier is higher.' },
      ...{ questions: 'Where does it go?', surprises: 'A straight line.' },
      words: [{ word: 'bounce', meaning: 'to spring back', use: 'It has a high bounce.' }],
    }
    const sheet = await school.device(0)
    await school.ashby.call('PUT', `${school.path}/plan`, {
      plan: { ...body.plan, background },
      version: body.planVersion,
    })
    const heard = await collectMessages(school.app, [positionOf(body)], 1, sheet.cookie())
    const seen = await sheet.call<LessonDto>('GET', school.path)
    for (const text of [JSON.stringify(seen.body), JSON.stringify(heard)]) {
      expect(text).toContain('We compare heights.')
      for (const own of ['Energy is lost', 'Heavier is', 'Where does it go', 'A straight line'])
        expect(text).not.toContain(own)
    }
    expect((await school.ashby.call<LessonDto>('GET', school.path)).body.plan.background).toEqual(background)
  })

  it('sees of other groups what is on the Board, and no reasons', async () => {
    const [mine, theirs] = [await school.device(0), await school.device(1)]
    const seen = (text: string, place: number) => ({
      groupId: groupAt(place),
      kind: 'noticed',
      text,
      about: null,
      source: 'sheet',
      seenAt: new Date().toISOString(),
      picture: null,
    })
    const [hidden, shown] = [newId(), newId()]
    await theirs.call('PUT', `${school.path}/observations/${hidden}`, seen('a quiet word', 1))
    await theirs.call('PUT', `${school.path}/observations/${shown}`, seen('it rolled away', 1))
    await school.ashby.call('PATCH', `${school.path}/observations/${shown}`, { onBoard: true })
    const { body } = await mine.call<LessonDto>('GET', school.path)
    expect(JSON.stringify(body.observations)).toContain('it rolled away')
    expect(JSON.stringify(body.observations)).not.toContain('a quiet word')
    // Nor does it get at one by sending something else under its id.
    const sent = await mine.call('PUT', `${school.path}/observations/${hidden}`, seen('mine', 0))
    expect(JSON.stringify(sent.body)).not.toContain('a quiet word')
    const own = await theirs.call<LessonDto>('GET', school.path)
    expect(JSON.stringify(own.body.observations)).toContain('a quiet word')
  })

  it('may be shared by two groups, and two may be in one', async () => {
    const [one, two] = [await school.device(2), await school.device(2)]
    await one.call('PUT', '/api/join/groups', { groupIds: [groupAt(1), groupAt(2)] })
    for (const [sheet, place, tryNumber] of [
      [one, 1, 1],
      [one, 2, 1],
      [two, 2, 2],
    ] as const)
      expect((await record(sheet, place, tryNumber)).status).toBe(200)
    expect((await one.call('PUT', '/api/join/groups', { groupIds: [newId()] })).status).toBe(400)
  })

  it('is moved, and taken out, by the Desk; what it sends afterwards is refused as passing', async () => {
    const sheet = await school.device(0)
    const device = (await joining()).devices.at(-1)!
    const at = `${school.path}/devices/${device.id}`
    await school.ashby.call('PUT', at, { groupIds: [groupAt(1)] })
    const later = await record(sheet, 0, 3, inMinutes(3))
    expect([later.status, (await record(sheet, 1, 3)).status]).toEqual([403, 200])
    await school.ashby.call('DELETE', at)
    expect((await record(sheet, 1, 2)).status).toBe(401)
    expect((await school.ashby.call('DELETE', at)).status).toBe(404)
  })

  it('may still send what it read for a group before it left it, and no more after it was taken out', async () => {
    const sheet = await school.device(0)
    const move = (...places: number[]) =>
      sheet.call('PUT', '/api/join/groups', { groupIds: places.map(groupAt) })
    await move(1)
    await move(2)
    expect((await record(sheet, 0, 5, inMinutes(-4))).status).toBe(200)
    expect((await record(sheet, 1, 5, inMinutes(-1))).status).toBe(200)
    // A number was being typed while it was moved; what is read much later belongs to the new group.
    expect((await record(sheet, 0, 6, inMinutes(1))).status).toBe(200)
    expect((await record(sheet, 0, 7, inMinutes(5))).status).toBe(403)
    const seen = (seenAt: string) => ({
      ...{ groupId: groupAt(0), kind: 'noticed', text: 'it spins', about: null, source: 'sheet' },
      ...{ seenAt, picture: null },
    })
    const observe = (at: string) => sheet.call('PUT', `${school.path}/observations/${newId()}`, seen(at))
    expect((await observe(inMinutes(-4))).status).toBe(200)
    expect((await observe(inMinutes(5))).status).toBe(403)
    // A group in which it never was stays another's.
    expect((await record(await school.device(1), 0, 8, inMinutes(-4))).status).toBe(403)
  })

  it('has nothing to do with another lesson of the same class', async () => {
    const { body: other } = await school.ashby.call<{ id: string }>('POST', '/api/lessons', {
      classId: school.own.id,
      date: '2026-03-10',
      from: { kind: 'starter', id: 'ball-bounce' },
    })
    const sheet = await school.device(0)
    expect((await sheet.call('GET', `/api/lessons/${other.id}`)).status).toBe(404)
    const gone = await school.device(0, `/api/lessons/${other.id}`)
    await school.ashby.call('DELETE', `/api/lessons/${other.id}`)
    const { forgetVisitors } = await import('./visitor')
    forgetVisitors()
    expect((await gone.call('GET', `/api/lessons/${other.id}`)).status).toBe(401)
  })
})

it('the stream tells each screen only what it may read, and ends with its session', async () => {
  const [sheet, board] = [await school.device(0), await school.screen('board')]
  const { body: lesson } = await school.ashby.call<LessonDto>('GET', school.path)
  const from = [positionOf(lesson)]
  const seen = (text: string, place: number) => ({
    groupId: groupAt(place),
    kind: 'noticed',
    text,
    about: null,
    source: 'desk',
    seenAt: new Date().toISOString(),
    picture: null,
  })
  await school.ashby.call('PUT', `${school.path}/observations/${newId()}`, seen('own of Leaf', 0))
  await school.ashby.call('PUT', `${school.path}/observations/${newId()}`, seen('own of Bell', 1))
  await school.ashby.call('PUT', `${school.path}/ticks`, {
    ticks: [{ materialId: 'ball', place: 'shared', amount: 1 }],
  })
  await school.ashby.call('POST', `${school.path}/safety`, { version: lesson.planVersion })
  const heard = async (by: Browser) => JSON.stringify(await collectMessages(school.app, from, 4, by.cookie()))
  const [desk, tablet, wall] = [await heard(school.ashby), await heard(sheet), await heard(board)]
  expect(desk).toMatch(/own of Leaf.*own of Bell.*ball.*Mr Ashby/)
  expect(tablet).toContain('own of Leaf')
  expect(tablet).not.toMatch(/own of Bell|"ball"|Mr Ashby/)
  expect(wall).not.toMatch(/own of|"ball"|Mr Ashby/)
  // What is not told keeps its number, so that nobody believes to have missed it.
  const seqs = (text: string) => [...text.matchAll(/"seq":(\d+)/g)].map(([, seq]) => seq)
  expect(seqs(tablet)).toEqual(seqs(desk))

  const open = await fetch(`${school.app.url}/api/events?after=${from[0]}`, {
    headers: { cookie: sheet.cookie() },
  })
  const ended = open.text()
  await sheet.call('DELETE', '/api/session')
  await ended
  const again = await fetch(`${school.app.url}/api/events?after=${from[0]}`, {
    headers: { cookie: sheet.cookie() },
  })
  expect(again.status).toBe(401)
})

describe('the code of a lesson', () => {
  const join = (code: string) => school.app.browser().call<ApiProblem>('POST', '/api/join', { code })

  it('is taken as children type it, and dies when joining is closed', async () => {
    const { body } = await school.ashby.call<JoiningDto>('POST', `${school.path}/joining`)
    const code = body.code!
    expect(code).toMatch(/^[CDFHJKMNPQRTVWX2346789]{6}$/)
    for (const typed of [code, code.toLowerCase(), `${code.slice(0, 3)} ${code.slice(3)}`, ` ${code}-`])
      expect((await join(typed)).status).toBe(200)
    expect((await school.ashby.call<JoiningDto>('POST', `${school.path}/joining`)).body.code).toBe(code)
    await school.ashby.call('DELETE', `${school.path}/joining`)
    const { status, body: refusal } = await join(code)
    expect([status, refusal.error.message]).toEqual([
      400,
      'No lesson has this code. Look at the board and type it again.',
    ])
    expect((await school.ashby.call<JoiningDto>('POST', `${school.path}/joining`)).body.code).not.toBe(code)
  })

  it.each(['', '      ', 'HK47P', 'HK47PQQ', 'АВСDEF', '\0\0\0\0\0\0'])('%j joins nothing', async (code) => {
    expect((await join(code)).status).toBe(400)
  })
})
