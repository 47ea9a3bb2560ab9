import { expect, it } from 'vitest'
import { typedNumbers } from '../testing/typedNumbers'
import { parseQuantity } from './parseQuantity'

const read = typedNumbers.map((one) => ({ ...one, parsed: parseQuantity(one.text, one.unit) }))
const said = ({ text, unit, parsed }: (typeof read)[number]) =>
  `${text} (${unit}) is ${parsed.ok ? parsed.value : 'asked'}`

it('reads none of four hundred typed numbers as something else', () => {
  expect(read.length).toBeGreaterThanOrEqual(400)
  expect(read.filter(({ value, parsed }) => parsed.ok && parsed.value !== value).map(said)).toEqual([])
})

it('asks about hardly any ordinary one', () => {
  const ordinary = read.filter(({ value }) => value !== null)
  const asked = ordinary.filter(({ parsed }) => !parsed.ok)
  expect(asked.length / ordinary.length, asked.map(said).join('; ')).toBeLessThan(0.05)
})
