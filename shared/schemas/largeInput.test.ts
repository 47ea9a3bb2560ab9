import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { distinct } from './distinct'
import Joi from './joi'
import { calendarSchema, classSchema, entriesSchema, planSchema, ticksSchema, validate } from '.'

/** Something that must not be looked at. */
const untouchable = () =>
  new Proxy(
    {},
    {
      ownKeys: () => {
        throw new Error('looked at')
      },
      get: () => {
        throw new Error('looked at')
      },
    },
  )

describe('a list that is too long', () => {
  it.each([
    ['entries', entriesSchema, { entries: Array.from({ length: 401 }, untouchable) }],
    ['ticks', ticksSchema, { ticks: Array.from({ length: 601 }, untouchable) }],
    ['groups', classSchema, { groups: Array.from({ length: 5000 }, untouchable) }],
    [
      'a list without a limit of its own',
      classSchema,
      { allergies: Array.from({ length: 1001 }, untouchable) },
    ],
  ])('is refused before anybody looks at its items: %s', (_name, schema, input) => {
    const checked = validate(schema, input)
    expect(checked.ok).toBe(false)
    expect(!checked.ok && checked.fields.map(({ path }) => path)).toContain(Object.keys(input)[0])
  })
})

it('an object with thousands of names is one problem', () => {
  const names = Object.fromEntries(Array.from({ length: 20_000 }, (_, index) => [`n${index}`, 1]))
  expect(validate(planSchema, names)).toMatchObject({ ok: false, fields: [{ path: '' }] })
})

it('at most twenty problems are told', () => {
  const checked = validate(entriesSchema, { entries: Array.from({ length: 400 }, () => ({})) })
  expect(!checked.ok && checked.fields).toHaveLength(20)
})

describe('equal items', () => {
  const numbers = fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 30 })
  const list = Joi.array().items(Joi.number()).custom(distinct())

  it('are found wherever they stand, and told at the second of them', () => {
    fc.assert(
      fc.property(numbers, (all) => {
        const second = all.findIndex((one, index) => all.indexOf(one) < index)
        const checked = validate(list, all)
        expect(checked.ok ? -1 : Number(checked.fields[0]!.path)).toBe(second)
      }),
    )
  })

  it('are looked for once for each item, however many there are', () => {
    const keyOf = vi.fn((item: unknown) => item)
    const all = Array.from({ length: 900 }, (_, index) => index)
    expect(validate(Joi.array().items(Joi.number()).custom(distinct(keyOf)), all).ok).toBe(true)
    expect(keyOf).toHaveBeenCalledTimes(900)
  })

  it('in a calendar of many lines are no matter, as long as each is one', () => {
    const closed = Array.from({ length: 400 }, () => ({
      name: 'Holiday',
      from: '2026-03-09',
      to: '2026-03-10',
    }))
    expect(validate(calendarSchema, { weekend: [0, 6], weekendHelp: false, closed }).ok).toBe(true)
  })
})
