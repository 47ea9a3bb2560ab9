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
import { rockScratch } from './rockScratch'
import { rustingClips } from './rustingClips'
import { shadowLength } from './shadowLength'
import { shoeGrip } from './shoeGrip'
import type { Starter } from './starter'
import { wickingRace } from './wickingRace'

export type { Starter } from './starter'
export {
  ballBounce,
  beanSprouts,
  bottleJackets,
  bubbleLifetime,
  doughShapes,
  magnetLayers,
  paperBridge,
  paperTowels,
  pouredTogether,
  rockScratch,
  rustingClips,
  shadowLength,
  shoeGrip,
  wickingRace,
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
  wickingRace,
  rockScratch,
  bottleJackets,
  beanSprouts,
  rustingClips,
  paperBridge,
]
