import { guillotine, type CutPiece } from './guillotine'
import type { Size } from './rowsAndColumns'

/** How to cut so many pieces out of sheets. */
export interface CutPlan {
  sheets: number
  perSheet: number
  /** Where the pieces lie on a full sheet, in centimetres from the upper left. */
  layout: CutPiece[]
  /** How many pieces the last sheet gives up. */
  onLast: number
  /** The share of all sheets that is left over, 0 to 1. */
  waste: number
}

/**
 * The plan for cutting so many pieces of one size from sheets: how many sheets, where the pieces lie, how much
 * is left over.
 * @throws RangeError when a side is not more than 0 or the sheet is smaller than the piece
 * @example cutPlan(12, { width: 12, height: 8 }, { width: 21, height: 29.7 }).sheets // 3
 */
export function cutPlan(pieces: number, piece: Size, sheet: Size): CutPlan {
  const layout = guillotine(piece, sheet)
  const perSheet = layout.length
  const sheets = Math.ceil(pieces / perSheet)
  const used = pieces * piece.width * piece.height
  return {
    sheets,
    perSheet,
    layout,
    onLast: sheets === 0 ? 0 : pieces - (sheets - 1) * perSheet,
    waste: sheets === 0 ? 0 : 1 - used / (sheets * sheet.width * sheet.height),
  }
}
