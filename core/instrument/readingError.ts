import { convertUnit, unitDefinition } from '../quantity'
import type { Instrument } from './instrument'

/** Start and stop reaction of a hand on a stopwatch, standard deviation in seconds each: a stated assumption. */
export const reactionSd = 0.15

/**
 * The standard deviation of one reading, in the instrument's unit: half a mark either side, rectangular
 * (mark/√12), and for a stopwatch the start and the stop of the hand added in squares.
 *
 * Source: rectangular distribution of a scale reading, JCGM 100:2008 (GUM), 4.3.7.
 * @example readingError(metreStick) // 0.2887 cm for marks of 1 cm
 */
export function readingError(instrument: Instrument): number {
  const ofMark = instrument.smallestMark / Math.sqrt(12)
  if (unitDefinition(instrument.unit).dimension !== 'time') return ofMark
  return Math.hypot(ofMark, convertUnit(reactionSd, 's', instrument.unit) * Math.SQRT2)
}
