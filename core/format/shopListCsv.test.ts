import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readShopList, shopListCsv } from '.'

const problemOf = (csv: string) => {
  const read = readShopList(csv)
  return read.ok ? '' : read.problem
}

describe('a shop list', () => {
  it('is read whatever its columns are called and however its numbers are written', () => {
    expect(readShopList('Price;Item;Pack\n0,90;paper clips;100')).toEqual({
      ok: true,
      offers: [{ name: 'paper clips', unit: '', packSize: 100, price: 0.9 }],
    })
  })

  it.each([
    ['', 'The file is empty.'],
    ['name,price\ncard,6.5', 'The first line must name the columns; “pack size” is missing.'],
    ['name,pack size,price\ncard,0,6.5', 'Line 2: How much is in a pack?'],
    ['name,pack size,price\ncard,100,', 'Line 2: What does a pack cost?'],
    ['name,pack size,price\ncard,100,dear', 'Line 2: “dear” isn’t a number.'],
    [
      'name,pack size,price\n,100,6.5',
      'Line 2: This line has no name. Type what is sold, or delete the line.',
    ],
    ['name,pack size,price\ncard,100,6.5\ncard,50,4', 'Line 3: “card” is on line 2 already.'],
  ])('says what is wrong with %j', (csv, problem) => {
    expect(problemOf(csv)).toContain(problem)
  })

  it('comes back from its own file, and is safe in a spreadsheet', () => {
    const offers = [{ name: '=card', unit: 'sheets', packSize: 100, price: 6.5 }]
    expect(shopListCsv(offers)).not.toMatch(/^=/m)
    expect(readShopList(shopListCsv(offers))).toEqual({ ok: true, offers })
    const offer = fc.record({
      name: fc.constantFrom('card', 'string', 'sugar', 'cups'),
      unit: fc.constantFrom('', 'sheets', 'g'),
      packSize: fc.integer({ min: 1, max: 5000 }),
      price: fc.integer({ min: 0, max: 9999 }).map((cents) => cents / 100),
    })
    fc.assert(
      fc.property(fc.uniqueArray(offer, { selector: ({ name }) => name, minLength: 1 }), (list) => {
        expect(readShopList(shopListCsv(list))).toEqual({ ok: true, offers: list })
      }),
    )
  })
})
