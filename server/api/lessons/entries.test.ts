// Long: everything that may be sent, and what becomes of it.
// @module-tag postgres: what arrives twice or at once is settled by constraints and in transactions
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { standingOf, type Entry } from '#core/entries'
import { scoresOf } from '#core/comparison'
import type { ApiProblem, LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const entriesAt = async (path: string) => (await app.call<LessonDto>('GET', path)).body.entries
const numbersIn = (entries: Entry[]) => entries.map((one) => one.fields.value?.value)
const send = (path: string, ...entries: Entry[]) =>
  app.call<ApiProblem & { added: string[] }>('POST', `${path}/entries`, { entries })

describe('entries', () => {
  it('are kept as sent; sending them again changes nothing', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentEntry(lesson, { typed: '12,5', value: 12.5 })
    expect((await send(path, one)).body).toEqual({ added: [one.id] })
    expect((await send(path, one)).body).toEqual({ added: [] })
    expect(await entriesAt(path)).toEqual([one])
  })

  it('sent many times at the same moment are kept once, and every sender is told so', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentEntry(lesson)
    const answers = await Promise.all(Array.from({ length: 8 }, () => send(path, one)))
    expect(answers.map((answer) => answer.status)).toEqual(Array.from({ length: 8 }, () => 200))
    expect(answers.flatMap((answer) => answer.body.added)).toEqual([one.id])
    const { entries, seq } = (await app.call<LessonDto>('GET', path)).body
    expect([entries.length, seq]).toEqual([1, lesson.seq + 1])
  })

  it('are looked at by the lesson as it is now, whatever it was for the entry before', async () => {
    const { lesson, path } = await bounceLesson(app)
    const next = (changes: Parameters<typeof sentEntry>[1] = {}) => send(path, sentEntry(lesson, changes))
    expect((await next()).status).toBe(200)
    // The plan goes on to millimetres and loses a level.
    const mm = { ...lesson.plan.measured, unit: 'mm' as const }
    const plan = changedPlan(lesson, { levels: lesson.plan.levels.slice(0, 2), measured: mm })
    expect((await app.call('PUT', `${path}/plan`, { plan, version: 0 })).status).toBe(200)
    const gone = await next({ levelId: lesson.plan.levels[2]!.id })
    expect([gone.status, gone.body.error.message]).toEqual([
      400,
      'This level is no longer in the plan. Reload the page.',
    ])
    const readWith = { instrument: 'metre stick', unit: 'mm' as const, mark: 1 }
    expect((await next({ tryNumber: 2, typed: '140', value: 1, readWith })).status).toBe(200)
    expect(numbersIn(await entriesAt(path))).toEqual([13, 140])
    // A group goes to a test of its own.
    const [leaf, bell, key] = lesson.class.groups.map((group) => group.id)
    expect((await next({ groupId: bell! })).status).toBe(200)
    const part = await app.call<{ id: string }>('POST', `${path}/parts`, { groupIds: [key] })
    expect((await next({ groupId: key! })).status).toBe(400)
    expect((await next({ groupId: leaf!, tryNumber: 3 })).status).toBe(200)
    await app.call('DELETE', `/api/lessons/${part.body.id}`)
    expect((await next({ groupId: key! })).status).toBe(200)
    // The lesson is taken off the logbook.
    await app.call('DELETE', path)
    expect((await next({ groupId: bell!, tryNumber: 2 })).status).toBe(404)
  })

  it('wait as soon as what was confirmed no longer stands', async () => {
    const { own, lesson, path } = await bounceLesson(app)
    expect((await send(path, sentEntry(lesson))).status).toBe(200)
    const { id, ...input } = own
    const plan = changedPlan(lesson, { question: 'Does it bounce after a bath in hot water?' })
    await app.call('PUT', `${path}/plan`, { plan, version: 0 })
    const waits = await send(path, sentEntry(lesson, { tryNumber: 2 }))
    expect([waits.status, waits.body.error.code]).toEqual([409, 'waits'])
    await app.call('POST', `${path}/safety`, { initials: 'AB', version: 1 })
    expect((await send(path, sentEntry(lesson, { tryNumber: 2 }))).status).toBe(200)
    await app.call('PUT', `/api/classes/${id}`, { ...input, ageBand: '5-7' })
    const { safety } = (await app.call<LessonDto>('GET', path)).body
    expect((await send(path, sentEntry(lesson, { tryNumber: 3 }))).status).toBe(safety!.stands ? 200 : 409)
  })

  it('sent while the plan is saved are read by the plan that stands', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [gone] = lesson.plan.levels
    const plan = changedPlan(lesson, { levels: lesson.plan.levels.slice(1) })
    const [saved, ...sent] = await Promise.all([
      app.call('PUT', `${path}/plan`, { plan, version: 0 }),
      ...[1, 2, 3].map((tryNumber) => send(path, sentEntry(lesson, { tryNumber }))),
    ])
    const after = (await app.call<LessonDto>('GET', path)).body
    // Either the plan was saved first and the entries were refused, or they came first and kept their level in it.
    const taken = sent.filter((answer) => answer.status === 200).length
    expect(after.entries).toHaveLength(taken)
    if (taken > 0) expect(after.plan.levels.map((level) => level.id)).toContain(gone!.id)
    else expect(saved.status).toBe(200)
  })

  it('have the value of their own text, whatever number came with it', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentEntry(lesson, { typed: '0.15 m', value: 99 }))
    expect(await entriesAt(path)).toMatchObject([
      { fields: { value: { value: 15, typed: '0.15 m', given: 'typed' } } },
    ])
    const refused = async (changes: Parameters<typeof sentEntry>[1]) =>
      (await send(path, sentEntry(lesson, { tryNumber: 2, ...changes }))).status
    expect(await refused({ typed: 'much', value: 3 })).toBe(400)
    expect(await refused({ typed: '1,200', value: 1.2 })).toBe(400)
    expect(await refused({ typed: '640', value: 63, given: 'suggested' })).toBe(400)
    expect(await refused({ typed: '640', value: 64, given: 'suggested' })).toBe(200)
  })

  it('of pages from before entries came are taken as entries of one field', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { groupId, levelId } = sentEntry(lesson)
    const before = {
      id: newId(),
      groupId,
      levelId,
      tryNumber: 1,
      value: 13,
      typed: '13',
      status: 'counted',
      reason: '',
      source: 'sheet',
      takenAt: '2026-03-09T10:15:00.000Z',
      supersedes: null,
    }
    for (let time = 0; time < 2; time++)
      expect((await app.call('POST', `${path}/readings`, { readings: [before] })).status).toBe(200)
    expect(await entriesAt(path)).toMatchObject([
      {
        id: before.id,
        moment: '',
        readWith: { instrument: 'metre stick', unit: 'cm', mark: 1 },
        fields: { value: { typed: '13', given: 'typed', value: 13 } },
      },
    ])
  })

  it('stand in the order of their arrival, whatever the clock of a tablet says', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [late, early] = [
      sentEntry(lesson, { takenAt: '2030-01-01T00:00:00.000Z' }),
      sentEntry(lesson, { tryNumber: 2, takenAt: '2020-01-01T00:00:00.000Z' }),
    ]
    await send(path, late)
    await send(path, early)
    const lines = (await (await fetch(`${app.url}${path}/readings.csv`)).text()).split('\r\n').slice(1)
    expect(lines.map((line) => line.includes(late.id))).toEqual([true, false])
  })

  it('are never overwritten: a correction supersedes and both stay', async () => {
    const { lesson, path } = await bounceLesson(app)
    const wrong = sentEntry(lesson, { value: 130 })
    const right = sentEntry(lesson, { supersedes: wrong.id })
    await send(path, wrong)
    await send(path, right)
    expect((await entriesAt(path)).map((one) => one.id)).toEqual([wrong.id, right.id])
  })

  it('of two devices for one slot both stay, and neither counts until one is set aside', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [mine, theirs] = [sentEntry(lesson), sentEntry(lesson, { value: 99 })]
    await send(path, mine)
    expect((await send(path, theirs)).status).toBe(200)
    const [contested] = [...standingOf(await entriesAt(path)).slots.values()]
    expect([contested!.counted, contested!.contested.map((one) => one.id)]).toEqual([
      null,
      [mine.id, theirs.id],
    ])
    await send(
      path,
      sentEntry(lesson, {
        value: 99,
        status: 'set-aside',
        reason: 'another entry was chosen',
        supersedes: theirs.id,
      }),
    )
    const [settled] = [...standingOf(await entriesAt(path)).slots.values()]
    expect([settled!.counted?.id, settled!.contested]).toEqual([mine.id, []])
  })

  it('of two corrections of one entry both stay to be chosen from', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentEntry(lesson)
    await send(path, first, sentEntry(lesson, { value: 14, supersedes: first.id }))
    expect((await send(path, sentEntry(lesson, { value: 15, supersedes: first.id }))).status).toBe(200)
    const [state] = [...standingOf(await entriesAt(path)).slots.values()]
    expect(state!.contested.map((one) => one.fields.value!.value)).toEqual([14, 15])
    // What is corrected has to be in the same place.
    expect((await send(path, sentEntry(lesson, { tryNumber: 2, supersedes: first.id }))).status).toBe(409)
  })

  it('that are known stay as they were kept when they are sent again under another plan', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentEntry(lesson, { value: 64, typed: '640', given: 'suggested' })
    await send(path, one)
    // A suggestion of the old scale is none of the new one.
    const instrument = { ...lesson.plan.measured.instrument, greatest: 1000, smallestMark: 7 }
    const measured = { ...lesson.plan.measured, instrument }
    await app.call('PUT', `${path}/plan`, { plan: { ...lesson.plan, measured }, version: lesson.planVersion })
    expect(await send(path, one)).toMatchObject({ status: 200, body: { added: [] } })
    expect(await entriesAt(path)).toEqual([one])
  })

  it('may come before what they correct', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentEntry(lesson, { value: 130 })
    expect((await send(path, sentEntry(lesson, { value: 13, supersedes: first.id }))).status).toBe(200)
    expect((await send(path, first)).status).toBe(200)
    const [state] = [...standingOf(await entriesAt(path)).slots.values()]
    expect([state!.counted?.fields.value!.value, state!.contested]).toEqual([13, []])
  })

  it('keep their note and what they were read with, and count in the unit that the plan has now', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentEntry(lesson, { value: 13, note: 'pressed late' }))
    const measured = { ...lesson.plan.measured, unit: 'mm' as const }
    await app.call('PUT', `${path}/plan`, { plan: { ...lesson.plan, measured }, version: lesson.planVersion })
    const now = (await app.call<LessonDto>('GET', path)).body
    expect(now.entries).toMatchObject([
      { note: 'pressed late', readWith: { instrument: 'metre stick', unit: 'cm' } },
    ])
    expect(scoresOf(now.plan, now.entries).map((score) => score.value)).toEqual([130])
    // A device that has not heard of it yet still reads in centimetres.
    await send(path, sentEntry(lesson, { tryNumber: 2, value: 14 }))
    const later = (await app.call<LessonDto>('GET', path)).body
    expect(scoresOf(later.plan, later.entries).map((score) => score.value)).toEqual([130, 140])
    const inSeconds = { instrument: 'stopwatch', unit: 's' as const, mark: 0.1 }
    expect((await send(path, sentEntry(lesson, { tryNumber: 3, readWith: inSeconds }))).status).toBe(400)
  })

  it('let a try be set aside with a reason and repeated', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentEntry(lesson)
    const aside = sentEntry(lesson, { status: 'set-aside', reason: 'pushed', supersedes: first.id })
    expect((await send(path, first, aside, sentEntry(lesson, { value: 15 }))).status).toBe(200)
    expect(
      (await send(path, sentEntry(lesson, { tryNumber: 2, status: 'set-aside', value: null, typed: '' })))
        .status,
    ).toBe(400)
  })

  it('are taken all or none', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { status, body } = await send(
      path,
      sentEntry(lesson),
      sentEntry(lesson, { tryNumber: 2, levelId: 'gone' }),
      sentEntry(lesson, { tryNumber: 3, groupId: newId() }),
    )
    expect(status).toBe(400)
    expect(body.error.fields.map((field) => field.path)).toEqual(['entries.1.levelId', 'entries.2.groupId'])
    expect(await entriesAt(path)).toEqual([])
  })

  it('do not take the number of another reading', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentEntry(lesson)
    await send(path, one)
    expect((await send(path, sentEntry(lesson, { id: one.id, value: 14 }))).status).toBe(409)
  })

  it.each([
    ['no number', { fields: { value: { typed: 'much', given: 'typed', value: 'much' } } }],
    ['a number beyond all bounds', { fields: { value: { typed: '1e12', given: 'typed', value: 1e12 } } }],
    ['another field', { fields: { before: { typed: '1', given: 'typed', value: 1 } } }],
    ['nothing seen', { fields: {} }],
    ['no level', { levelId: null }],
    ['a moment that the plan does not have', { moment: 'after' }],
    ['a source of their own', { source: 'oracle' }],
    ['no time', { takenAt: 'now' }],
    ['a sign that no database keeps', { status: 'set-aside', reason: 'pushed\0' }],
  ])('need more than %s', async (_, changes) => {
    const { lesson, path } = await bounceLesson(app)
    expect(
      (await app.call('POST', `${path}/entries`, { entries: [{ ...sentEntry(lesson), ...changes }] })).status,
    ).toBe(400)
  })

  it('lose nothing, whatever two devices send at once', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [leaf, bell] = lesson.class.groups
    const attempts = fc.array(
      fc.record({
        groupId: fc.constantFrom(leaf!.id, bell!.id),
        tryNumber: fc.integer({ min: 1, max: 3 }),
        value: fc.integer({ min: 1, max: 90 }),
      }),
      { minLength: 2, maxLength: 6 },
    )
    await fc.assert(
      fc.asyncProperty(attempts, async (some) => {
        const sent = some.map((one) => sentEntry(lesson, one))
        const answers = await Promise.all(sent.map((one) => send(path, one)))
        expect(answers.map((answer) => answer.status)).toEqual(sent.map(() => 200))
        const all = new Set((await entriesAt(path)).map((one) => one.id))
        expect(sent.filter((one) => !all.has(one.id))).toEqual([])
      }),
      { numRuns: 12 },
    )
  })

  it('come out as CSV', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentEntry(lesson))
    const response = await fetch(`${app.url}${path}/readings.csv`)
    expect(response.headers.get('content-type')).toContain('text/csv')
    expect((await response.text()).split('\r\n')[1]).toMatch(
      /^Leaf,25 cm,1,,13,13,typed,cm,metre stick,1,counted/,
    )
  })
})
