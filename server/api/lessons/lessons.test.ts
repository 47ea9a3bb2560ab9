// @module-tag postgres: plans and conclusions are saved against the version that was seen
import { asc, eq } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyConclusion } from '#core/conclusion'
import { newId } from '#core/plan'
import type { ApiProblem, ClassDto, InvestigationDto, LessonDto, LessonSummaryDto } from '#shared/types/api'
import { events } from '../../database/schema'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan, classInput, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const lessonAt = async (path: string) => (await app.call<LessonDto>('GET', path)).body

describe('lessons', () => {
  it('start from a starter, a question, an earlier lesson, or a file', async () => {
    const { own, lesson, path } = await bounceLesson(app)
    expect(lesson).toMatchObject({
      stage: 'plan',
      plan: { title: 'Ball bounce' },
      entries: [],
      class: { children: 0 },
    })
    const start = async (from: object) =>
      (await app.call<{ id: string }>('POST', '/api/lessons', { classId: own.id, date: '2026-03-10', from }))
        .body.id
    expect(
      await lessonAt(`/api/lessons/${await start({ kind: 'question', question: 'Why is it so?' })}`),
    ).toMatchObject({ stage: 'wonder', plan: { question: 'Why is it so?', tries: 3 } })

    await app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, { tries: 5 }), version: 0 })
    const again = await lessonAt(`/api/lessons/${await start({ kind: 'lesson', id: lesson.id })}`)
    expect(again).toMatchObject({ investigationId: lesson.investigationId, plan: { tries: 5 } })

    const question = 'Does the kind of ball change how high it bounces?'
    const next = await lessonAt(`/api/lessons/${await start({ kind: 'next', id: lesson.id, question })}`)
    expect(next).toMatchObject({
      stage: 'plan',
      plan: { question, tries: 5, changed: { name: 'kind of ball' } },
    })
    expect(next.investigationId).not.toBe(lesson.investigationId)
    expect(next.plan.background).toEqual(lesson.plan.background)

    const file = await fetch(`${app.url}${path}/investigation.json`)
    expect(file.headers.get('content-disposition')).toContain('Ball bounce.json')
    const opened = await app.call<{ id: string; plan: unknown }>('POST', '/api/investigations/import', {
      text: await file.text(),
    })
    expect(opened.body.plan).toEqual(changedPlan(lesson, { tries: 5 }))
    expect(
      (await lessonAt(`/api/lessons/${await start({ kind: 'investigation', id: opened.body.id })}`)).plan,
    ).toEqual(opened.body.plan)
    const list = (await app.call<InvestigationDto[]>('GET', '/api/investigations')).body
    expect(list.filter((one) => one.kind === 'starter').length).toBeGreaterThanOrEqual(3)
    expect(list.some((one) => one.id === opened.body.id)).toBe(true)
    // A question that was only begun with is no plan to start from.
    expect(list.some((one) => one.question === 'Why is it so?')).toBe(false)
  })

  it('remember when testing was said to be over, the first time that it was', async () => {
    const { path } = await bounceLesson(app)
    const finished = async (now: boolean) => {
      await app.call('PATCH', path, { finished: now })
      return (await lessonAt(path)).finishedAt
    }
    expect((await lessonAt(path)).finishedAt).toBeNull()
    const at = await finished(true)
    expect(Date.parse(at!)).toBeGreaterThan(Date.now() - 60_000)
    expect(await finished(true)).toBe(at)
    await app.call('PATCH', path, { stage: 'compare' })
    expect((await lessonAt(path)).finishedAt).toBe(at)
    expect(await finished(false)).toBeNull()
    expect((await app.call('PATCH', path, { finished: 'yes' })).status).toBe(400)
  })

  it('are listed with question, answer and how far they are, and can be taken off and put back', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentEntry(lesson)
    await app.call('POST', `${path}/entries`, { entries: [first, sentEntry(lesson, { tryNumber: 2 })] })
    await app.call('POST', `${path}/entries`, {
      entries: [sentEntry(lesson, { supersedes: first.id, value: 14 })],
    })
    await app.call('PUT', `${path}/conclusion`, {
      conclusion: { ...emptyConclusion, ownWords: 'Higher is higher.', nextQuestion: 'On carpet?' },
      version: 0,
    })
    const find = async () =>
      (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body.find((one) => one.id === lesson.id)
    expect(await find()).toMatchObject({
      className: 'Heron class',
      readings: 2,
      needed: 36,
      answer: 'Higher is higher.',
      nextQuestion: 'On carpet?',
    })
    await app.call('DELETE', path)
    expect(await find()).toBeUndefined()
    expect((await app.call('GET', path)).status).toBe(404)
    await app.call('POST', `${path}/restore`)
    expect(await find()).toBeDefined()
  })

  it('never show children’s names to a face of the lesson', async () => {
    const own = (
      await app.call<ClassDto>(
        'POST',
        '/api/classes',
        classInput({ pupils: [{ id: newId(), name: 'Zebedee', groupId: null }] }),
      )
    ).body
    const { id } = (
      await app.call<{ id: string }>('POST', '/api/lessons', {
        classId: own.id,
        date: '2026-03-09',
        from: { kind: 'starter', id: 'ball-bounce' },
      })
    ).body
    const lesson = await lessonAt(`/api/lessons/${id}`)
    expect(lesson.class.children).toBe(1)
    expect(JSON.stringify(lesson)).not.toContain('Zebedee')
  })

  it.each([
    ['an unknown class', { classId: newId() }, 404],
    ['an unknown starter', { from: { kind: 'starter', id: 'none' } }, 404],
    ['an impossible day', { date: '2026-02-30' }, 400],
    ['a start of no kind', { from: { kind: 'thin air' } }, 400],
    ['a question of 5,000 letters', { from: { kind: 'question', question: 'x'.repeat(5000) } }, 400],
  ])('do not start with %s', async (_, changes, status) => {
    const { own } = await bounceLesson(app)
    expect(
      (
        await app.call('POST', '/api/lessons', {
          classId: own.id,
          date: '2026-03-09',
          from: { kind: 'starter', id: 'ball-bounce' },
          ...changes,
        })
      ).status,
    ).toBe(status)
  })
})

it.each(['lesson', 'investigation'])(
  'begun from a %s that cannot be one is refused, and nothing breaks',
  async (kind) => {
    const { own } = await bounceLesson(app)
    for (const [id, status] of [
      ['abc', 400],
      [newId(), 404],
    ] as const)
      expect(
        (await app.call('POST', '/api/lessons', { classId: own.id, date: '2026-03-09', from: { kind, id } }))
          .status,
      ).toBe(status)
  },
)

describe('plans', () => {
  it('are saved once for each version: the second screen is told', async () => {
    const { lesson, path } = await bounceLesson(app)
    expect(
      (await app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, { tries: 4 }), version: 0 })).body,
    ).toEqual({ planVersion: 1 })
    const late = await app.call<ApiProblem>('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { tries: 9 }),
      version: 0,
    })
    expect([late.status, late.body.error.code]).toEqual([409, 'conflict'])
    expect((await lessonAt(path)).plan.tries).toBe(4)
  })

  it('sent twice under one id are saved once, also where somebody has saved since', async () => {
    const { lesson, path } = await bounceLesson(app)
    const sent = { save: newId(), plan: changedPlan(lesson, { tries: 4 }), version: 0 }
    const put = async (body: object) => (await app.call('PUT', `${path}/plan`, body)).body
    expect([await put(sent), await put(sent)]).toEqual([{ planVersion: 1 }, { planVersion: 1 }])
    await put({ save: newId(), plan: changedPlan(lesson, { tries: 9 }), version: 1 })
    expect(await put(sent)).toEqual({ planVersion: 1 })
    expect(await lessonAt(path)).toMatchObject({ planVersion: 2, plan: { tries: 9 } })
    const end = { save: newId(), conclusion: { ...emptyConclusion, better: 'Level the floor.' }, version: 0 }
    for (let times = 0; times < 2; times++)
      expect((await app.call('PUT', `${path}/conclusion`, end)).body).toEqual({ conclusionVersion: 1 })
  })

  it('leave the newest of what was told of them, and no older ones', async () => {
    const { lesson, path } = await bounceLesson(app)
    for (let version = 0; version < 45; version++)
      await app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, { title: `${version}` }), version })
    const told = await app.database.db
      .select({ event: events.event })
      .from(events)
      .where(eq(events.lessonId, lesson.id))
      .orderBy(asc(events.seq))
    const plans = told.flatMap(({ event }) => (event.kind === 'plan' ? [event.plan.title] : []))
    expect([plans.length, plans[0], plans.at(-1)]).toEqual([25, '20', '44'])
  })

  it('are refused with the way to each wrong field, and the old one is kept', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { instrument } = lesson.plan.measured
    const plan = {
      ...lesson.plan,
      tries: 99,
      question: 'x'.repeat(5000),
      levels: Array.from({ length: 40 }, (_, index) => ({
        id: `l${index}`,
        name: '',
        value: index,
        baseline: false,
      })),
      measured: { ...lesson.plan.measured, unit: 'furlong', instrument: { ...instrument, greatest: -5 } },
    }
    const { status, body } = await app.call<ApiProblem>('PUT', `${path}/plan`, { plan, version: 0 })
    expect(status).toBe(400)
    expect(body.error.fields.map((field) => field.path)).toEqual(
      expect.arrayContaining([
        'plan.tries',
        'plan.question',
        'plan.levels',
        'plan.measured.unit',
        'plan.measured.instrument.greatest',
      ]),
    )
    expect(await lessonAt(path)).toEqual(lesson)
  })

  it('keep levels and unit that readings stand on', async () => {
    const { lesson, path } = await bounceLesson(app)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    const less = await app.call<ApiProblem>('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { levels: lesson.plan.levels.slice(1) }),
      version: 0,
    })
    expect([less.status, less.body.error.fields[0]!.path]).toEqual([409, 'plan.levels'])
    const other = await app.call<ApiProblem>('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { measured: { ...lesson.plan.measured, unit: 's' } }),
      version: 0,
    })
    expect([other.status, other.body.error.fields[0]!.path]).toEqual([409, 'plan.measured.unit'])
    const counting = await app.call<ApiProblem>('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { recording: { kind: 'count' } }),
      version: 0,
    })
    expect([counting.status, counting.body.error.fields[0]!.path]).toEqual([409, 'plan.recording'])
  })

  it('take emoji and any script as they are', async () => {
    const { lesson, path } = await bounceLesson(app)
    await app.call('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { title: '🎈 Bälle 弹跳' }),
      version: 0,
    })
    expect((await lessonAt(path)).plan.title).toBe('🎈 Bälle 弹跳')
  })
})

describe('investigation files', () => {
  it.each([
    ['a damaged one', '{"format":"jolly-bea', 'text'],
    [
      'one of a newer program',
      JSON.stringify({ format: 'jolly-beaker-investigation', version: 99, plan: {} }),
      'text',
    ],
    [
      'one with a broken plan',
      JSON.stringify({ format: 'jolly-beaker-investigation', version: 1, plan: { title: 7 } }),
      'plan.title',
    ],
    ['one without a plan', JSON.stringify({ format: 'jolly-beaker-investigation', version: 1 }), 'plan.'],
  ])('refuse %s and change nothing', async (_, text, path) => {
    const before = (await app.call<InvestigationDto[]>('GET', '/api/investigations')).body
    const { status, body } = await app.call<ApiProblem>('POST', '/api/investigations/import', { text })
    expect(status).toBe(400)
    expect(body.error.fields.map((field) => field.path)).toContain(path)
    expect((await app.call<InvestigationDto[]>('GET', '/api/investigations')).body).toEqual(before)
  })
})

describe('predictions', () => {
  const more = { answer: { format: 'direction', direction: 'more' }, because: 'it falls further' }

  it('are marked late when the group has tested already', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [leaf, bell] = lesson.class.groups
    expect((await app.call('PUT', `${path}/predictions/${leaf!.id}`, more)).body).toMatchObject({
      late: false,
      because: 'it falls further',
    })
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    expect((await app.call('PUT', `${path}/predictions/${leaf!.id}`, more)).body).toMatchObject({
      late: true,
    })
    expect((await app.call('PUT', `${path}/predictions/${bell!.id}`, more)).body).toMatchObject({
      late: false,
    })
    expect((await lessonAt(path)).predictions).toHaveLength(2)
  })

  it('are kept for each step at which they were asked, with how much was known by then', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [leaf] = lesson.class.groups
    const to = `${path}/predictions/${leaf!.id}`
    await app.call('PUT', to, more)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    const again = { ...more, because: 'now we saw it', step: 'begun' }
    expect((await app.call('PUT', to, again)).body).toMatchObject({ step: 'begun', known: 1, late: false })
    await app.call('PUT', to, { ...again, because: 'once more' })
    const { predictions } = await lessonAt(path)
    expect(predictions.map(({ step, known, because }) => [step, known, because])).toEqual([
      ['before', 0, 'it falls further'],
      ['begun', 1, 'once more'],
    ])
    expect((await app.call('PUT', to, { ...more, step: 'never' })).status).toBe(400)
  })

  it('of the sides of one thing name sides that the plan compares', async () => {
    const { lesson, path } = await bounceLesson(app)
    const to = `${path}/predictions/${lesson.class.groups[0]!.id}`
    const sides = (sideId: string) => ({
      answer: { format: 'sides', sides: [{ quantity: 0, levelId: null, sideId, direction: 'less' }] },
      because: '',
    })
    expect((await app.call('PUT', to, sides('side-2'))).status).toBe(400)
    const { planVersion } = await lessonAt(path)
    const recording = {
      ...{ kind: 'before-after', moments: ['before', 'after'], stand: 'in-turn', container: 'none' },
      ...{ change: 'lost', compare: 'amount' },
    }
    const plan = { ...lesson.plan, recording, comparison: 'itself' }
    expect((await app.call('PUT', `${path}/plan`, { plan, version: planVersion })).status).toBe(200)
    expect((await app.call('PUT', to, sides('side-2'))).status).toBe(200)
    expect((await app.call('PUT', to, sides('side-9'))).status).toBe(400)
    const [level] = lesson.plan.levels
    const number = (moment: string) => ({
      answer: { format: 'number', levelId: level!.id, moment, value: 12 },
      because: '',
    })
    expect((await app.call('PUT', to, number('after'))).body).toMatchObject(number('after'))
    expect((await app.call('PUT', to, number('tomorrow'))).body).toMatchObject({
      error: { message: 'This prediction is for a time that isn’t in the plan.' },
    })
  })

  it('need a group of the class and levels of the plan', async () => {
    const { lesson, path } = await bounceLesson(app)
    expect((await app.call('PUT', `${path}/predictions/${newId()}`, more)).status).toBe(404)
    const bad = await app.call('PUT', `${path}/predictions/${lesson.class.groups[0]!.id}`, {
      answer: { format: 'choice', levelId: 'gone' },
      because: '',
    })
    expect(bad.status).toBe(400)
    const fromId = lesson.plan.levels[0]!.id
    const same = await app.call('PUT', `${path}/predictions/${lesson.class.groups[0]!.id}`, {
      answer: { format: 'stretch', fromId, toId: fromId },
      because: '',
    })
    expect(same.body).toMatchObject({
      error: { message: 'This prediction names the same level twice.' },
    })
    expect(
      (
        await app.call('PUT', `${path}/predictions/${lesson.class.groups[0]!.id}`, {
          answer: { format: 'order' },
          because: '',
        })
      ).status,
    ).toBe(400)
  })
})

describe('conclusions', () => {
  it('are saved once for each version', async () => {
    const { path } = await bounceLesson(app)
    const conclusion = {
      ...emptyConclusion,
      claim: {
        comparison: 'more',
        subject: 'trend',
        levelIds: [],
        strength: 'always',
        scope: { kind: 'tested' },
      },
    }
    expect((await app.call('PUT', `${path}/conclusion`, { conclusion, version: 0 })).body).toEqual({
      conclusionVersion: 1,
    })
    expect((await app.call('PUT', `${path}/conclusion`, { conclusion, version: 0 })).status).toBe(409)
    expect((await lessonAt(path)).conclusion).toEqual(conclusion)
  })
})
