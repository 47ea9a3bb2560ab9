// @module-tag postgres: ticks of several people are written over each other
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CountedLine, Supply } from '#core/kit'
import { newId, type Plan } from '#core/plan'
import type { ClassDto, LessonDto, PackDto, SafetyDto } from '#shared/types/api'
import { currentDay } from '#shared/lesson/currentDay'
import { material } from '../../../core/testing/examplePlan'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan, classInput, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const get = async (path: string) => (await app.call<LessonDto>('GET', path)).body
const pack = async (path: string) => (await app.call<PackDto>('GET', `${path}/pack`)).body
const save = async (path: string, changes: Partial<Plan>) => {
  const lesson = await get(path)
  return app.call('PUT', `${path}/plan`, { plan: changedPlan(lesson, changes), version: lesson.planVersion })
}

/** A lesson of a class, not yet confirmed. */
async function newLesson(own: ClassDto, starter = 'ball-bounce', date = currentDay()) {
  const made = await app.call<{ id: string }>('POST', '/api/lessons', {
    classId: own.id,
    date,
    from: { kind: 'starter', id: starter },
  })
  return `/api/lessons/${made.body.id}`
}
const newClass = async (changes = {}) =>
  (await app.call<ClassDto>('POST', '/api/classes', classInput(changes))).body
const supply = (changes: Partial<Supply>): Supply => ({
  id: newId(),
  name: 'bouncy ball',
  unit: '',
  amount: 10,
  shelf: 'shelf 2',
  packSize: 6,
  price: 3.6,
  instead: [],
  care: '',
  ...changes,
})
const put = async (one: Supply) => {
  expect((await app.call('PUT', `/api/school/supplies/${one.id}`, one)).status).toBe(200)
  return one
}

describe('the confirmation that cautions were checked', () => {
  const confirm = (path: string, version = 0, initials = 'AB') =>
    app.call<SafetyDto>('POST', `${path}/safety`, { initials, version })
  const send = async (path: string, tryNumber = 1, changes = {}) =>
    app.call<{ error: { code: string; message: string } }>('POST', `${path}/entries`, {
      entries: [sentEntry(await get(path), { tryNumber, ...changes })],
    })

  it('comes before the first counted entry, which waits until then and is lost nowhere', async () => {
    const path = await newLesson(await newClass())
    expect(await send(path)).toMatchObject({ status: 409, body: { error: { code: 'waits' } } })
    expect((await get(path)).safety).toBeNull()
    expect((await confirm(path)).body).toMatchObject({ initials: 'AB', beforeRule: false, stands: true })
    expect((await send(path)).status).toBe(200)
    expect((await get(path)).safety).toMatchObject({ stands: true })
  })

  it('lets what is set aside pass, as it counts for nothing', async () => {
    const path = await newLesson(await newClass())
    expect((await send(path, 1, { status: 'set-aside', reason: 'pushed or bumped' })).status).toBe(200)
  })

  it('is asked again when a part that bears a hazard changes, and not for others', async () => {
    const path = await newLesson(await newClass())
    await confirm(path)
    await save(path, { tries: 4 })
    expect((await send(path)).status).toBe(200)
    await save(path, { steps: ['Stand on a chair.'] })
    expect((await get(path)).safety).toMatchObject({ stands: false })
    expect(await send(path, 2)).toMatchObject({ status: 409, body: { error: { code: 'waits' } } })
    await confirm(path, 2)
    expect((await send(path, 2)).status).toBe(200)
    await save(path, { steps: [] })
    expect((await get(path)).safety).toMatchObject({ stands: true })
  })

  it('is asked again when the class learns of an allergy that the plan touches', async () => {
    const { id, ...own } = await newClass()
    const path = await newLesson({ id, ...own }, 'bean-sprouts')
    await confirm(path)
    await app.call('PUT', `/api/classes/${id}`, { ...own, allergies: [{ allergen: 'egg', children: 1 }] })
    expect((await get(path)).safety).toMatchObject({ stands: true })
    await app.call('PUT', `/api/classes/${id}`, { ...own, allergies: [{ allergen: 'legumes', children: 1 }] })
    expect((await get(path)).safety).toMatchObject({ stands: false })
  })

  it('is asked again when the school has something to say about a thing, and stands again without it', async () => {
    const path = await newLesson(await newClass())
    await confirm(path)
    const careful = supply({ name: 'sticky dots', care: 'Only on paper.' })
    await put(careful)
    expect((await get(path)).safety).toMatchObject({ stands: false })
    expect((await send(path)).status).toBe(409)
    await put({ ...careful, care: '' })
    expect((await get(path)).safety).toMatchObject({ stands: true })
  })

  it('is for the plan that was on the screen, and needs initials', async () => {
    const path = await newLesson(await newClass())
    expect((await confirm(path, 7)).status).toBe(409)
    for (const initials of ['', '  ', '12', 'far too long', 'A\0'])
      expect((await confirm(path, 0, initials)).status).toBe(400)
  })

  it('goes with the plan to groups with a test of their own', async () => {
    const own = await newClass()
    const path = await newLesson(own)
    await confirm(path)
    const part = (await app.call<{ id: string }>('POST', `${path}/parts`, { groupIds: [own.groups[0]!.id] }))
      .body
    expect((await get(`/api/lessons/${part.id}`)).safety).toMatchObject({ initials: 'AB', stands: true })
  })

  it('keeps the class’s allergies from what a Sheet is given', async () => {
    const path = await newLesson(await newClass({ allergies: [{ allergen: 'nuts', children: 2 }] }))
    expect(JSON.stringify(await get(path))).not.toContain('allerg')
    expect((await pack(path)).allergies).toEqual([{ allergen: 'nuts', children: 2 }])
  })
})

describe('a kit in the plan', () => {
  const made = [
    { kind: 'solution', of: 'salt', unit: 'g', amount: 35, inMillilitres: 1000 },
    { kind: 'series', of: 'salt', unit: 'g', inMillilitres: 1000 },
    { kind: 'pieces', width: 12, height: 8, from: 'card, A4', sheetWidth: 21, sheetHeight: 29.7 },
    { kind: 'lengths', length: 25, from: 'string, 3 m', stickLength: 300 },
  ] as const

  it('keeps what is mixed and cut, what is taken out, and what is to be prepared', async () => {
    const path = await newLesson(await newClass())
    const materials = made.map((one, index) =>
      material({ id: `m${index}`, name: 'x', unit: 'mL', made: one }),
    )
    const preparing = [{ id: 'p', what: 'freeze ice', nights: 1, keeps: null }]
    expect((await save(path, { materials, preparing, leftOut: ['kit-sheet'] })).status).toBe(200)
    expect((await get(path)).plan).toMatchObject({ materials, preparing, leftOut: ['kit-sheet'] })
  })

  it.each([
    [{ kind: 'solution', of: 'salt', unit: 'kg', amount: 1, inMillilitres: 10 }],
    [{ kind: 'solution', of: 'salt', unit: 'g', amount: -1, inMillilitres: 10 }],
    [{ kind: 'pieces', width: 0, height: 8, from: '', sheetWidth: 21, sheetHeight: 29.7 }],
    [{ kind: 'melted' }],
    [{ kind: 'lengths', length: 25 }],
  ])('refuses %j', async (wrong) => {
    const path = await newLesson(await newClass())
    const answer = await save(path, { materials: [material({ made: wrong as never })] })
    expect(answer.status).toBe(400)
    expect(JSON.stringify(answer.body)).toContain('plan.materials.0.made')
  })
})

describe('packing', () => {
  it('keeps the ticks of two people at once', async () => {
    const { path, own } = await bounceLesson(app)
    const [leaf, bell] = own.groups.map((group) => group.id)
    const tick = (place: string, amount = 1) =>
      app.call('PUT', `${path}/ticks`, { ticks: [{ materialId: 'ball', place, amount }] })
    await Promise.all([tick(leaf!), tick(bell!), tick('spare', 2), tick(leaf!)])
    expect((await pack(path)).ticks.map((one) => [one.place, one.amount]).sort()).toEqual(
      [
        [leaf, 1],
        [bell, 1],
        ['spare', 2],
      ].sort(),
    )
    await tick(leaf!, 0)
    expect((await pack(path)).ticks.find((one) => one.place === leaf)).toMatchObject({ amount: 0 })
  })

  it.each([
    [{ materialId: 'ball', place: 'moon base', amount: 1 }],
    [{ materialId: 'ball', place: 'shared', amount: -1 }],
    [{ materialId: 'ball', place: 'shared', amount: 'x' }],
    [{ materialId: '../../x', place: 'shared', amount: 1 }],
  ])('refuses %j', async (tick) => {
    const { path } = await bounceLesson(app)
    expect((await app.call('PUT', `${path}/ticks`, { ticks: [tick] })).status).toBe(400)
  })

  it('tells what other lessons hold that share the day', async () => {
    const own = await newClass()
    const [first, second, later] = [
      await newLesson(own, 'ball-bounce', '2031-03-10'),
      await newLesson(own, 'shoe-grip', '2031-03-10'),
      await newLesson(own, 'ball-bounce', '2031-03-11'),
    ]
    const titles = (await pack(second)).others.map((one) => `${one.from} ${one.title}`)
    expect(titles).toContain('2031-03-10 Ball bounce, Heron class')
    expect(titles.some((title) => title.startsWith('2031-03-11'))).toBe(false)
    expect((await pack(first)).others.map((one) => one.lessonId)).toContain(second.split('/').at(-1))
    const held = (await pack(later)).others.map((one) => one.lessonId)
    expect(held).toEqual(expect.arrayContaining([first, second].map((path) => path.split('/').at(-1))))
  })

  it('holds what is used every day for all its days', async () => {
    const path = await newLesson(await newClass(), 'bean-sprouts', '2031-03-10')
    expect((await pack(path)).own).toMatchObject({ from: '2031-03-10', to: '2031-03-21' })
  })
})

describe('counting back', () => {
  const count = (path: string, counts: object[]) =>
    app.call<CountedLine[]>('PUT', `${path}/counts`, { counts })
  const stock = async (id: string) =>
    (await app.call<Supply[]>('GET', '/api/school/supplies')).body.find((one) => one.id === id)!.amount

  it('takes out of the cupboard what did not come back, and puts it right when it is counted again', async () => {
    const ball = await put(supply({ name: 'bouncy ball', amount: 10 }))
    const tape = await put(supply({ name: 'masking tape', unit: 'm', amount: 50, packSize: 50 }))
    const path = await newLesson(await newClass())
    // Three groups: 3 balls and 2 spare, 90 cm of tape and 18 spare.
    const counted = await count(path, [
      { materialId: 'ball', back: 3, broken: 1 },
      { materialId: 'tape', back: 8, broken: 0 },
    ])
    expect(counted.body).toMatchObject([
      { taken: 5, back: 3, broken: 1, missing: 1, gone: 2 },
      { taken: 108, gone: 100, missing: 0 },
    ])
    expect(await stock(ball.id)).toBe(8)
    expect(await stock(tape.id)).toBe(49)
    await count(path, [{ materialId: 'ball', back: 5, broken: 0 }])
    expect(await stock(ball.id)).toBe(10)
    expect((await pack(path)).counts).toHaveLength(2)
  })

  it('feeds the next lesson of the same investigation where more was used than planned', async () => {
    const own = await newClass()
    const path = await newLesson(own, 'ball-bounce', '2031-05-05')
    await count(path, [{ materialId: 'dots', back: 0, broken: 0 }])
    const again = await app.call<{ id: string }>('POST', '/api/lessons', {
      classId: own.id,
      date: '2031-05-12',
      from: { kind: 'lesson', id: path.split('/').at(-1) },
    })
    // Twelve dots and six spare went, for three groups.
    expect((await pack(`/api/lessons/${again.body.id}`)).usedBefore).toEqual({ 'sticky dots': 18 })
  })

  it('refuses more than was taken, less than nothing, and what is not on the list', async () => {
    const path = await newLesson(await newClass())
    expect(await count(path, [{ materialId: 'ball', back: 99, broken: 0 }])).toMatchObject({
      status: 400,
      body: { error: { message: expect.stringContaining('5 went out') } },
    })
    expect((await count(path, [{ materialId: 'ball', back: -1, broken: 0 }])).status).toBe(400)
    expect((await count(path, [{ materialId: 'gone', back: 1, broken: 0 }])).status).toBe(409)
  })

  it('takes a broken instrument off its number', async () => {
    const path = await newLesson(await newClass())
    const before = (await get(path)).school.cupboard.find((one) => one.name === 'metre stick')!.howMany
    await app.call('PUT', '/api/school/cupboard', { cupboard: (await get(path)).school.cupboard })
    await count(path, [{ materialId: 'kit-instrument-metre-stick', back: 2, broken: 1 }])
    expect((await get(path)).school.cupboard.find((one) => one.name === 'metre stick')!.howMany).toBe(
      before - 1,
    )
  })
})
