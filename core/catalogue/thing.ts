import type { Dimension } from '../quantity'
import type { AllergenId } from './allergens'
import type { HazardId } from './hazards'

/** Something that must be done with a thing before the lesson. */
export interface Ahead {
  /** What is done, said as an order: "freeze". */
  act: string
  /** How many nights it takes; 0 on the day itself. */
  nights: number
  /** How many further nights it keeps once it is done; null when it keeps as long as anyone wants. */
  keeps: number | null
}

/** What is known about a thing that lessons use: how it is counted, used and prepared, and what to mind. */
export interface Thing {
  /** What one of it is called. */
  name: string
  /** Other words for it. */
  also: readonly string[]
  /** Words that stand for it on a list, and mean something else in a sentence: "acid", "masses". */
  named: readonly string[]
  /** What a number before it says of it rather than how much there is of it: a 500 mL jug, a 100 g weight. */
  sizedBy: readonly Dimension[]
  /** What it is measured in: mL, g or cm, a word such as "sheets", or nothing for things that are counted. */
  unit: string
  use: 'reused' | 'used-up'
  hazards: readonly HazardId[]
  allergens: readonly AllergenId[]
  /** How much more of it to bring, in per cent, as it tears, leaks or rolls away. */
  spare: number
  ahead: Ahead | null
  /** Names of things that do the same job. */
  instead: readonly string[]
  /** Who keeps it until it is needed. */
  keeper: 'tray' | 'teacher'
  /** Part of the room, so that nobody packs it. */
  room: boolean
}

const usual: Omit<Thing, 'name'> = {
  also: [],
  named: [],
  sizedBy: [],
  unit: '',
  use: 'reused',
  hazards: [],
  allergens: [],
  spare: 0,
  ahead: null,
  instead: [],
  keeper: 'tray',
  room: false,
}

/** What is said of a thing: its other words one after another, with commas between. */
type Facts = Partial<Omit<Thing, 'also' | 'named'>> & { also?: string; named?: string }

/** A thing of the catalogue; what is not said of it is as usual: counted, used again, nothing to mind. */
export const thing = (name: string, { also = '', named = '', ...facts }: Facts = {}): Thing => ({
  ...usual,
  name,
  also: also.split(', ').filter(Boolean),
  named: named.split(', ').filter(Boolean),
  ...facts,
})

export const freeze: Ahead = { act: 'freeze', nights: 1, keeps: null }
export const soak: Ahead = { act: 'soak', nights: 1, keeps: 0 }
export const charge: Ahead = { act: 'charge or check the batteries of', nights: 1, keeps: 5 }
export const sprout: Ahead = { act: 'sow', nights: 5, keeps: 1 }
export const write: Ahead = { act: 'write', nights: 0, keeps: null }
