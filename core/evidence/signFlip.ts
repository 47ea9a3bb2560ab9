/**
 * Exact two-sided sign-flip test of paired differences: the share of all 2^n ways to give the differences
 * signs whose sum is at least as far from zero as the one seen.
 *
 * Source: R. A. Fisher, The Design of Experiments (1935), section 21.
 *
 * @param differences one for each block, in any unit; at most 20
 * @returns 1 when there are none
 * @throws RangeError when there are more than 20.
 * @example signFlip([3, 2, 4]) // 0.25: two of eight ways
 */
export function signFlip(differences: readonly number[]): number {
  if (differences.length > 20) throw new RangeError('the exact test takes at most 20 differences')
  const seen = Math.abs(differences.reduce((sum, difference) => sum + difference, 0))
  const tolerance = 1e-9 * differences.reduce((sum, difference) => sum + Math.abs(difference), 0)
  let asFar = 0
  const ways = 2 ** differences.length
  for (let signs = 0; signs < ways; signs++) {
    let sum = 0
    differences.forEach((difference, index) => {
      sum += signs & (1 << index) ? -difference : difference
    })
    if (Math.abs(sum) >= seen - tolerance) asFar++
  }
  return asFar / ways
}
