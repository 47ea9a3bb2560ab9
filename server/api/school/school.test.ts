import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { usualCalendar } from '#core/calendar'
import { instrumentCupboard } from '#core/instrument'
import { usualWays } from '#core/plan'
import type { LessonDto, SchoolDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { classInput } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const [stick] = instrumentCupboard

describe('how a school works', () => {
  it('is as usual until it has said otherwise', async () => {
    expect((await app.call('GET', '/api/school')).body).toEqual({
      ways: usualWays,
      cupboard: instrumentCupboard,
      calendar: usualCalendar,
    })
  })

  it('sets what a new plan begins with, and what the Fair check finds usual', async () => {
    const ways = {
      ...usualWays,
      units: 'customary',
      practiceTries: 0,
      byAge: { ...usualWays.byAge, '7-9': { tries: 5, summary: 'mean' } },
    }
    expect((await app.call('PUT', '/api/school/ways', ways)).status).toBe(200)
    const own = (await app.call<{ id: string }>('POST', '/api/classes', classInput())).body
    const { body } = await app.call<{ id: string }>('POST', '/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from: { kind: 'question', question: 'Why?' },
    })
    const lesson = (await app.call<LessonDto>('GET', `/api/lessons/${body.id}`)).body
    expect(lesson.plan).toMatchObject({
      tries: 5,
      summary: 'mean',
      practiceTries: 0,
      measured: { unit: 'in' },
    })
    expect(lesson.school.ways.byAge['7-9'].tries).toBe(5)
  })

  it('refuses what it cannot be, at the right field', async () => {
    const answer = await app.call('PUT', '/api/school/ways', { ...usualWays, practiceTries: 99 })
    expect(answer).toMatchObject({ status: 400, body: { error: { fields: [{ path: 'practiceTries' }] } } })
  })
})

describe('the cupboard', () => {
  it('is replaced as a whole, each instrument with the dimension of its unit', async () => {
    const own = { ...stick!, id: 'long', name: 'long tape', unit: 'g' as const, howMany: 3 }
    const saved = await app.call<SchoolDto>('PUT', '/api/school/cupboard', { cupboard: [own, stick] })
    expect(saved.body.cupboard.map((one) => [one.name, one.dimension, one.howMany])).toEqual([
      ['long tape', 'mass', 3],
      ['metre stick', 'length', 8],
    ])
  })

  it.each([
    [[], 'cupboard'],
    [[stick, { ...stick, id: 'other' }], 'cupboard.1'],
    [[{ ...stick, greatest: 0 }], 'cupboard.0.greatest'],
    [[{ ...stick, smallestMark: 500 }], 'cupboard.0'],
    [[{ ...stick, name: ' ' }], 'cupboard.0.name'],
    [[{ ...stick, howMany: 2.5 }], 'cupboard.0.howMany'],
  ])('refuses %j', async (cupboard, path) => {
    const answer = await app.call<{ error: { fields: { path: string }[] } }>('PUT', '/api/school/cupboard', {
      cupboard,
    })
    expect(answer.status).toBe(400)
    expect(answer.body.error.fields[0]!.path).toBe(path)
  })
})

describe('the shop list', () => {
  const card = { name: 'card', unit: 'sheets', packSize: 100, price: 6.5 }
  const list = async () => (await app.call('GET', '/api/school/shop-list')).body

  it('is empty until the school has loaded one, and is replaced as a whole', async () => {
    expect(await list()).toEqual([])
    expect((await app.call('PUT', '/api/school/shop-list', { offers: [card] })).body).toEqual([card])
    const string = { name: 'string', unit: 'cm', packSize: 5000, price: 2.8 }
    await app.call('PUT', '/api/school/shop-list', { offers: [string] })
    expect(await list()).toEqual([string])
    expect((await app.call('GET', '/api/week/2026-03-09')).body).toMatchObject({ offers: [string] })
  })

  it.each([
    [{ ...card, packSize: 0 }, 'offers.0.packSize'],
    [{ ...card, price: -1 }, 'offers.0.price'],
    [{ ...card, name: '' }, 'offers.0.name'],
  ])('refuses %j and keeps what it has', async (offer, path) => {
    const before = await list()
    const { status, body } = await app.call<{ error: { fields: { path: string }[] } }>(
      'PUT',
      '/api/school/shop-list',
      { offers: [offer] },
    )
    expect([status, body.error.fields[0]!.path]).toEqual([400, path])
    expect(await list()).toEqual(before)
  })

  it('leaves as a file', async () => {
    await app.call('PUT', '/api/school/shop-list', { offers: [card] })
    const file = await fetch(`${app.url}/api/school/shop-list.csv`)
    expect(await file.text()).toBe('name,unit,pack size,price\ncard,sheets,100,6.5')
  })
})
