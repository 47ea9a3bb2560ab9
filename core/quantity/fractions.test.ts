import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fractionStep, printFraction, printPlain } from './fractions'
import { parseQuantity } from './parseQuantity'
import { printNumber, printQuantity, unitSaid } from './printQuantity'
import { printReading, printReadingIn } from './printReading'

describe('inches', () => {
  it.each([
    [5.375, 0.125, '5 3/8'],
    [0.5, 0.125, '1/2'],
    [3, 0.125, '3'],
    [0, 0.125, '0'],
    [-1.5, 0.5, '-1 1/2'],
    [-0.01, 0.5, '0'],
    [11.9375, 0.0625, '11 15/16'],
    [7.33, 1, '7'],
  ])('%d read to %d is %s', (value, mark, printed) => expect(printNumber(value, mark, 0, 'in')).toBe(printed))

  it('have means in fractions too, four times finer than a mark and no finer than a sixteenth', () => {
    expect(printNumber(5.4, 0.125, 1, 'in')).toBe('5 3/8')
    expect(printNumber(5.43, 0.125, 1, 'in')).toBe('5 7/16')
    expect(printNumber(5.4, 0.5, 1, 'in')).toBe('5 3/8')
    expect(printNumber(5.3, 1, 1, 'in')).toBe('5 1/4')
  })

  it('are written out behind a number, one of them alone', () => {
    expect([0.5, 1, 1.5, 2, 0].map((value) => printQuantity(value, 'in', 0.5))).toEqual([
      '1/2 inch',
      '1 inch',
      '1 1/2 inches',
      '2 inches',
      '0 inches',
    ])
  })

  it('with tenths on their scale have decimals, as it shows them', () => {
    expect(fractionStep(0.1, 'in', false)).toBe(null)
    expect(printQuantity(5.4, 'in', 0.1)).toBe('5.4 inches')
  })

  it('stay as they were typed, and are no longer than a ruler is when they come from another unit', () => {
    expect(printReading(5.4, 0.125, 'in')).toBe('5.4')
    expect(printReading(5.4375, 0.125, 'in')).toBe('5 7/16')
    expect(printReadingIn(147 / 2.54, 'in', 0.125)).toBe('57 7/8 inches')
  })

  it('are read again as what was printed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), fc.constantFrom(1, 2, 4, 8, 16), (count, of) => {
        const printed = printFraction(count / of, 1 / of)
        expect(parseQuantity(`${printed} in`, 'in')).toMatchObject({ ok: true, value: count / of })
      }),
    )
  })
})

describe('other units', () => {
  it('keep their decimals, also at halves and quarters', () => {
    expect(printQuantity(8.5, 'C', 0.5)).toBe('8.5 °C')
    expect(printQuantity(7.25, 'cm', 0.25)).toBe('7.25 cm')
    expect(printPlain(1.5, 'cm')).toBe('1.5')
    expect(printPlain(0.1 + 0.2, null)).toBe('0.3')
  })
})

it('no text says “in in”', () => {
  expect(unitSaid('in')).toBe('inches')
  expect(unitSaid('cm')).toBe('cm')
})
