import type { CutPiece } from '../kit/cutting/guillotine'

/** At most as much, but for floating-point dust. */
export const near = (a: number, b: number) => a <= b + 1e-6
/** Whether two pieces do not overlap. */
export const apart = (a: CutPiece, b: CutPiece) =>
  near(a.x + a.width, b.x) ||
  near(b.x + b.width, a.x) ||
  near(a.y + a.height, b.y) ||
  near(b.y + b.height, a.y)

/** Whether straight cuts from edge to edge free every piece. */
export function canBeCut(pieces: readonly CutPiece[]): boolean {
  if (pieces.length < 2) return true
  for (const [at, long] of [
    ['x', 'width'],
    ['y', 'height'],
  ] as const)
    for (const cut of pieces.map((one) => one[at])) {
      const before = pieces.filter((one) => near(one[at] + one[long], cut))
      const after = pieces.filter((one) => near(cut, one[at]))
      if (before.length > 0 && after.length > 0 && before.length + after.length === pieces.length)
        return canBeCut(before) && canBeCut(after)
    }
  return false
}
