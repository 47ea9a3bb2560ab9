import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { weighLesson } from '../comparison'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { supportedStep, wobbleOf } from './supportedStep'

describe('supportedStep', () => {
  it.each([
    ['a stopwatch stopped by hand', { mark: 0.01, wobble: 0.3, readings: 18 }, 0.1],
    ['one with a wobble of seconds', { mark: 0.1, wobble: 1.5, readings: 18 }, 0.5],
    ['a thermometer with marks of half a degree', { mark: 0.5, wobble: 0.4, readings: 6 }, 0.5],
    ['a metre stick with one try', { mark: 1, wobble: 0, readings: 1 }, 1],
    ['a ruler in a test that wobbles by centimetres', { mark: 1, wobble: 30, readings: 4 }, 20],
  ])('%s', (_, of, step) => expect(supportedStep(of)).toBeCloseTo(step, 12))

  it('is never finer than a mark, nor coarser than chance moves it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        (mark, wobble, readings) => {
          const step = supportedStep({ mark, wobble, readings })
          expect(step).toBeGreaterThanOrEqual(mark)
          expect(step).toBeLessThanOrEqual(Math.max(mark, wobble * Math.sqrt(2 / readings)) * 1.000001)
        },
      ),
    )
  })

  it('refuses a mark of nothing', () => {
    expect(() => supportedStep({ mark: 0, wobble: 1, readings: 1 })).toThrow(RangeError)
  })
})

describe('wobbleOf', () => {
  it('is worked out about the middle of each cell: 10, 12 and 20, 20 leave 2 squares over 2', () => {
    const evidence = weighLesson(examplePlan(), entriesFrom({ a: { h20: [10, 12], h40: [20, 20] } }))
    expect(wobbleOf(evidence)).toEqual({ wobble: 1, readings: 2 })
  })
})
