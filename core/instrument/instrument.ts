import type { Dimension, Unit } from '../quantity'

/** What a group reads a value from. One definition draws the scale, checks entries and gives the error. */
export interface Instrument {
  name: string
  unit: Unit
  /** Distance between two neighbouring marks, in `unit`. */
  smallestMark: number
  /** Distance between two marks that carry a number, in `unit`. */
  numberedEvery: number
  least: number
  greatest: number
  /** How long one reading takes, in seconds. */
  secondsPerReading: number
}

/** An instrument on the shelf: what it is called there, and what it measures. */
export interface CupboardInstrument extends Instrument {
  id: string
  dimension: Dimension
  /** How many of them there are. */
  howMany: number
}

/** The cupboard of instruments that a new plan can choose from. */
export const instrumentCupboard: CupboardInstrument[] = [
  cupboard('metre-stick', 'metre stick', 'length', 'cm', 1, 10, 0, 100, 8, 8),
  cupboard('tape', 'tape measure', 'length', 'cm', 1, 10, 0, 300, 10, 6),
  cupboard('ruler', 'ruler', 'length', 'mm', 1, 10, 0, 300, 8, 30),
  cupboard('stopwatch', 'stopwatch', 'time', 's', 0.1, 1, 0, 600, 5, 8),
  cupboard('kitchen-timer', 'kitchen timer', 'time', 'min', 1, 5, 0, 60, 5, 2),
  cupboard('balance', 'balance', 'mass', 'g', 1, 100, 0, 2000, 15, 3),
  cupboard('kitchen-scale', 'kitchen scale', 'mass', 'g', 5, 100, 0, 5000, 10, 2),
  cupboard('measuring-jug', 'measuring jug', 'volume', 'mL', 10, 100, 0, 1000, 12, 6),
  cupboard('measuring-cylinder', 'measuring cylinder', 'volume', 'mL', 1, 10, 0, 100, 15, 6),
  cupboard('thermometer', 'thermometer', 'temperature', 'C', 1, 10, -10, 110, 30, 4),
  cupboard('force-meter', 'force meter', 'force', 'N', 0.1, 1, 0, 10, 10, 6),
  cupboard('tally', 'tally', 'count', 'count', 1, 10, 0, 200, 15, 99),
]

/** What schools that measure in inches and degrees Fahrenheit reach for first. */
const customaryInstruments: CupboardInstrument[] = [
  cupboard('inch-ruler', 'inch ruler', 'length', 'in', 0.125, 1, 0, 12, 8, 30),
  cupboard('yardstick', 'yardstick', 'length', 'in', 0.125, 1, 0, 36, 8, 8),
  cupboard('inch-tape', 'tape measure in inches', 'length', 'in', 0.125, 12, 0, 120, 10, 6),
  cupboard('thermometer-f', 'thermometer in °F', 'temperature', 'F', 2, 20, 0, 220, 30, 4),
]

/**
 * The cupboard of a school that has not listed its own: with inches and degrees Fahrenheit first where it measures in those.
 * @example usualCupboard('customary')[0]!.unit // 'in'
 */
export function usualCupboard(units: 'metric' | 'customary'): CupboardInstrument[] {
  return units === 'customary' ? [...customaryInstruments, ...instrumentCupboard] : instrumentCupboard
}

function cupboard(
  id: string,
  name: string,
  dimension: Dimension,
  unit: Unit,
  smallestMark: number,
  numberedEvery: number,
  least: number,
  greatest: number,
  secondsPerReading: number,
  howMany: number,
): CupboardInstrument {
  return {
    id,
    name,
    dimension,
    unit,
    smallestMark,
    numberedEvery,
    least,
    greatest,
    secondsPerReading,
    howMany,
  }
}

/**
 * An instrument taken out of the cupboard into a plan, without its label on the shelf.
 * @example fromCupboard(instrumentCupboard[0]!).name // 'metre stick'
 */
export function fromCupboard({
  id: _id,
  dimension: _dimension,
  howMany: _howMany,
  ...instrument
}: CupboardInstrument): Instrument {
  return instrument
}
