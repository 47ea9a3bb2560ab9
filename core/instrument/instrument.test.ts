import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard, readingError, scaleMarks, instrumentLook, numberedMarks, scaleFraction } from '.'

const metreStick = instrumentCupboard.find((one) => one.id === 'metre-stick')!
const stopwatch = instrumentCupboard.find((one) => one.id === 'stopwatch')!

describe('readingError', () => {
  it('is mark/√12 for a scale', () => {
    expect(readingError(metreStick)).toBeCloseTo(0.288675, 6)
  })

  it('adds start and stop of the hand for a stopwatch: √(0.1²/12 + 2 x 0.15²) s', () => {
    expect(readingError(stopwatch)).toBeCloseTo(0.214087, 5)
  })

  it('is in the unit of the instrument', () => {
    expect(readingError({ ...stopwatch, unit: 'min', smallestMark: 1 })).toBeCloseTo(
      Math.hypot(1 / Math.sqrt(12), (0.15 * Math.SQRT2) / 60),
      9,
    )
  })
})

describe('scaleMarks', () => {
  it('draws every mark where there is room', () => {
    const marks = scaleMarks(metreStick, 101)
    expect(marks).toHaveLength(101)
    expect(marks.filter((mark) => mark.numbered).map((mark) => mark.value)).toEqual([
      0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100,
    ])
  })

  it('leaves out unnumbered marks first', () => {
    expect(scaleMarks(metreStick, 20).map((mark) => mark.value)).toEqual([
      0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100,
    ])
  })

  it('stays within its room, in order, from 0 to 1, for every instrument of the cupboard', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...instrumentCupboard),
        fc.integer({ min: 2, max: 400 }),
        (instrument, most) => {
          const marks = scaleMarks(instrument, most)
          expect(marks.length).toBeLessThanOrEqual(Math.max(2, most) + 1)
          marks.forEach(({ value, fraction }, index) => {
            expect(fraction).toBeGreaterThanOrEqual(0)
            expect(fraction).toBeLessThanOrEqual(1 + 1e-9)
            if (index > 0) expect(value).toBeGreaterThan(marks[index - 1]!.value)
          })
        },
      ),
    )
  })
})

describe('instrumentLook', () => {
  it('is what the thing is, by what it reads', () => {
    const look = (id: string) => instrumentLook(instrumentCupboard.find((one) => one.id === id)!)
    expect(
      [
        'ruler',
        'tape',
        'thermometer',
        'force-meter',
        'measuring-cylinder',
        'balance',
        'stopwatch',
        'tally',
      ].map(look),
    ).toEqual(['rule', 'rule', 'thermometer', 'spring', 'cylinder', 'dial', 'watch', 'tally'])
  })
})

describe('scaleFraction', () => {
  it('runs from end to end of the scale and is nothing beyond', () => {
    expect([0, 25, 100, 101, -1, null].map((value) => scaleFraction(metreStick, value))).toEqual([
      0,
      0.25,
      1,
      null,
      null,
      null,
    ])
    expect(scaleFraction({ least: -10, greatest: 110 }, 50)).toBe(0.5)
  })
})

describe('numberedMarks', () => {
  const thermometer = { ...instrumentCupboard.find((one) => one.id === 'thermometer')!, numberedEvery: 20 }
  const balance = {
    ...instrumentCupboard.find((one) => one.id === 'balance')!,
    smallestMark: 2,
    greatest: 500,
  }

  it('are those of the school’s own scale: a thermometer numbered every 20', () => {
    const marks = scaleMarks(thermometer, 200)
    expect(marks).toHaveLength(121)
    expect(numberedMarks(marks, 20).map((mark) => mark.value)).toEqual([0, 20, 40, 60, 80, 100])
  })

  it('leave out every second where there is no room, never a mark in between', () => {
    const marks = scaleMarks(balance, 300)
    expect(marks[1]!.value).toBe(2)
    expect(numberedMarks(marks, 6).map((mark) => mark.value)).toEqual([0, 100, 200, 300, 400, 500])
    expect(numberedMarks(marks, 3).map((mark) => mark.value)).toEqual([0, 200, 400])
    expect(numberedMarks(marks, 0)).toHaveLength(1)
  })
})
