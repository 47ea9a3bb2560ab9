import { ballBounce } from './ballBounce'
import { shadowLength } from './shadowLength'
import { shoeGrip } from './shoeGrip'
import type { Starter } from './starter'

export type { Starter } from './starter'
export { ballBounce, shadowLength, shoeGrip }

/** Every starter, in the order a list offers them. */
export const starters: readonly Starter[] = [ballBounce, shoeGrip, shadowLength]
