/**
 * How many pieces come of one sheet in plain rows and columns, all lying the same way, the better of the two ways.
 * @example rowsAndColumns({ width: 12, height: 8 }, { width: 21, height: 29.7 }) // 4
 */
export function rowsAndColumns(piece: Size, sheet: Size): number {
  const upright = fits(sheet.width, piece.width) * fits(sheet.height, piece.height)
  const turned = fits(sheet.width, piece.height) * fits(sheet.height, piece.width)
  return Math.max(upright, turned)
}

/** Width and height in centimetres. */
export interface Size {
  width: number
  height: number
}

/** How often a length goes into a longer one, forgiving floating-point dust. */
export function fits(whole: number, part: number): number {
  return Math.floor(Number((whole / part).toPrecision(10)))
}
