import { defined, itemAt } from '../../defined'
import type { CutPiece } from './guillotine'
import { inHundredths, perCentimetre, sheetInHundredths } from './hundredths'
import type { Size } from './rowsAndColumns'

/** Pieces of one size that are still to be cut. */
export interface Wanted {
  id: string
  piece: Size
  count: number
}

/** A piece on a sheet that it shares, with what it is for. */
export interface SharedPiece extends CutPiece {
  id: string
}

/**
 * Pieces of several sizes on as few sheets as a greedy packing finds, cut by straight cuts from edge to edge, turned or not: the largest
 * first, each into the free part that it fits most closely, which is then cut along its shorter remainder. Not always the fewest sheets;
 * never more than a sheet for each piece.
 * @returns the pieces on each sheet
 * @throws RangeError when a side is not more than 0 or a piece is larger than the sheet
 * @example packTogether([{ id: 'card', piece: { width: 12, height: 8 }, count: 1 }], { width: 21, height: 29.7 }).length // 1
 */
export function packTogether(wanted: readonly Wanted[], sheet: Size): SharedPiece[][] {
  const [W, H] = [sheetInHundredths(sheet.width), sheetInHundredths(sheet.height)]
  const sides = wanted.flatMap(({ piece }) => [piece.width, piece.height])
  if (![...sides, sheet.width, sheet.height].every((side) => side > 0))
    throw new RangeError('a side is more than 0')
  const pieces = wanted
    .flatMap(({ id, piece, count }) =>
      Array.from({ length: count }, () => ({
        id,
        w: inHundredths(piece.width),
        h: inHundredths(piece.height),
      })),
    )
    .sort((a, b) => b.w * b.h - a.w * a.h || Math.max(b.w, b.h) - Math.max(a.w, a.h))
  const sheets: { placed: SharedPiece[]; free: Free[] }[] = []
  for (const piece of pieces) {
    let best = closest(sheets, piece)
    if (!best) {
      sheets.push({ placed: [], free: [{ x: 0, y: 0, w: W, h: H }] })
      best = closest(sheets.slice(-1), piece)
      if (!best) throw new RangeError('the sheet is smaller than the piece')
      best.sheet = sheets.length - 1
    }
    const { placed, free } = itemAt(sheets, best.sheet)
    const part = defined(free.splice(best.part, 1)[0])
    placed.push({
      ...{ id: piece.id, x: part.x / perCentimetre, y: part.y / perCentimetre },
      ...{ width: best.w / perCentimetre, height: best.h / perCentimetre },
    })
    free.push(...cutOff(part, best.w, best.h))
  }
  return sheets.map(({ placed }) => placed)
}

/** A part of a sheet that is still free. */
interface Free {
  x: number
  y: number
  w: number
  h: number
}

interface Place {
  sheet: number
  part: number
  w: number
  h: number
  /** How much is left along the side that fits best. */
  left: number
}

function closest(
  sheets: readonly { free: readonly Free[] }[],
  { w, h }: { w: number; h: number },
): Place | undefined {
  let best: Place | undefined
  for (const [sheet, { free }] of sheets.entries())
    for (const [part, room] of free.entries())
      for (const [width, height] of w === h ? [[w, h] as const] : [[w, h] as const, [h, w] as const]) {
        if (width > room.w || height > room.h) continue
        const left = Math.min(room.w - width, room.h - height)
        if (!best || left < best.left) best = { sheet, part, w: width, h: height, left }
      }
  return best
}

/** What is left of a part once a piece is cut out of its corner: two parts, the larger as large as can be. */
function cutOff({ x, y, w, h }: Free, width: number, height: number): Free[] {
  const [right, below] = [w - width, h - height]
  const parts =
    right < below
      ? [
          { x: x + width, y, w: right, h: height },
          { x, y: y + height, w, h: below },
        ]
      : [
          { x: x + width, y, w: right, h },
          { x, y: y + height, w: width, h: below },
        ]
  return parts.filter((part) => part.w > 0 && part.h > 0)
}
