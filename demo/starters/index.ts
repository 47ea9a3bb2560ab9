import { ballBounce } from './ballBounce'
import { beanSprouts } from './beanSprouts'
import { bottleJackets } from './bottleJackets'
import { bubbleLifetime } from './bubbleLifetime'
import { magnetLayers } from './magnetLayers'
import { paperBridge } from './paperBridge'
import { paperTowels } from './paperTowels'
import { shadowLength } from './shadowLength'
import { shoeGrip } from './shoeGrip'
import type { Starter } from './starter'

export type { Starter } from './starter'
export { ballBounce, beanSprouts, bottleJackets, paperTowels, shadowLength, shoeGrip }

/** Every starter, in the order a list offers them. */
export const starters: readonly Starter[] = [
  ballBounce,
  shoeGrip,
  shadowLength,
  paperTowels,
  magnetLayers,
  bubbleLifetime,
  bottleJackets,
  beanSprouts,
  paperBridge,
]
