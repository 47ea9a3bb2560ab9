import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cutPlan } from './cutPlan'
import { guillotine } from './guillotine'
import { sticksFor } from './lengths'
import { rowsAndColumns } from './rowsAndColumns'
import { apart, canBeCut, near } from '../../testing/layouts'

const a4 = { width: 21, height: 29.7 }

/** Every guillotine layout on whole centimetres, by trying every cut. */
function bruteForce(w: number, h: number, W: number, H: number, seen = new Map<string, number>()): number {
  const key = `${W}x${H}`
  const known = seen.get(key)
  if (known !== undefined) return known
  let most = (w <= W && h <= H) || (h <= W && w <= H) ? 1 : 0
  for (let x = 1; x < W; x++)
    most = Math.max(most, bruteForce(w, h, x, H, seen) + bruteForce(w, h, W - x, H, seen))
  for (let y = 1; y < H; y++)
    most = Math.max(most, bruteForce(w, h, W, y, seen) + bruteForce(w, h, W, H - y, seen))
  seen.set(key, most)
  return most
}

describe('guillotine', () => {
  it('gets five cards of 12 x 8 cm out of A4, where rows and columns get four', () => {
    expect(rowsAndColumns({ width: 12, height: 8 }, a4)).toBe(4)
    expect(guillotine({ width: 12, height: 8 }, a4)).toHaveLength(5)
  })

  it('is as good as trying every cut', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 1, max: 17 }),
        fc.integer({ min: 1, max: 17 }),
        (w, h, W, H) => {
          const best = bruteForce(w, h, W, H)
          fc.pre(best > 0)
          expect(guillotine({ width: w, height: h }, { width: W, height: H })).toHaveLength(best)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('lays pieces on the sheet, apart, turned or not, so that straight cuts free them', () => {
    const side = fc.double({ min: 1, max: 20, noNaN: true }).map((cm) => Math.round(cm * 10) / 10)
    fc.assert(
      fc.property(side, side, (width, height) => {
        const pieces = guillotine({ width, height }, a4)
        expect(pieces.length).toBeGreaterThanOrEqual(rowsAndColumns({ width, height }, a4))
        for (const [index, one] of pieces.entries()) {
          expect(near(one.x + one.width, a4.width) && near(one.y + one.height, a4.height)).toBe(true)
          expect([one.width, one.height].sort()).toEqual([width, height].sort())
          if (pieces.length < 60)
            for (const other of pieces.slice(index + 1)) expect(apart(one, other)).toBe(true)
        }
        if (pieces.length < 60) expect(canBeCut(pieces)).toBe(true)
      }),
      { numRuns: 60 },
    )
  })

  it('cuts a long roll with awkward sizes no worse than rows and columns', () => {
    const [piece, roll] = [
      { width: 7.3, height: 4.9 },
      { width: 46, height: 3000 },
    ]
    const pieces = guillotine(piece, roll)
    expect(pieces.length).toBeGreaterThanOrEqual(rowsAndColumns(piece, roll))
    expect(Math.max(...pieces.map((one) => one.y + one.height))).toBeLessThanOrEqual(3000)
  })

  it('refuses a sheet that is smaller than the piece, and sides of nothing', () => {
    expect(() => guillotine({ width: 30, height: 30 }, a4)).toThrow('smaller')
    expect(() => guillotine({ width: 0, height: 3 }, a4)).toThrow('more than 0')
    expect(() => guillotine({ width: NaN, height: 3 }, a4)).toThrow(RangeError)
  })
})

describe('cutPlan', () => {
  it('counts sheets, what the last one gives, and what is left over', () => {
    const plan = cutPlan(12, { width: 12, height: 8 }, a4)
    expect(plan).toMatchObject({ sheets: 3, perSheet: 5, onLast: 2 })
    expect(plan.waste).toBeCloseTo(1 - (5 * 96) / (21 * 29.7), 10)
  })

  it('needs no sheet for no pieces', () => {
    expect(cutPlan(0, { width: 12, height: 8 }, a4)).toMatchObject({ sheets: 0, onLast: 0 })
  })
})

describe('sticksFor', () => {
  it('gets twelve lengths of 25 cm out of a stick of 3 m', () => {
    expect(sticksFor(60, 25, 300)).toEqual({ sticks: 5, perStick: 12, left: 0 })
  })

  it('forgives floating-point dust, and joins nothing', () => {
    expect(sticksFor(3, 0.1, 0.3)).toMatchObject({ sticks: 1, perStick: 3 })
    expect(sticksFor(3, 16, 30)).toEqual({ sticks: 3, perStick: 1, left: 14 })
  })

  it('refuses a stick that is shorter than a piece', () => {
    expect(() => sticksFor(1, 30, 29)).toThrow('shorter')
    expect(() => sticksFor(1, -1, 29)).toThrow(RangeError)
  })
})
