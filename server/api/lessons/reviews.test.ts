import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import sharp from 'sharp'
import type { Observation } from '#core/observation'
import { newId } from '#core/plan'
import type { Review, Reviewing } from '#core/review'
import type { ApiProblem, LessonDto } from '#shared/types/api'
import type { HostRecordDto } from '#shared/types/review'
import type { Browser } from '../../testing/apiApp'
import { collectMessages, positionOf } from '../../testing/collectMessages'
import { sentEntry } from '../../testing/examples'
import { startSignedInSchool, type SignedInSchool } from '../../testing/signedInSchool'

let school: SignedInSchool
beforeAll(async () => (school = await startSignedInSchool()))
afterAll(() => school.app.close())

const texts = { convinced: 'Their numbers are close together.', question: 'Which side did you read?' }
const words = (answer: { body: unknown }) => (answer.body as ApiProblem).error.message

/** A lesson of its own in which each group has read one drop, the last one the other way round. */
async function testedLesson() {
  const { ashby, own } = school
  const { body: made } = await ashby.call<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: own.id, date: '2026-03-09', from: { kind: 'starter', id: 'ball-bounce' } },
  })
  const path = `/api/lessons/${made.id}`
  const { body: lesson } = await ashby.call<LessonDto>('GET', path)
  await ashby.call('POST', `${path}/safety`, { initials: 'AB', version: 0 })
  const [low, high] = lesson.plan.levels
  const groupIds = lesson.class.groups.map(({ id }) => id)
  const read = (groupId: string, levelId: string, value: number) => ({
    ...sentEntry(lesson, { value }),
    groupId,
    levelId,
  })
  const entries = groupIds.flatMap((id, place) => {
    const isLast = place === groupIds.length - 1
    return [read(id, low!.id, isLast ? 40 : 14), read(id, high!.id, isLast ? 14 : 40)]
  })
  const sent = await ashby.call('POST', `${path}/entries`, { entries })
  expect(sent).toMatchObject({ status: 200 })
  return { path, lesson, groupIds }
}

const open = (path: string, round = 1, by: Browser = school.ashby) =>
  by.call<Reviewing>('PUT', `${path}/reviewing`, { open: true, round })
const close = (path: string) =>
  school.ashby.call<Reviewing>('PUT', `${path}/reviewing`, { open: false, round: 1 })
const leave = (by: Browser, path: string, from: string, to: string, said: object = texts) =>
  by.call<Review>('PUT', `${path}/reviews/${from}/${to}`, said)
const answer = (by: Browser, path: string, from: string, to: string, said: string) =>
  by.call<Review>('PUT', `${path}/reviews/${from}/${to}/answer`, { answer: said })

describe('opening the visits', () => {
  it('pairs the groups, once for each round, with one that found something else where there is one', async () => {
    const { path, groupIds } = await testedLesson()
    const first = await open(path)
    expect(first.status).toBe(200)
    const { hosts } = first.body
    expect(Object.keys(hosts).sort()).toEqual([...groupIds].sort())
    expect(new Set(Object.values(hosts)).size).toBe(groupIds.length)
    expect((await open(path)).body).toEqual(first.body)
    expect((await close(path)).body).toEqual({ ...first.body, open: false })
    const second = await open(path, 2)
    expect(second.body.round).toBe(2)
    if (groupIds.length > 2) for (const id of groupIds) expect(second.body.hosts[id]).not.toBe(hosts[id])
    expect((await school.ashby.call<LessonDto>('GET', path)).body.reviewing).toEqual(second.body)
  })

  it('is refused where there is nothing to look at, with what to do', async () => {
    const { ashby, own } = school
    const { body } = await ashby.call<{ id: string }>('POST', '/api/lessons', {
      ...{ classId: own.id, date: '2026-03-09', from: { kind: 'starter', id: 'ball-bounce' } },
    })
    const path = `/api/lessons/${body.id}`
    const early = await open(path)
    expect([early.status, words(early)]).toEqual([
      409,
      'No group has written down a reading yet. Open the visits once there is something to look at.',
    ])
    expect((await close(path)).status).toBe(409)
    const { body: lesson } = await ashby.call<LessonDto>('GET', path)
    await ashby.call('PUT', `${path}/plan`, {
      ...{ plan: { ...lesson.plan, whoTests: 'whole-class' }, version: lesson.planVersion },
    })
    expect(words(await open(path))).toBe(
      'This test is done once for all, so there is only one record to look at.',
    )
  })

  it('is for teachers alone', async () => {
    const sheet = await school.device(0)
    expect((await open(school.path, 1, sheet)).status).toBe(403)
  })
})

describe('a device of a group', () => {
  /** A lesson with open visits, and a device of the first group. */
  async function visited() {
    const { path, groupIds } = await testedLesson()
    const { hosts } = (await open(path)).body
    const sheet = await school.device(0, path)
    const from = groupIds[0]!
    return { path, sheet, from, to: hosts[from]!, groupIds }
  }

  it('looks at the group that it visits while visits are open: what they noticed, and their reasons', async () => {
    const { path, sheet, from, to, groupIds } = await visited()
    const other = groupIds.find((id) => id !== from && id !== to)!
    for (const [groupId, text] of [
      [to, 'it spins'],
      [other, 'it rolls away'],
    ] as const) {
      await school.ashby.call('PUT', `${path}/observations/${newId()}`, {
        ...{ groupId, kind: 'noticed', text, about: null, source: 'desk', picture: null },
        seenAt: '2026-03-09T10:20:00.000Z',
      })
      await school.ashby.call('PUT', `${path}/predictions/${groupId}`, {
        ...{ answer: { format: 'direction', direction: 'more' }, because: `${text}, so` },
      })
    }
    const look = () => sheet.call<HostRecordDto>('GET', `${path}/reviews/${from}`)
    const { body } = await look()
    expect(body.ofGroupId).toBe(to)
    expect(body.observations.map(({ text }) => text)).toEqual(['it spins'])
    expect(body.predictions.map(({ because }) => because)).toEqual(['it spins, so'])
    expect((await sheet.call('GET', `${path}/reviews/${to}`)).status).toBe(403)
    const sketch = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#fff' } })
      .png()
      .toBuffer()
    const pictures: string[] = []
    for (const groupId of [to, other]) {
      const drawn = await school.ashby.call<Observation>('PUT', `${path}/observations/${newId()}`, {
        ...{ groupId, kind: 'noticed', text: '', about: null, source: 'desk' },
        ...{ seenAt: '2026-03-09T10:20:00.000Z', picture: sketch.toString('base64') },
      })
      pictures.push(drawn.body.picture!)
    }
    const seen = async () =>
      Promise.all(pictures.map(async (id) => (await sheet.call('GET', `/api/pictures/${id}`)).status))
    expect(await seen()).toEqual([200, 404])
    await close(path)
    expect((await look()).body).toEqual({ ofGroupId: null, observations: [], predictions: [] })
    expect(await seen()).toEqual([404, 404])
  })

  it('leaves something there, twice the same, and nowhere else', async () => {
    const { path, sheet, from, to, groupIds } = await visited()
    const left = await leave(sheet, path, from, to)
    expect(left.body).toMatchObject({ byGroupId: from, ofGroupId: to, ...texts, answer: '', removed: false })
    expect((await leave(sheet, path, from, to)).body).toEqual(left.body)
    const other = groupIds.find((id) => id !== from && id !== to)!
    expect((await leave(sheet, path, from, other)).status).toBe(403)
    expect((await leave(sheet, path, to, from)).status).toBe(403)
    expect((await answer(sheet, path, from, to, 'for them')).status).toBe(403)
    await close(path)
    const late = await leave(sheet, path, from, to, { ...texts, question: 'later' })
    expect([late.status, words(late)]).toEqual([
      403,
      'Your teacher has closed the visits. What you wrote is kept here until they open again.',
    ])
  })

  it('writes over no words of another device that it has not seen', async () => {
    const { path, sheet, from, to } = await visited()
    const was = { convinced: '', question: '' }
    const first = { ...texts, question: 'Which side?' }
    await leave(sheet, path, from, to, { ...first, was })
    // The same once more, as its answer was lost, and then changed by who has seen it.
    expect((await leave(sheet, path, from, to, { ...first, was })).status).toBe(200)
    expect((await leave(sheet, path, from, to, { ...texts, was: first })).status).toBe(200)
    const late = await leave(sheet, path, from, to, { ...first, was })
    expect([late.status, words(late)]).toEqual([
      409,
      `Another device has written “${texts.convinced} ${texts.question}” since. Send yours again to put it in its place.`,
    ])
    expect((await leave(sheet, path, from, to, first)).status).toBe(200)
    const say = (said: string, before?: string) =>
      school.ashby.call('PUT', `${path}/reviews/${from}/${to}/answer`, { answer: said, was: before })
    expect((await say('The lower.', '')).status).toBe(200)
    expect((await say('The upper.', '')).status).toBe(409)
    expect((await say('The upper.', 'The lower.')).status).toBe(200)
    expect((await say('The lower.')).status).toBe(200)
  })

  it('answers what it was asked, also after the visits', async () => {
    const { path, sheet, from, to } = await visited()
    const host = (await open(path)).body.hosts
    const asking = Object.entries(host).find(([, of]) => of === from)![0]
    await leave(school.ashby, path, asking, from)
    await close(path)
    const said = await answer(sheet, path, asking, from, 'The lower side.')
    expect(said.body).toMatchObject({ ...texts, answer: 'The lower side.' })
    // Words that are changed afterwards keep their answer.
    expect((await leave(school.ashby, path, asking, from, texts)).body.answer).toBe('The lower side.')
    expect((await answer(sheet, path, to, from, 'nobody asked')).status).toBe(to === asking ? 200 : 404)
  })

  it('and every other screen read nothing of what others left, or of what was taken back', async () => {
    const { path, sheet, from, to } = await visited()
    const asked = (await open(path)).body.hosts
    const [by, of] = Object.entries(asked).find(([one, host]) => one !== from && host !== from)!
    const board = await school.screen('board', path)
    const before = (await sheet.call<LessonDto>('GET', path)).body
    await leave(school.ashby, path, by, of, { convinced: 'quiet praise', question: 'quiet question' })
    const heard = await collectMessages(school.app, [positionOf(before)], 1, sheet.cookie())
    expect(JSON.stringify(heard)).toContain('"kind":"review"')
    expect(JSON.stringify(heard)).not.toContain('quiet')
    for (const one of [sheet, board])
      expect(JSON.stringify((await one.call('GET', path)).body)).not.toContain('quiet')
    await leave(sheet, path, from, to)
    const change = (removed: boolean) =>
      school.ashby.call('PATCH', `${path}/reviews/${from}/${to}`, { removed })
    await change(true)
    const mine = async () =>
      (await sheet.call<LessonDto>('GET', path)).body.reviews.find(({ byGroupId }) => byGroupId === from)
    expect(await mine()).toMatchObject({ removed: true, convinced: '', question: '' })
    // Writing it once more does not bring it back; the teacher can.
    await leave(sheet, path, from, to)
    expect(await mine()).toMatchObject({ removed: true, convinced: '' })
    await change(false)
    expect(await mine()).toMatchObject({ removed: false, ...texts })
  })
})

describe('what is left', () => {
  it('may come from the Desk for a group without a device, between groups of the lesson', async () => {
    const { path, groupIds } = await testedLesson()
    const [a, b] = groupIds
    expect((await leave(school.ashby, path, a!, b!)).status).toBe(200)
    expect((await leave(school.ashby, path, a!, a!)).status).toBe(400)
    expect((await leave(school.ashby, path, a!, newId())).status).toBe(404)
    expect((await school.ashby.call('PATCH', `${path}/reviews/${b!}/${a!}`, { removed: true })).status).toBe(
      404,
    )
  })

  it.each([
    ['nothing at all', { convinced: ' ', question: '' }, 400],
    ['more than a line', { convinced: 'x'.repeat(201), question: '' }, 400],
    ['no text', { convinced: 3, question: '' }, 400],
    ['a NUL', { convinced: 'a\u0000b', question: '' }, 400],
    ['two hundred letters of any script', { convinced: '量'.repeat(200), question: '' }, 200],
  ])('of %s is refused, or kept', async (_what, said, status) => {
    const { ashby, own, path } = school
    const [a, b] = own.groups
    expect((await leave(ashby, path, a!.id, b!.id, said)).status).toBe(status)
  })
})
