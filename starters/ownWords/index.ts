import { ballBounceWords } from './ballBounce'
import { beanSproutsWords } from './beanSprouts'
import { bottleJacketsWords } from './bottleJackets'
import { bubbleLifetimeWords } from './bubbleLifetime'
import { doughShapesWords } from './doughShapes'
import { magnetLayersWords } from './magnetLayers'
import { nothingFoundWords } from './nothingFound'
import { oneMagnetWords } from './oneMagnet'
import { paperBridgeWords } from './paperBridge'
import { paperTowelsWords } from './paperTowels'
import { pouredTogetherWords } from './pouredTogether'
import { pulseJumpsWords } from './pulseJumps'
import { rockScratchWords } from './rockScratch'
import { rustingClipsWords } from './rustingClips'
import { shadowLengthWords } from './shadowLength'
import { shoeGripWords } from './shoeGrip'
import { sproutTrayWords } from './sproutTray'
import { wickingRaceWords } from './wickingRace'
import type { OwnWords } from './said'

export type { OwnWords, Said, Truth } from './said'

/** What classes say of each starter, true, false and neither. */
export const ownWords: readonly OwnWords[] = [
  ballBounceWords,
  nothingFoundWords,
  beanSproutsWords,
  bottleJacketsWords,
  bubbleLifetimeWords,
  doughShapesWords,
  magnetLayersWords,
  paperBridgeWords,
  paperTowelsWords,
  pouredTogetherWords,
  pulseJumpsWords,
  rockScratchWords,
  rustingClipsWords,
  shadowLengthWords,
  shoeGripWords,
  wickingRaceWords,
  sproutTrayWords,
  oneMagnetWords,
]
