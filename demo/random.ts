import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { v4 } from 'uuid'

/** A seeded source of numbers from 0 (included) to 1 (excluded). */
export type Random = () => number

export function seededRandom(seed: number): Random {
  const generator = xoroshiro128plus(seed)
  return () => uniformFloat64(generator)
}

/** A normally distributed number of mean 0 and standard deviation 1 (Box–Muller). */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

/** An identifier that is the same for the same seed. */
export function uuidFrom(random: Random): string {
  return v4({ random: Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256)) })
}
