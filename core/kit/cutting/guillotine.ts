import { itemAt } from '../../defined'
import { inHundredths, perCentimetre, sheetInHundredths } from './hundredths'
import { fits, rowsAndColumns, type Size } from './rowsAndColumns'

/** One piece on a sheet, in centimetres from the upper left corner. */
export interface CutPiece extends Size {
  x: number
  y: number
}

/** States x cuts up to which every layout is looked at; beyond it, sheets are cut in bands. */
const mostWork = 12e6

/**
 * The most pieces of one size that straight cuts from edge to edge give out of a sheet, turned or not, and where
 * they lie. Exact for guillotine cuts: the best of a sheet is the best of the two parts of its best cut, and
 * cuts are needed only at sums of the piece's sides (Herz 1972; Christofides and Whitlock 1977). For sheets very
 * large beside the piece the parts are cut in bands, which is never worse than rows and columns.
 *
 * Complexity: states x cuts, with as many states as sums of the two sides below width and height.
 *
 * @throws RangeError when a side is not more than 0, or the piece fits in neither way
 * @example guillotine({ width: 12, height: 8 }, { width: 21, height: 29.7 }).length // 5
 */
export function guillotine(piece: Size, sheet: Size): CutPiece[] {
  if (![piece.width, piece.height, sheet.width, sheet.height].every((side) => side > 0))
    throw new RangeError('a side is more than 0')
  if (rowsAndColumns(piece, sheet) === 0) throw new RangeError('the sheet is smaller than the piece')
  const [w, h] = [inHundredths(piece.width), inHundredths(piece.height)]
  const [W, H] = [sheetInHundredths(sheet.width), sheetInHundredths(sheet.height)]
  const xs = sums(w, h, W)
  const ys = sums(w, h, H)
  const found =
    xs.length * ys.length * (xs.length + ys.length) <= mostWork ? exact(w, h, xs, ys) : inBands(w, h, W, H)
  return found.map((one) => ({
    x: one.x / perCentimetre,
    y: one.y / perCentimetre,
    width: one.width / perCentimetre,
    height: one.height / perCentimetre,
  }))
}

/** All sums of the two sides up to a length, from 0. */
function sums(a: number, b: number, most: number): number[] {
  const found = new Set<number>()
  for (let first = 0; first <= most; first += a)
    for (let both = first; both <= most; both += b) {
      found.add(both)
      if (found.size > 4000) return [...found]
    }
  return [...found].sort((one, other) => one - other)
}

function exact(w: number, h: number, xs: number[], ys: number[]): CutPiece[] {
  const rows = ys.length
  const best = new Int32Array(xs.length * rows)
  /** The cut that makes it so: n > 0 upright at xs[n], n < 0 level at ys[-n], 0 for none. */
  const cuts = new Int32Array(xs.length * rows)
  const xFloor = floors(xs)
  const yFloor = floors(ys)
  for (let i = 1; i < xs.length; i++)
    for (let j = 1; j < rows; j++) {
      const [x, y] = [itemAt(xs, i), itemAt(ys, j)]
      const here = i * rows + j
      let most = (w <= x && h <= y) || (h <= x && w <= y) ? 1 : 0
      let cut = 0
      const bound = Math.floor((x * y) / (w * h))
      for (let k = 1; k < i && most < bound && itemAt(xs, k) * 2 <= x; k++) {
        const count = itemAt(best, k * rows + j) + itemAt(best, xFloor(x - itemAt(xs, k)) * rows + j)
        if (count > most) [most, cut] = [count, k]
      }
      for (let k = 1; k < j && most < bound && itemAt(ys, k) * 2 <= y; k++) {
        const count = itemAt(best, i * rows + k) + itemAt(best, i * rows + yFloor(y - itemAt(ys, k)))
        if (count > most) [most, cut] = [count, -k]
      }
      best[here] = most
      cuts[here] = cut
    }
  const pieces: CutPiece[] = []
  const lay = (i: number, j: number, x: number, y: number): void => {
    if (best[i * rows + j] === 0) return
    const cut = itemAt(cuts, i * rows + j)
    if (cut > 0) {
      lay(cut, j, x, y)
      lay(xFloor(itemAt(xs, i) - itemAt(xs, cut)), j, x + itemAt(xs, cut), y)
    } else if (cut < 0) {
      lay(i, -cut, x, y)
      lay(i, yFloor(itemAt(ys, j) - itemAt(ys, -cut)), x, y + itemAt(ys, -cut))
    } else {
      const upright = w <= itemAt(xs, i) && h <= itemAt(ys, j)
      pieces.push({ x, y, width: upright ? w : h, height: upright ? h : w })
    }
  }
  lay(xs.length - 1, rows - 1, 0, 0)
  return pieces
}

/** The place of the largest sum that is not above a length. */
function floors(sorted: readonly number[]): (length: number) => number {
  return (length) => {
    let [low, high] = [0, sorted.length - 1]
    while (low < high) {
      const middle = (low + high + 1) >> 1
      if (itemAt(sorted, middle) <= length) low = middle
      else high = middle - 1
    }
    return low
  }
}

/** Bands right across: so many with pieces one way, the rest with pieces turned; along either edge, the better. */
function inBands(w: number, h: number, W: number, H: number): CutPiece[] {
  const along = bands(w, h, W, H)
  const across = bands(w, h, H, W).map(({ x, y, width, height }) => ({
    x: y,
    y: x,
    width: height,
    height: width,
  }))
  return along.length >= across.length ? along : across
}

function bands(w: number, h: number, W: number, H: number): CutPiece[] {
  const inUpright = fits(W, w)
  const inTurned = fits(W, h)
  let most = { count: -1, upright: 0, turned: 0 }
  for (let upright = 0; upright * h <= H; upright++) {
    const turned = Math.floor((H - upright * h) / w)
    const count = upright * inUpright + turned * inTurned
    if (count > most.count) most = { count, upright, turned }
  }
  const pieces: CutPiece[] = []
  for (let band = 0; band < most.upright; band++)
    for (let column = 0; column < inUpright; column++)
      pieces.push({ x: column * w, y: band * h, width: w, height: h })
  for (let band = 0; band < most.turned; band++)
    for (let column = 0; column < inTurned; column++)
      pieces.push({ x: column * h, y: most.upright * h + band * w, width: h, height: w })
  return pieces
}
