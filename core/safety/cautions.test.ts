import { describe, expect, it } from 'vitest'
import { cautionsFor, hazardIds, hazards, safetyComesFirst } from '.'
import { ageBands } from '../class'

describe('cautionsFor', () => {
  it('keeps hot water in adult hands for the youngest', () => {
    expect(cautionsFor(['hot-water'], '5-7')[0]).toMatchObject({
      handling: 'adult only',
      heading: 'hot water, only an adult',
    })
    expect(cautionsFor(['hot-water'], '9-11')[0]!.handling).toBe('adult beside')
  })

  it('names each hazard once, in the order given', () => {
    expect(cautionsFor(['glass', 'sun', 'glass'], '7-9').map((caution) => caution.hazard)).toEqual([
      'glass',
      'sun',
    ])
  })

  it('never lets older children have less freedom than younger ones, and flames to none', () => {
    const rank = { 'adult only': 0, 'adult beside': 1, children: 2 }
    for (const id of hazardIds) {
      const ranks = ageBands.map((age) => rank[hazards[id].handling[age]])
      expect([...ranks].sort()).toEqual(ranks)
    }
    for (const age of ageBands)
      expect(
        cautionsFor(['flames', 'flammable-liquids'], age).every(
          (caution) => caution.handling === 'adult only',
        ),
      ).toBe(true)
  })

  it('reminds and does not clear', () => {
    expect(safetyComesFirst).toMatch(/risk assessment.*come first/)
  })
})
