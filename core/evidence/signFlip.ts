/** The most differences that are flipped in every way. */
const mostDifferences = 20

/**
 * Exact two-sided sign-flip test of paired differences: the share of all 2^n ways to give the differences
 * signs whose sum is at least as far from zero as the one seen. A way and its mirror image lie equally far, so
 * the last difference keeps its sign; the others are flipped one at a time, in the order of a Gray code.
 *
 * Source: R. A. Fisher, The Design of Experiments (1935), section 21.
 *
 * @param differences one for each block, in any unit; at most 20
 * @returns 1 when there are none
 * @throws RangeError when there are more than 20.
 * @example signFlip([3, 2, 4]) // 0.25: two of eight ways
 */
export function signFlip(differences: ArrayLike<number>): number {
  const count = differences.length
  if (count > mostDifferences)
    throw new RangeError(`the exact test takes at most ${mostDifferences} differences`)
  if (count === 0) return 1
  let sum = 0
  let size = 0
  for (let index = 0; index < count; index++) {
    sum += differences[index]!
    size += Math.abs(differences[index]!)
  }
  const seen = Math.abs(sum) - 1e-9 * size
  const ways = 2 ** (count - 1)
  let asFar = Math.abs(sum) >= seen ? 1 : 0
  let flipped = 0
  for (let way = 1; way < ways; way++) {
    const turned = 31 - Math.clz32(way & -way)
    flipped ^= 1 << turned
    const twice = 2 * differences[turned]!
    sum += flipped & (1 << turned) ? -twice : twice
    if (Math.abs(sum) >= seen) asFar++
  }
  return asFar / ways
}
