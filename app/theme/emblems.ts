import {
  mdiAccountGroup,
  mdiAnchor,
  mdiBell,
  mdiCloud,
  mdiFeather,
  mdiFish,
  mdiFlower,
  mdiKey,
  mdiKite,
  mdiLeaf,
  mdiMoonWaningCrescent,
  mdiMushroom,
  mdiUmbrella,
} from '@mdi/js'
import type { Sign } from '#core/lesson'

/** How an emblem looks: one path in a box of 24 by 24, the same on screens, in charts and on paper. */
export interface EmblemLook {
  path: string
  colour: string
}

export const emblemLooks: Record<Sign, EmblemLook> = {
  class: { path: mdiAccountGroup, colour: '#1d2840' },
  leaf: { path: mdiLeaf, colour: '#1b7f4b' },
  bell: { path: mdiBell, colour: '#a85a00' },
  key: { path: mdiKey, colour: '#6a4fb3' },
  fish: { path: mdiFish, colour: '#0069a8' },
  moon: { path: mdiMoonWaningCrescent, colour: '#3d4058' },
  anchor: { path: mdiAnchor, colour: '#8c1c3a' },
  feather: { path: mdiFeather, colour: '#0b7a7a' },
  umbrella: { path: mdiUmbrella, colour: '#b03a85' },
  cloud: { path: mdiCloud, colour: '#4a6fa5' },
  flower: { path: mdiFlower, colour: '#c43d50' },
  mushroom: { path: mdiMushroom, colour: '#7a4a21' },
  kite: { path: mdiKite, colour: '#2e3f8f' },
}
