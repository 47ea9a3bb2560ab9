/**
 * Nine decimals are finer than any mark and coarser than floating-point dust, so equal means compare as equal.
 * @example stripRoundingNoise(0.1 + 0.2) // 0.3
 */
export function stripRoundingNoise(value: number): number {
  return Math.round(value * 1e9) / 1e9
}
