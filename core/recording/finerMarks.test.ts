import { describe, expect, it } from 'vitest'
import { entry } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { finerMarks, withFinerMarks } from './finerMarks'

const plan = examplePlan()
const read = (...values: number[]) => values.map((value) => entry({ value }))

describe('marks finer than the plan’s', () => {
  it('are learnt from the second reading between the marks', () => {
    expect(finerMarks(plan, read(11, 12.3))).toBe(null)
    expect(finerMarks(plan, read(11, 12.3, 11.7))).toEqual({ kind: 'tenths', smallestMark: 0.1 })
  })

  it('are half marks where all of them lie on halves', () => {
    expect(finerMarks(plan, read(11.5, 12.5))).toEqual({ kind: 'half-marks' })
    expect(finerMarks({ ...plan, rounding: 'half-mark' }, read(11.5, 12.5))).toBe(null)
  })

  it('are none where a reading lies nowhere near a tenth, as one from another unit does', () => {
    expect(finerMarks(plan, read(12.345, 20.678))).toBe(null)
    expect(finerMarks(plan, [entry({ value: null }), entry({ value: null })])).toBe(null)
  })

  it('become the plan’s, and then nothing more is asked', () => {
    const readings = read(11, 12.3, 11.7)
    const finer = withFinerMarks(plan, finerMarks(plan, readings)!)
    expect(finer.measured.instrument.smallestMark).toBe(0.1)
    expect(finerMarks(finer, readings)).toBe(null)
    expect(withFinerMarks(plan, { kind: 'half-marks' }).rounding).toBe('half-mark')
  })
})
