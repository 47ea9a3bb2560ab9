import { circlesOn } from './circles'
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
  /** The share of a full sheet that no piece covers, 0 to 1; what a last sheet does not have to give can be kept. */
  waste: number
}

/**
 * The plan for cutting so many pieces of one size from sheets: how many sheets, where the pieces lie, how much
 * is left over.
 * @param round whether the pieces are circles
 * @throws RangeError when a side is not more than 0 or the sheet is smaller than the piece
 * @example cutPlan(12, { width: 12, height: 8 }, { width: 21, height: 29.7 }).sheets // 3
 */
export function cutPlan(pieces: number, piece: Size, sheet: Size, round = false): CutPlan {
  const layout = round ? circlesOn(piece.width, sheet) : guillotine(piece, sheet)
  const perSheet = layout.length
  const sheets = Math.ceil(pieces / perSheet)
  const area = piece.width * piece.height * (round ? Math.PI / 4 : 1)
  return {
    sheets,
    perSheet,
    layout,
    onLast: sheets === 0 ? 0 : pieces - (sheets - 1) * perSheet,
    waste: 1 - (perSheet * area) / (sheet.width * sheet.height),
  }
}
