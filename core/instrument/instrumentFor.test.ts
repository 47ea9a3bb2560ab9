import { describe, expect, it } from 'vitest'
import { fromCupboard, instrumentCupboard, usualCupboard } from './instrument'
import { instrumentFor, readsIn } from './instrumentFor'
import { scaleMarks } from './scaleMarks'

const named = (name: string) => fromCupboard(usualCupboard('customary').find((one) => one.name === name)!)
const metreStick = named('metre stick')

describe('an instrument for a unit', () => {
  it.each([
    ['metre stick', 'in', 'yardstick'],
    ['ruler', 'in', 'inch ruler'],
    ['tape measure', 'in', 'tape measure in inches'],
    ['thermometer', 'F', 'thermometer in °F'],
    ['balance', 'in', 'inch ruler'],
  ] as const)('in place of a %s read in %s is a %s', (inUse, unit, found) =>
    expect(instrumentFor(unit, named(inUse), instrumentCupboard)?.name).toBe(found),
  )

  it('comes from the cupboard where there is one', () => {
    const own = { ...usualCupboard('customary')[0]!, name: 'folding rule' }
    expect(instrumentFor('in', metreStick, [...instrumentCupboard, own])?.name).toBe('folding rule')
    expect(instrumentFor('cm', named('yardstick'), instrumentCupboard)?.name).toBe('metre stick')
  })

  it('is not wanted where the one in use reads in it', () => {
    expect(readsIn(metreStick, 'mm')).toBe(true)
    expect(readsIn(metreStick, 'in')).toBe(false)
    expect(readsIn(metreStick, 'g')).toBe(false)
    expect(readsIn(named('inch ruler'), 'ft')).toBe(true)
  })
})

describe('marks', () => {
  it('of an inch are longest at the whole, then at halves, quarters and eighths', () => {
    const marks = scaleMarks(named('inch ruler'), 200).slice(0, 9)
    expect(marks.map(({ height }) => height)).toEqual([1, 0.45, 0.6, 0.45, 0.75, 0.45, 0.6, 0.45, 1])
  })

  it('of ten stand out at the middle one', () => {
    const marks = scaleMarks(named('ruler'), 400).slice(0, 11)
    expect(marks.map(({ height }) => height)).toEqual([
      1,
      ...Array(4).fill(0.45),
      0.75,
      ...Array(4).fill(0.45),
      1,
    ])
  })
})
