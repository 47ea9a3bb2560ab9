import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { circlesOn, circlesOnRoll } from './circles'
import { cutPlan } from './cutPlan'
import type { CutPiece } from './guillotine'
import { piecesOnRoll } from './roll'

const side = fc.integer({ min: 1, max: 40 })

describe('pieces from a roll', () => {
  it('24 squares of 12 cm take 144 cm of a roll 26 cm wide, two abreast', () => {
    expect(piecesOnRoll(24, { width: 12, height: 12 }, 26).length).toBe(144)
  })

  it('lie the way that takes least, or in two ways', () => {
    // 5 x 10 on 16 wide: upright 3 abreast in rows of 10, turned 1 abreast in rows of 5.
    expect(piecesOnRoll(4, { width: 5, height: 10 }, 16).length).toBe(15)
    expect(piecesOnRoll(3, { width: 5, height: 10 }, 16).length).toBe(10)
    expect(piecesOnRoll(0, { width: 5, height: 10 }, 16)).toEqual({ length: 0, layout: [] })
  })

  it('take no more than any number of rows each way, lie on the roll and never overlap', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        side,
        side,
        fc.integer({ min: 5, max: 90 }),
        (n, w, h, width) => {
          fc.pre(Math.min(w, h) <= width)
          const { length, layout } = piecesOnRoll(n, { width: w, height: h }, width)
          expect(layout).toHaveLength(n)
          const [up, turned] = [Math.floor(width / w), Math.floor(width / h)]
          const lengths = []
          for (let first = 0; first <= n; first++)
            for (let second = 0; second <= n; second++)
              if (first * up + second * turned >= n) lengths.push(first * h + second * w)
          expect(length).toBe(Math.min(...lengths))
          expectApart(layout, width, length)
        },
      ),
    )
  })

  it('are refused where the roll is narrower', () => {
    expect(() => piecesOnRoll(1, { width: 30, height: 40 }, 20)).toThrow(/narrower/)
    expect(() => piecesOnRoll(1, { width: 0, height: 4 }, 20)).toThrow(RangeError)
  })
})

function expectApart(layout: readonly CutPiece[], width: number, length: number): void {
  for (const [at, one] of layout.entries()) {
    expect(one.x >= 0 && one.y >= 0 && one.x + one.width <= width + 1e-9).toBe(true)
    expect(one.y + one.height).toBeLessThanOrEqual(length + 1e-9)
    for (const other of layout.slice(at + 1))
      expect(
        one.x + one.width <= other.x + 1e-9 ||
          other.x + other.width <= one.x + 1e-9 ||
          one.y + one.height <= other.y + 1e-9 ||
          other.y + other.height <= one.y + 1e-9,
      ).toBe(true)
  }
}

describe('circles', () => {
  it('of 8 cm: eight on A4 in rows of three, two and three, where straight rows give six', () => {
    expect(circlesOn(8, { width: 21, height: 29.7 })).toHaveLength(8)
    // 10 x 10 straight rows give 100; staggered rows of 10 and 9 are 0.866 apart, so that 11 fit: 105.
    expect(circlesOn(1, { width: 10, height: 10 })).toHaveLength(105)
  })

  it('never overlap nor reach over the edge, and are as many as straight rows at least', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 12 }), side, side, (diameter, width, height) => {
        fc.pre(Math.min(width, height) >= diameter)
        const circles = circlesOn(diameter, { width, height })
        expect(circles.length).toBeGreaterThanOrEqual(
          Math.floor(width / diameter) * Math.floor(height / diameter),
        )
        expectRound(circles, diameter, width, height)
      }),
    )
  })

  it('on a roll take no more than straight rows', () => {
    expect(circlesOnRoll(6, 8, 26).length).toBe(16)
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 2, max: 12 }),
        side,
        (n, diameter, width) => {
          fc.pre(width >= diameter)
          const { length, layout } = circlesOnRoll(n, diameter, width)
          expect(layout).toHaveLength(n)
          expect(length).toBeLessThanOrEqual(Math.ceil(n / Math.floor(width / diameter)) * diameter + 1e-9)
          expectRound(layout, diameter, width, length)
        },
      ),
    )
  })

  it('are refused where they do not fit', () => {
    expect(() => circlesOn(30, { width: 21, height: 29.7 })).toThrow(/smaller than the circle/)
    expect(() => circlesOnRoll(1, 30, 26)).toThrow(/narrower/)
    expect(() => circlesOn(0, { width: 21, height: 29.7 })).toThrow(RangeError)
  })

  it('are counted as pieces of a sheet', () => {
    const plan = cutPlan(28, { width: 8, height: 8 }, { width: 21, height: 29.7 }, true)
    expect(plan).toMatchObject({ sheets: 4, perSheet: 8, onLast: 4 })
    expect(plan.waste).toBeCloseTo(1 - (8 * Math.PI * 16) / (21 * 29.7))
  })
})

function expectRound(circles: readonly CutPiece[], diameter: number, width: number, height: number): void {
  for (const [at, one] of circles.entries()) {
    expect(one.x >= -1e-9 && one.y >= -1e-9).toBe(true)
    expect(one.x + diameter).toBeLessThanOrEqual(width + 1e-6)
    expect(one.y + diameter).toBeLessThanOrEqual(height + 1e-6)
    for (const other of circles.slice(at + 1))
      expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThanOrEqual(diameter - 1e-6)
  }
}
