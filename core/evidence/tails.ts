import { errorFunction } from 'simple-statistics'

/**
 * The chance that a standard normal number is at least z, to about seven decimals.
 * @example normalTail(1.645) // 0.05
 */
export function normalTail(z: number): number {
  return (1 - errorFunction(z / Math.SQRT2)) / 2
}

/**
 * The chance that a chi-square number with so many degrees of freedom is at least x, by the recursion from
 * one or two degrees upwards.
 *
 * Source: M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions (1964), 26.4.4, 26.4.5 and 26.4.8.
 * @throws RangeError when the degrees of freedom are not a whole number from 1.
 * @example chiSquareTail(5.991, 2) // 0.05
 */
export function chiSquareTail(x: number, freedom: number): number {
  if (!Number.isInteger(freedom) || freedom < 1)
    throw new RangeError('degrees of freedom are a whole number from 1')
  if (x <= 0) return 1
  const odd = freedom % 2 === 1
  const bell = Math.exp(-x / 2)
  let tail = odd ? 2 * normalTail(Math.sqrt(x)) : bell
  let term = odd ? bell * Math.sqrt((2 * x) / Math.PI) : (bell * x) / 2
  for (let reached = odd ? 1 : 2; reached < freedom; reached += 2) {
    tail += term
    term *= x / (reached + 2)
  }
  return Math.min(1, tail)
}
