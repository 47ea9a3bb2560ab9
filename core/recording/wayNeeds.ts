import type { Plan } from '../plan'

/** What a way of recording needs on a tray. */
export interface WayNeeds {
  /** How many of the plan's instrument one group uses at once. */
  instruments: number
  /** Whether the levels stand side by side, each with a container of its own, or follow one another. */
  sideBySide: boolean
  /** How many recording sheets a group fills. */
  sheets: number
  /** On how many school days the kit is in use. */
  days: number
}

type WithoutDays = Omit<WayNeeds, 'days'>
const oneByOne: WithoutDays = { instruments: 1, sideBySide: false, sheets: 1 }
const side: WithoutDays = { ...oneByOne, sideBySide: true }

const needs: Record<Plan['recording']['kind'], WithoutDays> = {
  measure: oneByOne,
  count: oneByOne,
  'before-after': oneByOne,
  'parts-whole': oneByOne,
  // One reader goes round: the containers are read one after another.
  intervals: side,
  daily: side,
  'word-scale': { ...side, instruments: 0 },
  race: { ...side, instruments: 0 },
  pairs: { ...side, instruments: 0 },
  rounds: oneByOne,
}

/**
 * What a group needs at once because of the way it records: the one place that is asked about it.
 * @example wayNeeds(plan).sideBySide // true where containers are read every few minutes
 */
export function wayNeeds({ recording }: Pick<Plan, 'recording'>): WayNeeds {
  return { ...needs[recording.kind], days: 'days' in recording ? recording.days : 1 }
}
