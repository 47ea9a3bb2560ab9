import { ballBounce } from './ball-bounce'
import { beanSprouts } from './bean-sprouts'
import { bottleJackets } from './bottle-jackets'
import { bubbleLifetime } from './bubble-lifetime'
import { doughShapes } from './dough-shapes'
import { magnetLayers } from './magnet-layers'
import { paperBridge } from './paper-bridge'
import { paperTowels } from './paper-towels'
import { pouredTogether } from './poured-together'
import { pulseJumps } from './pulse-jumps'
import { rockScratch } from './rock-scratch'
import { rustingClips } from './rusting-clips'
import { shadowLength } from './shadow-length'
import { shoeGrip } from './shoe-grip'
import type { Starter } from './starter'
import { wickingRace } from './wicking-race'

export { starterPlan, type Starter } from './starter'
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
