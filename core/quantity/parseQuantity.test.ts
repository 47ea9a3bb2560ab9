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
    ['1,234.25', 'g', 1234.25],
    ['50 °F', 'C', 10],
    ['1.5 kg', 'g', 1500],
    ['0.25 L', 'mL', 250],
    ['1m 20', 'cm', 120],
    ['1m20', 'cm', 120],
    ['1 m 20 cm', 'cm', 120],
    ['12 cm 5 mm', 'cm', 12.5],
    ['2 min 5 s', 's', 125],
    ['2m5s', 's', 125],
    ['1:30 min', 's', 90],
    ['1 h 5 min', 'min', 65],
    ['1:02:03', 's', 3723],
    ['1 kg 200 g', 'g', 1200],
    ['5 ft 2', 'in', 62],
    ['5 ft 2 1/2 in', 'in', 62.5],
    ['12cm.', 'cm', 12],
    ['12 .', 'cm', 12],
    ['12 centimetres', 'cm', 12],
    ['12 grammes', 'g', 12],
    ['12 degrees', 'F', 12],
    ['12°', 'C', 12],
    ['20 degrees Celsius', 'C', 20],
    ['12℃', 'C', 12],
    ['12 clips', 'count', 12],
    ['12 paper clips', 'count', 12],
    ['minus 5', 'C', -5],
    ['“12”', 'cm', 12],
    ['１２', 'cm', 12],
    ['2 dl', 'mL', 200],
    ['3 cl', 'mL', 30],
    ['15 cm³', 'mL', 15],
    ['0,125', 'cm', 0.125],
    ['-0', 'C', 0],
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
    ['12/13', 'cm', 'not-a-number'],
    ['12 34/5', 'cm', 'not-a-number'],
    ['5 ft 30 in', 'cm', 'not-a-number'],
    ['1 m 120 cm', 'cm', 'not-a-number'],
    ['1.5 m 20 cm', 'cm', 'not-a-number'],
    ['12 or 13', 'cm', 'not-a-number'],
    ['12-13', 'cm', 'not-a-number'],
    ['3-4', 'cm', 'not-a-number'],
    ['3 – 4 cm', 'cm', 'not-a-number'],
    ['about 12', 'cm', 'not-a-number'],
    ['999999999999999999999', 'cm', 'too-large'],
    ['12 g', 'count', 'wrong-kind-of-unit'],
  ])('refuses %j in %s: %s', (text, unit, problem) => {
    expect(value(text, unit)).toBe(problem)
  })

  it.each<[string, Unit, number | undefined, [string, string]]>([
    ['1,200', 'g', undefined, ['1.2 g', '1200 g']],
    ['10,000', 'cm', undefined, ['10 cm', '10000 cm']],
    ['1,234,567', 'g', undefined, ['1234.567 g', '1234567 g']],
    ['1.000', 'count', undefined, ['1', '1000']],
    ['1.000', 'g', undefined, ['1 g', '1000 g']],
    ['-1,200', 'g', undefined, ['−1.2 g', '−1200 g']],
    ['1,050 m', 'cm', undefined, ['1.05 m', '1050 m']],
    ['12:34', 's', 0.01, ['12.34 s', '12 min 34 s']],
  ])('asks what %j in %s is, with both answers', (text, unit, mark, words) => {
    const parsed = parseQuantity(text, unit, mark)
    expect(parsed).toMatchObject({ ok: false, problem: 'two-ways' })
    expect(!parsed.ok && parsed.readings.map((one) => one.words)).toEqual(words)
    for (const word of words) expect(!parsed.ok && parsed.message).toContain(word)
  })

  it.each<[Unit, string]>([
    ['cm', 'Type a number in centimetres.'],
    ['count', 'Type a number of things.'],
  ])('says of nothing in %s what to type', (unit, message) => {
    expect(parseQuantity('', unit)).toMatchObject({ message })
  })

  it('reads minutes and seconds without a question where no hundredths are read', () => {
    expect(value('12:34', 's')).toBe(754)
    expect(parseQuantity('12:34', 's', 0.1)).toMatchObject({ value: 754 })
    expect(parseQuantity('1:75', 's', 0.01)).toMatchObject({ value: 1.75 })
  })

  it('says in its message what to type, and never repeats a long text whole', () => {
    const parsed = parseQuantity('x'.repeat(5000), 'cm')
    expect(parsed).toMatchObject({ ok: false })
    expect(!parsed.ok && parsed.message.length).toBeLessThan(120)
  })

  it('reads back every decimal it could have printed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1_000_000, max: 1_000_000 }).map((hundredths) => hundredths * 10),
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
