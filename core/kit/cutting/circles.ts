import type { CutPiece } from './guillotine'
import { fits, type Size } from './rowsAndColumns'

/** Circles in rows across a width: how many in each of two rows that take turns, and how far the rows are apart. */
interface Rows {
  inFirst: number
  inSecond: number
  /** How far the circles of a row are apart, centre to centre. */
  along: number
  /** How far the rows are apart, centre to centre. */
  apart: number
}

const tidy = (length: number) => Number(length.toPrecision(10))

/** Every way of laying rows across a width: straight above each other, and staggered. */
function waysAcross(diameter: number, width: number): Rows[] {
  const most = fits(width, diameter)
  if (most === 0) return []
  const staggered = (inSecond: number, along: number): Rows => ({
    inFirst: most,
    inSecond,
    along,
    apart: Math.max(diameter / 2, Math.sqrt(Math.max(0, diameter ** 2 - (along / 2) ** 2))),
  })
  const straight = { inFirst: most, inSecond: most, along: diameter, apart: diameter }
  return [
    straight,
    // The second row has one less, in the gaps of the first, which stretches over the whole width.
    ...(most > 1 ? [staggered(most - 1, (width - diameter) / (most - 1))] : []),
    // Or as many, where half a circle is left over at the end.
    ...(fits(width - diameter / 2, diameter) >= most
      ? [staggered(most, (width - diameter) / (most - 0.5))]
      : []),
  ]
}

const rowsFor = (pieces: number, { inFirst, inSecond }: Rows): number => {
  const both = inFirst + inSecond
  const rest = pieces % both
  return 2 * Math.floor(pieces / both) + (rest === 0 ? 0 : rest <= inFirst ? 1 : 2)
}

/** Where the circles of so many rows lie; rows that are straight above each other begin alike. */
function layRows(rows: number, way: Rows, diameter: number): CutPiece[] {
  const isStraight = way.apart === diameter && way.along === diameter
  return Array.from({ length: rows }, (_, row) => {
    const isSecond = row % 2 === 1
    return Array.from({ length: isSecond ? way.inSecond : way.inFirst }, (_one, at) => ({
      x: tidy(at * way.along + (isSecond && !isStraight ? way.along / 2 : 0)),
      y: tidy(row * way.apart),
      width: diameter,
      height: diameter,
    }))
  }).flat()
}

/**
 * Returns where circles lie on a sheet, in rows that are straight or staggered, along either edge, whichever gives more. Staggered rows give
 * the most on large sheets; on small ones other layouts may give one more.
 * @param diameter in centimetres, as the sheet's sides
 * @throws RangeError when the diameter is not more than 0, or the sheet is narrower
 * @example circlesOn(8, { width: 21, height: 29.7 }).length // 8
 */
export function circlesOn(diameter: number, sheet: Size): CutPiece[] {
  if (!(diameter > 0)) throw new RangeError('a circle is wider than 0')
  const layouts = [sheet, { width: sheet.height, height: sheet.width }].flatMap((turned, nth) =>
    waysAcross(diameter, turned.width).map((way) => {
      const rows = turned.height < diameter ? 0 : 1 + Math.floor(tidy((turned.height - diameter) / way.apart))
      return layRows(rows, way, diameter).map((one) => (nth === 0 ? one : { ...one, x: one.y, y: one.x }))
    }),
  )
  const best = layouts.reduce((most, one) => (one.length > most.length ? one : most), [] as CutPiece[])
  if (best.length === 0) throw new RangeError('the sheet is smaller than the circle')
  return best
}

/**
 * Returns how much of a roll so many circles take, in rows across it.
 * @param width of the roll, in centimetres
 * @throws RangeError when the roll is narrower than a circle
 * @example circlesOnRoll(6, 8, 26).length // 16 cm: three abreast in two rows
 */
export function circlesOnRoll(
  pieces: number,
  diameter: number,
  width: number,
): { length: number; layout: CutPiece[] } {
  if (!(diameter > 0)) throw new RangeError('a circle is wider than 0')
  const ways = waysAcross(diameter, width).map((way) => {
    const rows = rowsFor(pieces, way)
    const length = rows === 0 ? 0 : tidy(diameter + (rows - 1) * way.apart)
    return { length, layout: layRows(rows, way, diameter).slice(0, pieces) }
  })
  if (ways.length === 0) throw new RangeError('the roll is narrower than a circle')
  return ways.reduce((best, one) => (one.length < best.length ? one : best))
}
