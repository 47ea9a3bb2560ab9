import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { slotStates, type Reading } from '#core/record'
import type { ApiProblem, LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, sentReading } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const readingsAt = async (path: string) => (await app.call<LessonDto>('GET', path)).body.readings
const send = (path: string, ...readings: Reading[]) =>
  app.call<ApiProblem & { added: string[] }>('POST', `${path}/readings`, { readings })

describe('readings', () => {
  it('are kept as sent; sending them again changes nothing', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentReading(lesson, { typed: '12,5', value: 12.5 })
    expect((await send(path, one)).body).toEqual({ added: [one.id] })
    expect((await send(path, one)).body).toEqual({ added: [] })
    expect(await readingsAt(path)).toEqual([one])
  })

  it('have the value of their own text, whatever number came with it', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentReading(lesson, { typed: '0.15 m', value: 99 }))
    expect(await readingsAt(path)).toMatchObject([{ value: 15, typed: '0.15 m', given: 'typed' }])
    const refused = async (changes: Partial<Reading>) =>
      (await send(path, sentReading(lesson, { tryNumber: 2, ...changes }))).status
    expect(await refused({ typed: 'much', value: 3 })).toBe(400)
    expect(await refused({ typed: '1,200', value: 1.2 })).toBe(400)
    expect(await refused({ typed: '640', value: 63, given: 'suggested' })).toBe(400)
    expect(await refused({ typed: '640', value: 64, given: 'suggested' })).toBe(200)
  })

  it('of devices that did not say how yet are taken as typed', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { given: _given, ...before } = sentReading(lesson)
    expect((await app.call('POST', `${path}/readings`, { readings: [before] })).status).toBe(200)
    expect(await readingsAt(path)).toMatchObject([{ given: 'typed' }])
  })

  it('stand in the order of their arrival, whatever the clock of a tablet says', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [late, early] = [
      sentReading(lesson, { takenAt: '2030-01-01T00:00:00.000Z' }),
      sentReading(lesson, { tryNumber: 2, takenAt: '2020-01-01T00:00:00.000Z' }),
    ]
    await send(path, late)
    await send(path, early)
    const lines = (await (await fetch(`${app.url}${path}/readings.csv`)).text()).split('\r\n').slice(1)
    expect(lines.map((line) => line.includes(late.id))).toEqual([true, false])
  })

  it('are never overwritten: a correction supersedes and both stay', async () => {
    const { lesson, path } = await bounceLesson(app)
    const wrong = sentReading(lesson, { value: 130 })
    const right = sentReading(lesson, { supersedes: wrong.id })
    await send(path, wrong)
    await send(path, right)
    expect((await readingsAt(path)).map((one) => one.id)).toEqual([wrong.id, right.id])
  })

  it('refuse a second one in the same slot and tell what stands there', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentReading(lesson))
    const { status, body } = await send(path, sentReading(lesson, { value: 99, typed: '99' }))
    expect(status).toBe(409)
    expect(body.error.message).toMatch(/just recorded 13 here/)
    expect(await readingsAt(path)).toHaveLength(1)
  })

  it('refuse two corrections of the same reading', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentReading(lesson)
    await send(path, first, sentReading(lesson, { supersedes: first.id }))
    expect((await send(path, sentReading(lesson, { supersedes: first.id }))).status).toBe(409)
    expect((await send(path, sentReading(lesson, { tryNumber: 2, supersedes: first.id }))).status).toBe(409)
    expect((await send(path, sentReading(lesson, { tryNumber: 2, supersedes: newId() }))).status).toBe(409)
  })

  it('let a try be set aside with a reason and repeated', async () => {
    const { lesson, path } = await bounceLesson(app)
    const first = sentReading(lesson)
    const aside = sentReading(lesson, { status: 'set-aside', reason: 'pushed', supersedes: first.id })
    expect((await send(path, first, aside, sentReading(lesson, { value: 15 }))).status).toBe(200)
    expect(
      (await send(path, sentReading(lesson, { tryNumber: 2, status: 'set-aside', value: null, typed: '' })))
        .status,
    ).toBe(400)
  })

  it('are taken all or none', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { status, body } = await send(
      path,
      sentReading(lesson),
      sentReading(lesson, { tryNumber: 2, levelId: 'gone' }),
      sentReading(lesson, { tryNumber: 3, groupId: newId() }),
    )
    expect(status).toBe(400)
    expect(body.error.fields.map((field) => field.path)).toEqual(['readings.1.levelId', 'readings.2.groupId'])
    expect(await readingsAt(path)).toEqual([])
  })

  it('do not take the number of another reading', async () => {
    const { lesson, path } = await bounceLesson(app)
    const one = sentReading(lesson)
    await send(path, one)
    expect((await send(path, { ...one, value: 14, typed: '14' })).status).toBe(409)
  })

  it.each([
    ['no number', { value: 'much' }],
    ['a number beyond all bounds', { value: 1e12 }],
    ['a source of their own', { source: 'oracle' }],
    ['no time', { takenAt: 'now' }],
    ['a sign that no database keeps', { status: 'set-aside', reason: 'pushed\0' }],
  ])('need more than %s', async (_, changes) => {
    const { lesson, path } = await bounceLesson(app)
    expect(
      (await app.call('POST', `${path}/readings`, { readings: [{ ...sentReading(lesson), ...changes }] }))
        .status,
    ).toBe(400)
  })

  it('hold one counted reading for each slot, whatever two devices send at once', async () => {
    const { lesson, path } = await bounceLesson(app)
    const [leaf, bell] = lesson.class.groups
    const attempts = fc.array(
      fc.record({
        group: fc.constantFrom(leaf!.id, bell!.id),
        tryNumber: fc.integer({ min: 1, max: 3 }),
        value: fc.integer({ min: 1, max: 90 }),
      }),
      { minLength: 2, maxLength: 6 },
    )
    await fc.assert(
      fc.asyncProperty(attempts, async (some) => {
        const answers = await Promise.all(
          some.map(({ group, tryNumber, value }) =>
            send(path, sentReading(lesson, { groupId: group, tryNumber, value })),
          ),
        )
        expect(answers.every((answer) => answer.status === 200 || answer.status === 409)).toBe(true)
        const all = await readingsAt(path)
        const slots = all.map((one) => `${one.groupId}|${one.levelId}|${one.tryNumber}`)
        expect(new Set(slots).size).toBe(slots.length)
        expect([...slotStates(all).values()].every((state) => state.counted)).toBe(true)
      }),
      { numRuns: 12 },
    )
  })

  it('come out as CSV', async () => {
    const { lesson, path } = await bounceLesson(app)
    await send(path, sentReading(lesson))
    const response = await fetch(`${app.url}${path}/readings.csv`)
    expect(response.headers.get('content-type')).toContain('text/csv')
    expect((await response.text()).split('\r\n')[1]).toMatch(/^Leaf,25 cm,1,13,cm,counted/)
  })
})
