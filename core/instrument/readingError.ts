import { convertUnit, unitDefinition } from '../quantity'
import type { Instrument } from './instrument'

/** Start and stop reaction of a hand on a stopwatch, standard deviation in seconds each: a stated assumption. */
export const reactionSd = 0.15

/**
 * The standard deviation of one reading, in the instrument's unit: half a step either side, rectangular
 * (step/√12), and for a stopwatch the start and the stop of the hand added in squares. Things counted have none.
 *
 * Source: rectangular distribution of a scale reading, JCGM 100:2008 (GUM), 4.3.7.
 * @param step how finely it is read: a mark, or half of one
 * @example readingError(metreStick) // 0.2887 cm for marks of 1 cm
 */
export function readingError(instrument: Instrument, step = instrument.smallestMark): number {
  const { dimension } = unitDefinition(instrument.unit)
  if (dimension === 'count') return 0
  const ofStep = step / Math.sqrt(12)
  if (dimension !== 'time') return ofStep
  return Math.hypot(ofStep, convertUnit(reactionSd, 's', instrument.unit) * Math.SQRT2)
}
