import { describe, expect, it } from 'vitest'
import { examplePlan } from '../../testing/examplePlan'
import { heldBackLines, openLines } from './lines'
import { readAsText } from './readAsText'
import { typeLine } from './typeLine'
import { understandLine } from './understandLine'

const plan = examplePlan()

describe('a typed line', () => {
  it.each(openLines)('%j is read as %j', (typed, read) => expect(readAsText(typed, plan)).toBe(read))

  it('that was held back is read right in nine of ten, and never silently wrong', () => {
    const astray = heldBackLines.filter(([typed, read]) => readAsText(typed, plan) !== read)
    expect(astray.length / heldBackLines.length).toBeLessThanOrEqual(0.1)
    expect(astray.filter(([typed]) => readAsText(typed, plan) !== 'ask')).toEqual([])
  })

  it('is one of 160 at least', () => {
    expect(openLines.length + heldBackLines.length).toBeGreaterThanOrEqual(160)
    expect(heldBackLines.length).toBeGreaterThanOrEqual(40)
  })

  it('can be typed again as it was understood', () => {
    for (const [typed] of [...openLines, ...heldBackLines]) {
      const read = understandLine(typed, plan)
      if (!read.ok) continue
      const again = understandLine(typeLine(read.material, plan), plan)
      const amount = expect.closeTo(read.material.amount, 9) as number
      expect(again, typed).toEqual({ ok: true, material: { ...read.material, amount } })
    }
  })
})
