import type { OwnWords } from './said'
import { sentences as ballBounce } from '../ball-bounce/sentences'
import { sentences as beanSprouts } from '../bean-sprouts/sentences'
import { sentences as bottleJackets } from '../bottle-jackets/sentences'
import { sentences as bubbleLifetime } from '../bubble-lifetime/sentences'
import { sentences as doughShapes } from '../dough-shapes/sentences'
import { sentences as magnetLayers } from '../magnet-layers/sentences'
import { nothingFoundWords as nothingFound } from './nothingFound'
import { oneMagnetWords as oneMagnet } from './oneMagnet'
import { sentences as paperBridge } from '../paper-bridge/sentences'
import { sentences as paperTowels } from '../paper-towels/sentences'
import { sentences as pouredTogether } from '../poured-together/sentences'
import { sentences as pulseJumps } from '../pulse-jumps/sentences'
import { sentences as rockScratch } from '../rock-scratch/sentences'
import { sentences as rustingClips } from '../rusting-clips/sentences'
import { sentences as shadowLength } from '../shadow-length/sentences'
import { sentences as shoeGrip } from '../shoe-grip/sentences'
import { sproutTrayWords as sproutTray } from './sproutTray'
import { sentences as wickingRace } from '../wicking-race/sentences'

export type { OwnWords, Said, Truth } from './said'

/** What classes say of each starter, true, false and neither. */
export const ownWords: readonly OwnWords[] = [
  ballBounce,
  nothingFound,
  beanSprouts,
  bottleJackets,
  bubbleLifetime,
  doughShapes,
  magnetLayers,
  paperBridge,
  paperTowels,
  pouredTogether,
  pulseJumps,
  rockScratch,
  rustingClips,
  shadowLength,
  shoeGrip,
  wickingRace,
  sproutTray,
  oneMagnet,
]
