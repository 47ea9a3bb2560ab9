import { ballBounce } from './ballBounce'
import { beanSprouts } from './beanSprouts'
import { bottleJackets } from './bottleJackets'
import { bubbleLifetime } from './bubbleLifetime'
import { doughShapes } from './doughShapes'
import { magnetLayers } from './magnetLayers'
import { paperBridge } from './paperBridge'
import { paperTowels } from './paperTowels'
import { pouredTogether } from './pouredTogether'
import { pulseJumps } from './pulseJumps'
import { shadowLength } from './shadowLength'
import { shoeGrip } from './shoeGrip'
import type { Starter } from './starter'

export type { Starter } from './starter'
export {
  ballBounce,
  beanSprouts,
  bottleJackets,
  doughShapes,
  paperTowels,
  pouredTogether,
  shadowLength,
  shoeGrip,
}

/** Every starter, in the order a list offers them. */
export const starters: readonly Starter[] = [
  ballBounce,
  shoeGrip,
  shadowLength,
  paperTowels,
  doughShapes,
  pouredTogether,
  magnetLayers,
  pulseJumps,
  bubbleLifetime,
  bottleJackets,
  beanSprouts,
  paperBridge,
]
