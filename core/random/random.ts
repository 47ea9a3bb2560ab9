import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A source of numbers from 0 (included) to 1 (excluded). */
export type Random = () => number

/**
 * A source that gives the same numbers for the same seed (xoroshiro128+).
 * @example seededRandom(7)() === seededRandom(7)() // true
 */
export function seededRandom(seed: number): Random {
  const generator = xoroshiro128plus(seed)
  return () => uniformFloat64(generator)
}

/**
 * A source of normal numbers of mean 0 and standard deviation 1, made in pairs from uniform ones.
 *
 * Source: G. E. P. Box and M. E. Muller, Annals of Mathematical Statistics 29 (1958) 610-611.
 * @example normalRandom(seededRandom(1))() // 2.29; about two thirds of all lie between -1 and 1
 */
export function normalRandom(random: Random): Random {
  let spare: number | null = null
  return () => {
    if (spare !== null) {
      const kept = spare
      spare = null
      return kept
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()))
    const angle = 2 * Math.PI * random()
    spare = radius * Math.sin(angle)
    return radius * Math.cos(angle)
  }
}
