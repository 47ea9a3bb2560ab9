import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseQuantity } from './parseQuantity'
import { units, type Unit } from './units'

const value = (text: string, unit: Unit) => {
  const parsed = parseQuantity(text, unit)
  return parsed.ok ? parsed.value : parsed.problem
}

describe('parseQuantity', () => {
  it.each<[string, Unit, number]>([
    ['12', 'cm', 12],
    ['12.5', 'cm', 12.5],
    ['12,5', 'cm', 12.5],
    [' 12.5 ', 'cm', 12.5],
    ['.5', 'cm', 0.5],
    ['-3', 'C', -3],
    ['−3 °C', 'C', -3],
    ['+3', 'C', 3],
    ['3 1/2', 'cm', 3.5],
    ['1/4', 'cm', 0.25],
    ['3½', 'cm', 3.5],
    ['½', 'm', 0.5],
    ['1.2 m', 'cm', 120],
    ['1.2m', 'cm', 120],
    ['35 mm', 'cm', 3.5],
    ['4 ft', 'cm', 121.92],
    ['5 ft 3 in', 'cm', 160.02],
    ['5\' 3"', 'cm', 160.02],
    ['3 1/2 in', 'cm', 8.89],
    ['1:05.3', 's', 65.3],
    ['1:05,3', 's', 65.3],
    ['2 min', 's', 120],
    ['0:30', 'min', 0.5],
    ['1,234.5', 'g', 1234.5],
    ['1.234,5', 'g', 1234.5],
    ['1,234,567.5', 'g', 1234567.5],
    ['50 °F', 'C', 10],
    ['1.5 kg', 'g', 1500],
    ['0.25 L', 'mL', 250],
  ])('reads %j in %s as %d', (text, unit, expected) => {
    expect(value(text, unit)).toBe(expected)
  })

  it.each<[string, Unit, string]>([
    ['', 'cm', 'empty'],
    ['   ', 'cm', 'empty'],
    ['abc', 'cm', 'not-a-number'],
    ['1/0', 'cm', 'not-a-number'],
    ['1,2,3', 'cm', 'not-a-number'],
    ['12..5', 'cm', 'not-a-number'],
    ['--5', 'cm', 'not-a-number'],
    ['12 13', 'cm', 'not-a-number'],
    ['1:75', 's', 'not-a-number'],
    ['🎈', 'cm', 'not-a-number'],
    ['12 parsecs', 'cm', 'unknown-unit'],
    ['12 g', 'cm', 'wrong-kind-of-unit'],
    ['1:05', 'cm', 'not-a-number'],
  ])('refuses %j in %s: %s', (text, unit, problem) => {
    expect(value(text, unit)).toBe(problem)
  })

  it('says in its message what to type, and never repeats a long text whole', () => {
    const parsed = parseQuantity('x'.repeat(5000), 'cm')
    expect(parsed).toMatchObject({ ok: false })
    expect(!parsed.ok && parsed.message.length).toBeLessThan(120)
  })

  it('reads back every decimal it could have printed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1_000_000, max: 1_000_000 }),
        fc.constantFrom('.', ','),
        (thousandths, mark) => {
          const text = String(thousandths / 1000).replace('.', mark)
          expect(value(text, 'cm')).toBe(thousandths / 1000)
        },
      ),
    )
  })

  it('answers any text without throwing', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.constantFrom(...units), (text, unit) => {
        const parsed = parseQuantity(text, unit)
        if (parsed.ok) expect(Number.isFinite(parsed.value)).toBe(true)
        else expect(parsed.message).not.toBe('')
      }),
    )
  })
})
