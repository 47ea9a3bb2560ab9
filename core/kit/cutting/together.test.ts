import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { examplePlan, material } from '../../testing/examplePlan'
import { instrumentCupboard } from '../../instrument'
import { apart, canBeCut, near } from '../../testing/layouts'
import type { Material } from '../../plan'
import { kitAmounts, madeReady, needsOf, sharedSheets } from '..'
import { packTogether } from './together'

const a4 = { width: 21, height: 29.7 }
const side = fc.integer({ min: 1, max: 20 })
const wanted = fc
  .array(
    fc.record({ piece: fc.record({ width: side, height: side }), count: fc.integer({ min: 0, max: 12 }) }),
    {
      minLength: 1,
      maxLength: 4,
    },
  )
  .map((sizes) => sizes.map((one, at) => ({ ...one, id: `size ${at}` })))

describe('pieces of several sizes', () => {
  it('share a sheet: two cards and nine strips out of one A4', () => {
    const sheets = packTogether(
      [
        { id: 'card', piece: { width: 12, height: 8 }, count: 2 },
        { id: 'strip', piece: { width: 20, height: 1 }, count: 9 },
      ],
      a4,
    )
    expect(sheets.map((pieces) => pieces.length)).toEqual([11])
  })

  it('lie on their sheets, apart, all of them, so that straight cuts free them', () => {
    fc.assert(
      fc.property(wanted, (sizes) => {
        const sheets = packTogether(sizes, a4)
        for (const { id, piece, count } of sizes) {
          const own = sheets.flat().filter((one) => one.id === id)
          expect(own).toHaveLength(count)
          const sorted = [piece.width, piece.height].sort((a, b) => a - b)
          for (const { width, height } of own) expect([width, height].sort((a, b) => a - b)).toEqual(sorted)
        }
        for (const pieces of sheets) {
          expect(pieces.length).toBeGreaterThan(0)
          expect(pieces.every((one) => near(one.x + one.width, 21) && near(one.y + one.height, 29.7))).toBe(
            true,
          )
          expect(pieces.every((one, at) => pieces.slice(at + 1).every((other) => apart(one, other)))).toBe(
            true,
          )
          expect(canBeCut(pieces)).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('are refused where one is larger than the sheet, or has no sides', () => {
    const one = (width: number) => packTogether([{ id: 'a', piece: { width, height: 5 }, count: 1 }], a4)
    expect(() => one(30)).toThrow('the sheet is smaller than the piece')
    expect(() => one(0)).toThrow('a side is more than 0')
    expect(one(29.7)[0]![0]).toMatchObject({ width: 5, height: 29.7 })
  })
})

describe('the last sheets of a kit', () => {
  const pieces = (id: string, width: number, height: number, amount: number): Material =>
    material({
      ...{ id, name: id, amount, per: 'class', use: 'used-up' },
      made: { kind: 'pieces', width, height, from: 'A4', sheetWidth: 21, sheetHeight: 29.7 },
    })
  const own = { groups: 6, children: 24, cupboard: instrumentCupboard }
  function kit(...materials: Material[]) {
    const plan = examplePlan({ materials })
    const lines = kitAmounts(plan, own)
    const made = lines.map((line) => madeReady(line, plan, own))
    const sheets = needsOf(lines, plan, own).filter((need) => need.name === 'A4')
    return { shared: sharedSheets(lines, made), sheets: sheets.map((need) => need.amount) }
  }

  it('are cut together where that saves a sheet, and the cupboard is asked for that many', () => {
    // Five cards to a sheet: two sheets and two cards; 29 strips to a sheet: nine strips. One sheet holds the rest of both.
    const { shared, sheets } = kit(pieces('cards', 12, 8, 12), pieces('strips', 20, 1, 9))
    expect(shared.map((one) => [one.from, one.sheets.length, one.materialIds])).toEqual([
      ['A4', 1, ['cards', 'strips']],
    ])
    expect(sheets).toEqual([3])
  })

  it('are not where it saves none, where a size has full sheets, or the sheets are others', () => {
    expect(kit(pieces('cards', 12, 8, 10), pieces('strips', 20, 1, 9)).shared).toEqual([])
    expect(kit(pieces('large', 20, 20, 1), pieces('larger', 20, 21, 1)).shared).toEqual([])
    const other = pieces('strips', 20, 1, 9)
    const fromCard = { ...other, made: { ...other.made!, from: 'card' } as Material['made'] }
    expect(kit(pieces('cards', 12, 8, 12), fromCard).shared).toEqual([])
  })

  it('never take more sheets than each line by itself', () => {
    fc.assert(
      fc.property(wanted, (sizes) => {
        const lines = sizes.map(({ id, piece, count }) => pieces(id, piece.width, piece.height, count))
        const alone = lines.reduce((sum, line) => sum + (kit(line).sheets[0] ?? 0), 0)
        expect(kit(...lines).sheets[0] ?? 0).toBeLessThanOrEqual(alone)
      }),
      { numRuns: 40 },
    )
  })
})
