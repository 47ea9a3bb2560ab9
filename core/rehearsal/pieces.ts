/** So many classes are rehearsed before the first figures are told, whatever the design. */
export const firstPiece = 20

/** How long one piece of work should take, in milliseconds: a newer order waits no longer than that. */
const pieceTime = 100
const largest = 700

/**
 * How many classes to rehearse next, so that a piece takes about a tenth of a second.
 * @param size how many the last piece had
 * @param took how long it took, in milliseconds
 * @example nextPiece(20, 4) // 80: no more than four times as many at once
 */
export function nextPiece(size: number, took: number): number {
  const fitting = Math.floor((size * pieceTime) / Math.max(took, 1))
  return Math.max(1, Math.min(fitting, size * 4, largest))
}
