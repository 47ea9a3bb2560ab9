import type { HazardId } from '../catalogue'

/** One thing in a plan that brings a hazard. */
export interface HazardSource {
  hazard: HazardId
  /** The words of the plan that say so: "glass jar", "water at 60 °C". */
  words: string
  /** Where they stand: the line, the step or the card as a whole. */
  text: string
}
