import type { Thing } from '../thing'
import { foodThings } from './food'
import { liquidThings } from './liquids'
import { paperThings } from './paper'
import { toolThings } from './tools'
import { vesselThings } from './vessels'

/** Every thing that the catalogue knows. */
export const things: readonly Thing[] = [
  ...paperThings,
  ...vesselThings,
  ...liquidThings,
  ...foodThings,
  ...toolThings,
]
