import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  convertUnit,
  decimalsOfMark,
  isOnMark,
  printNumber,
  printQuantity,
  printReading,
  roundToMark,
  unitDefinition,
  unitFromText,
  units,
  countedThing,
} from '.'

describe('convertUnit', () => {
  it('converts without floating-point dust', () => {
    expect(convertUnit(1.2, 'm', 'cm')).toBe(120)
    expect(convertUnit(50, 'F', 'C')).toBe(10)
    expect(convertUnit(1, 'L', 'mL')).toBe(1000)
  })

  it('refuses units of another kind', () => {
    expect(() => convertUnit(1, 'g', 'cm')).toThrow(RangeError)
  })

  it('comes back to where it started, for every pair of units of one kind', () => {
    const pairs = units.flatMap((a) =>
      units
        .filter((b) => unitDefinition(a).dimension === unitDefinition(b).dimension)
        .map((b) => [a, b] as const),
    )
    fc.assert(
      fc.property(
        fc.constantFrom(...pairs),
        fc.double({ min: -1000, max: 1000, noNaN: true }),
        ([a, b], value) => {
          expect(convertUnit(convertUnit(value, a, b), b, a)).toBeCloseTo(value, 6)
        },
      ),
    )
  })
})

describe('unitFromText', () => {
  it('knows every unit by its own symbol and by what may be typed', () => {
    for (const unit of units) {
      const { symbol } = unitDefinition(unit)
      expect(unitFromText(symbol)).toBe(symbol === '' ? null : unit)
      for (const typed of unitDefinition(unit).typed) expect(unitFromText(typed)).toBe(unit)
    }
    expect(unitFromText('furlong')).toBeNull()
  })
})

describe('roundToMark', () => {
  it.each([
    [12.26, 0.5, 12.5],
    [12.24, 0.5, 12],
    [2.5, 1, 3],
    [-2.5, 1, -3],
    [0.3, 0.1, 0.3],
    [7, 2, 8],
  ])('rounds %d to marks of %d: %d', (value, mark, expected) => {
    expect(roundToMark(value, mark)).toBe(expected)
  })

  it('refuses marks that are none', () => {
    for (const mark of [0, -1, NaN, Infinity]) expect(() => roundToMark(1, mark)).toThrow(RangeError)
  })

  it('lands on a mark, within half a mark of the value', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        fc.constantFrom(0.1, 0.2, 0.5, 1, 2, 5, 10),
        (value, mark) => {
          const rounded = roundToMark(value, mark)
          expect(isOnMark(rounded, mark)).toBe(true)
          expect(Math.abs(rounded - value)).toBeLessThanOrEqual(mark / 2 + 1e-6)
        },
      ),
    )
  })
})

describe('printing', () => {
  it('shows as many decimals as the marks allow', () => {
    expect([1, 0.5, 0.1, 0.25, 10].map(decimalsOfMark)).toEqual([0, 1, 1, 2, 0])
    expect(printNumber(62.333, 1)).toBe('62')
    expect(printNumber(3.04, 0.1)).toBe('3.0')
    expect(printNumber(-0.001, 0.1)).toBe('0.0')
  })

  it('allows a mean one decimal more, but no empty one', () => {
    expect(printQuantity(62.333, 'cm', 1, 1)).toBe('62.3 cm')
    expect(printQuantity(62, 'cm', 1, 1)).toBe('62 cm')
    expect(printQuantity(7.8333, 'C', 0.5, 1)).toBe('7.8 °C')
    expect([
      printReading(3.6, 1),
      printReading(0.88, 0.1),
      printReading(24, 1),
      printReading(57.874015748, 1),
    ]).toEqual(['3.6', '0.88', '24', '57.9'])
    expect(printQuantity(7.25, 'cm', 0.25, 1)).toBe('7.25 cm')
    expect(printQuantity(38.25, 'C', 0.5, 1)).toBe('38.3 °C')
    expect(printQuantity(-0.2, 'C', 1)).toBe('0 °C')
  })
})

describe('countedThing', () => {
  it.each([
    [2, 'battery lamp', '2 battery lamps'],
    [1, 'paper clips', '1 paper clip'],
    [2, 'bag of sand, 1 kg', '2 bags of sand, 1 kg'],
    [4, 'box, 40 cm high', '4 boxes, 40 cm high'],
    [3, 'plate with a ring drawn on', '3 plates with a ring drawn on'],
    [1, 'shoe, flat rubber sole', '1 shoe, flat rubber sole'],
    [5, '', '5 '],
    [2, 'A4', '2 A4'],
  ])('%d %s', (count, name, words) => expect(countedThing(count, name)).toBe(words))
})
