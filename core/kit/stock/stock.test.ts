import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../../instrument'
import { examplePlan, kindsPlan, material } from '../../testing/examplePlan'
import type { Need } from '../needs'
import { availability, combinedNeeds, type Reservation } from './reservations'
import { shoppingList, totalCost } from './shopping'
import { substituteNames, substituteCircle, substitutesFor, withSubstitute } from './substitutes'
import { supplyFor, takenFor, withInstruments, type Supply } from './supply'
import { supplyKey } from '../sameThing'

const supply = (name: string, amount: number, changes: Partial<Supply> = {}): Supply => ({
  id: name,
  name,
  unit: '',
  amount,
  shelf: '',
  packSize: null,
  price: null,
  instead: [],
  care: '',
  ...changes,
})
const need = (name: string, amount: number, changes: Partial<Need> = {}): Need => ({
  key: supplyKey(name),
  name,
  unit: '',
  amount,
  use: 'reused',
  materialIds: [name],
  ...changes,
})
const lesson = (
  lessonId: string,
  from: string,
  needs: Need[],
  changes: Partial<Reservation> = {},
): Reservation => ({
  lessonId,
  title: lessonId,
  from,
  to: from,
  madeAt: `2026-01-0${lessonId.length}`,
  needs,
  ...changes,
})

describe('availability', () => {
  it('lets the lesson that was made first keep what both want on a day', () => {
    const [a, bb] = [
      lesson('a', '2026-03-09', [need('balance', 3)]),
      lesson('bb', '2026-03-09', [need('balance', 2)]),
    ]
    const stock = [supply('balance', 4)]
    expect(availability(a, [bb], stock)[0]).toMatchObject({ available: 4, short: 0, held: [] })
    expect(availability(bb, [a], stock)[0]).toMatchObject({
      available: 1,
      short: 1,
      held: [{ title: 'a', amount: 3 }],
    })
  })

  it('holds reused things only on shared days, and used-up things also before', () => {
    const earlier = lesson('a', '2026-03-02', [need('cup', 5), need('straw', 5, { use: 'used-up' })])
    const own = lesson('bb', '2026-03-09', [need('cup', 5), need('straw', 5, { use: 'used-up' })])
    const [cup, straw] = availability(own, [earlier], [supply('cups', 5), supply('straws', 8)])
    expect(cup).toMatchObject({ short: 0 })
    expect(straw).toMatchObject({ available: 3, short: 2 })
  })

  it('holds what a lesson of many days has in use', () => {
    const long = lesson('a', '2026-03-02', [need('pot', 6)], { to: '2026-03-13' })
    expect(
      availability(lesson('bb', '2026-03-09', [need('pot', 6)]), [long], [supply('pot', 8)])[0],
    ).toMatchObject({ available: 2, short: 4 })
  })

  it('counts in the unit of the need, and takes nothing listed for none', () => {
    const own = lesson('a', '2026-03-09', [need('salt', 950, { unit: 'g' }), need('glorb', 1)])
    const [salt, glorb] = availability(own, [], [supply('salt', 1.5, { unit: 'kg' })])
    expect(salt).toMatchObject({ inStock: 1500, short: 0 })
    expect(glorb).toMatchObject({ supply: null, short: 1 })
  })

  it('never promises more than there is, however lessons share a day', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            day: fc.integer({ min: 1, max: 4 }),
            days: fc.integer({ min: 0, max: 3 }),
            amount: fc.integer({ min: 1, max: 9 }),
          }),
          { minLength: 1, maxLength: 7 },
        ),
        fc.integer({ min: 0, max: 20 }),
        (wanted, stock) => {
          const all = wanted.map(({ day, days, amount }, index) =>
            lesson(`l${index}`, `2026-03-0${day}`, [need('cup', amount)], {
              to: `2026-03-0${day + days}`,
              madeAt: `2026-01-0${index + 1}`,
            }),
          )
          const granted = all.map((one) => {
            const [cup] = availability(one, all, [supply('cup', stock)])
            return { one, full: cup!.short === 0 }
          })
          for (let day = 1; day <= 7; day++) {
            const at = `2026-03-0${day}`
            const out = granted.filter(({ one, full }) => full && one.from <= at && at <= one.to)
            expect(out.reduce((sum, { one }) => sum + one.needs[0]!.amount, 0)).toBeLessThanOrEqual(stock)
          }
        },
      ),
    )
  })
})

describe('combinedNeeds', () => {
  it('adds up what is used up, and what is reused only where days are shared', () => {
    const all = combinedNeeds([
      lesson('a', '2026-03-09', [need('balance', 3), need('straw', 10, { use: 'used-up' })]),
      lesson('b', '2026-03-09', [need('balance', 2)]),
      lesson('c', '2026-03-10', [need('balance', 4), need('straw', 5, { use: 'used-up' })]),
    ])
    expect(all.find((one) => one.name === 'balance')!.amount).toBe(5)
    expect(all.find((one) => one.name === 'straw')!.amount).toBe(15)
  })
})

describe('shoppingList', () => {
  it('buys two bottles of a litre for 1.5 L of oil, whatever the cupboard calls a bottle', () => {
    const wanted = [need('vegetable oil', 1500, { unit: 'mL', use: 'used-up' })]
    for (const unit of ['bottles of 1 L', '1 L bottles', 'bottle (1000 mL)'])
      for (const amount of [0, 1]) {
        const stock = [supply('vegetable oil', amount, { unit, price: 3 })]
        const all = availability(lesson('a', '2026-03-09', wanted), [], stock)
        expect(all[0]).toMatchObject({ inStock: 1000 * amount, short: 1500 - 1000 * amount })
        expect(shoppingList(all, [])).toMatchObject([
          { packs: 2 - amount, packSize: 1000, cost: 3 * (2 - amount), unit: 'mL' },
        ])
      }
  })

  it('takes one and a half of such bottles', () => {
    const stock = [supply('vegetable oil', 3, { unit: 'bottles of 1 L' }), supply('sand', 2, { unit: 'kg' })]
    const wanted = (name: string, unit: string) => need(name, 1500, { unit, use: 'used-up' })
    expect(takenFor(wanted('vegetable oil', 'mL'), stock)).toEqual({ supplyId: 'vegetable oil', amount: 1.5 })
    expect(takenFor(wanted('sand', 'g'), stock)).toEqual({ supplyId: 'sand', amount: 1.5 })
    expect(takenFor(wanted('salt', 'g'), stock)).toBeNull()
  })

  it('buys what is measured and in no known pack as one', () => {
    const wanted = [need('vegetable oil', 1500, { unit: 'mL', use: 'used-up' })]
    const all = availability(lesson('a', '2026-03-09', wanted), [], [])
    expect(shoppingList(all, [])).toMatchObject([{ packs: 1, packSize: 1500, left: 0 }])
  })

  const short = (one: Need, amount: number, own: Supply | null = null) => ({
    need: one,
    supply: own,
    inStock: 0,
    held: [],
    available: 0,
    short: amount,
  })

  it('buys 172 strips in four packs of 50, with the cost and what is left', () => {
    const [line] = shoppingList(
      [short(need('paper strips', 172), 172)],
      [{ name: 'paper strip', unit: '', packSize: 50, price: 2.4 }],
    )
    expect(line).toMatchObject({ packs: 4, cost: 9.6, left: 28 })
  })

  it('goes by the cupboard’s own pack before the shop’s, and knows when it knows no price', () => {
    const own = supply('salt', 0, { unit: 'kg', packSize: 1, price: 0.8 })
    const offers = [{ name: 'salt', unit: 'g', packSize: 750, price: 0.7 }]
    const lines = shoppingList(
      [short(need('salt', 1200, { unit: 'g' }), 1200, own), short(need('glorb', 2), 2)],
      offers,
    )
    expect(lines).toMatchObject([
      { packs: 2, unit: 'kg', cost: 1.6 },
      { packs: 2, packSize: 1, cost: null },
    ])
    expect(totalCost(lines)).toEqual({ known: 1.6, unknown: 1 })
  })

  it('does not buy what is there, nor water', () => {
    expect(
      shoppingList([short(need('cup', 4), 0), short(need('water', 900, { unit: 'mL' }), 900)], []),
    ).toEqual([])
  })
})

describe('substitutes', () => {
  const shortOf = (name: string, amount: number, changes: Partial<Need> = {}) =>
    availability(lesson('a', '2026-03-09', [need(name, amount, changes)]), [], [])[0]!
  const plan = examplePlan({ keptSame: [{ id: 'lamp', name: 'lamp', how: 'the same one', was: null }] })

  it('offers what the school has named, then what the catalogue knows, as far as there is enough', () => {
    const supplies = [
      supply('desk lamp', 0, { instead: ['night light'] }),
      supply('night light', 6),
      supply('torch', 6),
    ]
    const found = substitutesFor(shortOf('desk lamp', 6), plan, supplies, instrumentCupboard, new Map())
    expect(found.map((one) => [one.name, one.refused])).toEqual([
      ['night light', null],
      ['torch', null],
    ])
    expect(found[0]!.mind).toContain('“lamp” is kept the same')
  })

  it('refuses one that is not enough for everyone, or is held by another lesson', () => {
    expect(substitutesFor(shortOf('lamp', 6), plan, [supply('torch', 3)], [], new Map())[0]!.refused).toMatch(
      /second change/,
    )
    expect(
      substitutesFor(shortOf('lamp', 6), plan, [supply('torch', 8)], [], new Map([['torch', 4]]))[0]!.refused,
    ).toMatch(/second change/)
    expect(substitutesFor(shortOf('lamp', 6), plan, [supply('torch', 0)], [], new Map())).toEqual([])
  })

  it('refuses one that would change what the test asks about, with the reason', () => {
    const kinds = kindsPlan(['newspaper', 'foil'])
    const [found] = substitutesFor(
      shortOf('newspaper', 6, { materialIds: ['kit-level-newspaper'] }),
      kinds,
      [supply('paper', 40)],
      [],
      new Map(),
    )
    expect(found!.refused).toMatch(/what we change.*another level than “newspaper”/)
  })

  it('offers another instrument that reads the same, and says when its marks are coarser or it ends too soon', () => {
    const expecting = { ...plan, expected: { first: 10, last: 90, apart: 2 } }
    const found = substitutesFor(
      shortOf('metre stick', 6, { materialIds: ['kit-instrument-metre-stick'] }),
      expecting,
      [],
      instrumentCupboard,
      new Map(),
    )
    expect(found.find((one) => one.name === 'tape measure')).toMatchObject({ refused: null })
    expect(found.find((one) => one.name === 'ruler')!.refused).toMatch(/ends at 300 mm/)
  })

  it('offers nothing that is counted for what is poured, and counts what other lessons hold of instruments', () => {
    expect(
      substitutesFor(shortOf('oil', 100, { unit: 'mL' }), plan, [supply('olive oil', 900)], [], new Map()),
    ).toEqual([])
    const held = new Map([[supplyKey('tape measure'), 99]])
    const short = shortOf('metre stick', 6, { materialIds: ['kit-instrument-metre-stick'] })
    const tape = substitutesFor(short, plan, [], instrumentCupboard, held).find(
      (one) => one.name === 'tape measure',
    )
    expect(tape!.refused).toContain('only 0')
  })

  it('puts another thing into the line, or into what it is cut or mixed from', () => {
    expect(withSubstitute(material({ name: 'lamp' }), 'lamp', 'torch').name).toBe('torch')
    const pieces = {
      kind: 'pieces',
      width: 10,
      height: 10,
      from: 'card, A4',
      sheetWidth: 21,
      sheetHeight: 29.7,
    } as const
    const cut = withSubstitute(
      material({ name: 'card, 10 x 10 cm', made: pieces }),
      supplyKey('card, A4'),
      'sugar paper, A4',
    )
    expect(cut).toMatchObject({ name: 'card, 10 x 10 cm', made: { from: 'sugar paper, A4', width: 10 } })
    const mixed = { kind: 'solution', of: 'salt', unit: 'g', amount: 1, inMillilitres: 10 } as const
    expect(withSubstitute(material({ made: mixed }), 'salt', 'sugar').made).toMatchObject({ of: 'sugar' })
    expect(withSubstitute(material({ name: 'mix', made: mixed }), 'water', 'milk').name).toBe('mix')
  })

  it('follows a chain, once round at most, and names a circle', () => {
    const circle = [
      supply('a thing', 1, { instead: ['b thing'] }),
      supply('b thing', 1, { instead: ['c thing'] }),
      supply('c thing', 1, { instead: ['a thing'] }),
    ]
    expect(substituteNames('a thing', circle)).toEqual(['b thing', 'c thing'])
    expect(substituteCircle(circle)).toEqual(['a thing', 'b thing', 'c thing', 'a thing'])
    expect(substituteCircle(circle.slice(0, 2))).toBeNull()
  })
})

describe('supplies', () => {
  it('meet a need of the same name and a unit that can be measured in it', () => {
    expect(supplyFor(need('Paper cup', 1), [supply('paper cups', 3)])?.amount).toBe(3)
    expect(supplyFor(need('salt', 5, { unit: 'g' }), [supply('salt', 3)])).toBeUndefined()
    expect(supplyFor(need('card', 5, { unit: 'sheets' }), [supply('card', 3)])?.amount).toBe(3)
  })

  it('have the instruments beside them, unless the cupboard lists them itself', () => {
    const all = withInstruments([supply('balance', 9)], instrumentCupboard)
    expect(all.filter((one) => one.name === 'balance').map((one) => one.amount)).toEqual([9])
    expect(all.find((one) => one.name === 'thermometer')?.amount).toBe(4)
    expect(material({ name: 'thing' }).made).toBeNull()
  })
})
