import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { parseQuantity, type Unit } from '../quantity'
import { padBack, padKeys, padMinus, pressPad } from '.'

const field = (unit: Unit, id = 'metre-stick', whole = false) => ({
  unit,
  whole,
  instrument: instrumentCupboard.find((one) => one.id === id) ?? null,
})
const keys = (...of: Parameters<typeof field>) => padKeys(field(...of)).map(({ key }) => key)
const press = (...pressed: string[]) => pressed.reduce(pressPad, '')

describe('the number pad', () => {
  it.each([
    ['cm', ['.']],
    ['in', ['.', '½', '¼', '¾', '⅛']],
    ['s', ['.', ':']],
    ['C', ['.', padMinus]],
  ] as const)('has for %s the keys %j besides its digits', (unit, expected) => {
    expect(keys(unit)).toEqual(expected)
  })

  it('has no point where wholes are counted', () => {
    expect(keys('count', 'tally', true)).toEqual([])
  })

  it('writes what is read as the same number', () => {
    expect(parseQuantity(press('3', '½'), 'in', 0.125)).toMatchObject({ ok: true, value: 3.5 })
    expect(parseQuantity(press('1', '2', '.', '5'), 'cm', 1)).toMatchObject({ ok: true, value: 12.5 })
    expect(parseQuantity(press('4', padMinus), 'C', 1)).toMatchObject({ ok: true, value: -4 })
    expect(parseQuantity(press('2', ':', '0', '5'), 's', 1)).toMatchObject({ ok: true, value: 125 })
  })

  it('takes a press back, and a minus by another one', () => {
    expect(press('1', '½', padBack, padBack, padBack)).toBe('')
    expect(press('4', padMinus, padMinus)).toBe('4')
  })

  it('never grows over what a reading may have', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('1', '.', padMinus, padBack, '½')), (pressed) => {
        expect(press(...pressed).length).toBeLessThanOrEqual(41)
      }),
    )
  })
})
