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

/** The mean, variance and fourth cumulant of a symmetric statistic that is a sum of many small parts. */
export interface Moments {
  mean: number
  variance: number
  /** Nought for a normal number; below nought for sums of ranks. */
  fourth: number
}

/**
 * The chance that a symmetric sum is at least as large as the one seen: the normal chance with the first
 * Edgeworth correction for its flatter shape. Where nothing varies the chance is 1.
 *
 * Source: M. G. Kendall and A. Stuart, The Advanced Theory of Statistics, volume 1 (1977), 6.18.
 * @example edgeworthTail(1.645, { mean: 0, variance: 1, fourth: 0 }) // 0.05
 */
export function edgeworthTail(seen: number, { mean, variance, fourth }: Moments): number {
  if (variance <= 0) return 1
  const z = (seen - mean) / Math.sqrt(variance)
  const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)
  const excess = fourth / (variance * variance)
  return Math.min(1, Math.max(0, normalTail(z) + (density * excess * (z ** 3 - 3 * z)) / 24))
}

/**
 * The chance that Student's t with so many degrees of freedom is at least t.
 *
 * Source: M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions (1964), 26.7.3 and 26.7.4.
 * @throws RangeError when the degrees of freedom are not a whole number from 1.
 * @example studentTail(2.228, 10) // 0.025
 */
export function studentTail(t: number, freedom: number): number {
  if (!Number.isInteger(freedom) || freedom < 1)
    throw new RangeError('degrees of freedom are a whole number from 1')
  const angle = Math.atan(t / Math.sqrt(freedom))
  const [sine, cosine] = [Math.sin(angle), Math.cos(angle)]
  const odd = freedom % 2 === 1
  let term = odd ? cosine : 1
  let sum = odd && freedom === 1 ? 0 : term
  for (let power = odd ? 3 : 2; power <= freedom - 2; power += 2) {
    term *= ((power - 1) / power) * cosine ** 2
    sum += term
  }
  const inside = odd ? (2 / Math.PI) * (angle + (freedom === 1 ? 0 : sine * sum)) : sine * sum
  return (1 - inside) / 2
}

/**
 * The t beyond which lies a chance from 0 to a half, by bisection.
 * @example studentQuantile(0.025, 10) // 2.228
 */
export function studentQuantile(tail: number, freedom: number): number {
  let [least, greatest] = [0, 1e6]
  for (let step = 0; step < 80; step++) {
    const middle = (least + greatest) / 2
    if (studentTail(middle, freedom) > tail) least = middle
    else greatest = middle
  }
  return least
}
