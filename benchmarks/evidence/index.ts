import type { Figure } from '../figure'
import { blowUp } from './blowUp'
import { claims } from './claims'
import { nullGrid, wobblingSetUps } from './errors'
import { oddOnes } from './odd'
import { heats } from './heats'
import { looksWhileTesting } from './looks'
import { clearAndRight, noDifference } from './power'
import { shapes } from './shapes'
import { sides } from './sides'

const classes = 20_000

/** Whether what the class is told is true, and how often it is told at all. */
export function evidence(): Figure[] {
  return [
    ...clearAndRight(classes / 4),
    ...noDifference(classes / 10),
    ...shapes(classes / 10),
    ...looksWhileTesting(classes / 10),
    ...claims(classes / 20),
    ...sides(classes / 5),
    ...heats(classes / 10),
    ...oddOnes(300),
    ...blowUp(),
    ...wobblingSetUps(classes),
    ...nullGrid(classes),
  ]
}
