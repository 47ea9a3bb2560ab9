import type { CutPiece } from './guillotine'
import { fits, type Size } from './rowsAndColumns'

/**
 * Returns how much of a roll so many pieces take, in rows across it: rows of pieces that lie one way, then rows of turned ones, in the
 * numbers that take least.
 * @param width of the roll, in centimetres
 * @throws RangeError when a side is not more than 0, or the roll is narrower than a piece
 * @example piecesOnRoll(24, { width: 12, height: 12 }, 26).length // 144: two abreast
 */
export function piecesOnRoll(
  pieces: number,
  piece: Size,
  width: number,
): { length: number; layout: CutPiece[] } {
  if (![piece.width, piece.height, width].every((side) => side > 0))
    throw new RangeError('a side is more than 0')
  const upright = { ...piece, abreast: fits(width, piece.width) }
  const turned = { width: piece.height, height: piece.width, abreast: fits(width, piece.height) }
  if (upright.abreast === 0 && turned.abreast === 0) throw new RangeError('the roll is narrower than a piece')
  const rowsOf = (count: number, abreast: number) =>
    count <= 0 ? 0 : abreast === 0 ? Infinity : Math.ceil(count / abreast)
  let best = { length: Infinity, first: 0, second: 0 }
  for (let first = 0; first <= rowsOf(pieces, Math.max(1, upright.abreast)); first++) {
    if (first > 0 && upright.abreast === 0) break
    const second = rowsOf(pieces - first * upright.abreast, turned.abreast)
    const length = first * upright.height + (second === 0 ? 0 : second * turned.height)
    if (length < best.length) best = { length, first, second }
  }
  const layout = [
    ...rowsOn(best.first, upright, 0),
    ...rowsOn(best.second, turned, best.first * upright.height),
  ].slice(0, pieces)
  return { length: Number(best.length.toPrecision(10)), layout }
}

const rowsOn = (
  rows: number,
  { width, height, abreast }: Size & { abreast: number },
  from: number,
): CutPiece[] =>
  Array.from({ length: rows }, (_, row) =>
    Array.from({ length: abreast }, (_one, at) => ({ x: at * width, y: from + row * height, width, height })),
  ).flat()
