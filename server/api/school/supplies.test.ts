import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ClosedDaysRead, SuppliesPreview } from '#core/format'
import type { Supply } from '#core/kit'
import { newId } from '#core/plan'
import type { SchoolDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const card: Supply = {
  id: newId(),
  name: 'card, A4',
  unit: 'sheets',
  amount: 40,
  shelf: 'shelf 1',
  packSize: 100,
  price: 6.5,
  instead: ['paper, A4'],
  care: '',
}
const put = (one: object, id = card.id) => app.call('PUT', `/api/school/supplies/${id}`, one)
const list = async () => (await app.call<Supply[]>('GET', '/api/school/supplies')).body

describe('the store cupboard', () => {
  it('keeps a line, changes it and takes it out', async () => {
    expect((await put(card)).status).toBe(200)
    expect((await put({ ...card, amount: 39 })).status).toBe(200)
    expect(await list()).toEqual([{ ...card, amount: 39 }])
    expect((await app.call('DELETE', `/api/school/supplies/${card.id}`)).status).toBe(200)
    expect((await app.call('DELETE', `/api/school/supplies/${card.id}`)).status).toBe(404)
  })

  it('has each thing once, whatever the words’ order and number', async () => {
    await put(card)
    const twin = { ...card, id: newId(), name: 'A4 cards' }
    expect((await put(twin, twin.id)).status).toBe(409)
  })

  it.each([
    [{ ...card, amount: -1 }, 'amount'],
    [{ ...card, amount: 1e9 }, 'amount'],
    [{ ...card, name: '  ' }, 'name'],
    [{ ...card, packSize: 0 }, 'packSize'],
    [{ ...card, price: 'much' }, 'price'],
    [{ ...card, care: 'a\0b' }, 'care'],
  ])('refuses a wrong line at its field (%#)', async (one, path) => {
    const answer = await app.call<{ error: { fields: { path: string }[] } }>(
      'PUT',
      `/api/school/supplies/${card.id}`,
      one,
    )
    expect(answer.status).toBe(400)
    expect(answer.body.error.fields[0]!.path).toBe(path)
  })

  it('takes a file in as a whole or not at all', async () => {
    const preview = await app.call<SuppliesPreview>('POST', '/api/school/supplies/preview', {
      csv: 'name;unit;amount;price\nstring;cm;2500,5;2,80\ntray;;x;',
    })
    expect(preview.body.rows.map((row) => row.problem)).toEqual([
      null,
      expect.stringContaining('isn’t a number'),
    ])
    const bad = await app.call('POST', '/api/school/supplies', { csv: 'name;amount\nstring;1\ntray;x' })
    expect(bad.status).toBe(400)
    expect((await list()).map((one) => one.name)).not.toContain('string')
    const good = await app.call('POST', '/api/school/supplies', {
      csv: 'name;unit;amount;price\nstring;cm;2500,5;2,80',
    })
    expect(good.status).toBe(200)
    expect((await list()).find((one) => one.name === 'string')).toMatchObject({ amount: 2500.5, price: 2.8 })
  })

  it('goes out as CSV that no spreadsheet runs, and comes in again the same', async () => {
    const evil = { ...card, id: newId(), name: '=cmd()', shelf: '@shelf', instead: [] }
    await put(evil, evil.id)
    const csv = await (await fetch(`${app.url}/api/school/supplies.csv`)).text()
    expect(csv).toContain("'=cmd()")
    const before = await list()
    await app.call('POST', '/api/school/supplies', { csv })
    expect(await list()).toEqual(before)
  })
})

describe('the school calendar', () => {
  const calendar = {
    weekend: [0, 6],
    weekendHelp: true,
    closed: [{ from: '2026-04-06', to: '2026-04-17', name: 'spring holiday' }],
  }

  it('is kept, beside the ways of the school', async () => {
    expect((await app.call<SchoolDto>('PUT', '/api/school/calendar', calendar)).body.calendar).toEqual(
      calendar,
    )
    expect((await app.call<SchoolDto>('GET', '/api/school')).body.calendar).toEqual(calendar)
  })

  it.each([
    [{ ...calendar, weekend: [0, 1, 2, 3, 4, 5, 6] }],
    [{ ...calendar, weekend: [9] }],
    [{ ...calendar, closed: [{ from: '2026-04-17', to: '2026-04-06', name: '' }] }],
    [{ ...calendar, closed: [{ from: '2026-02-30', to: '2026-04-06', name: '' }] }],
  ])('refuses what it cannot be (%#)', async (wrong) => {
    expect((await app.call('PUT', '/api/school/calendar', wrong)).status).toBe(400)
  })

  it('reads a file before anything is changed', async () => {
    const read = await app.call<ClosedDaysRead>('POST', '/api/school/calendar-preview', {
      text: 'from,to,name\n2026-05-01,,May holiday',
    })
    expect(read.body.closed).toEqual([{ from: '2026-05-01', to: '2026-05-01', name: 'May holiday' }])
  })
})
