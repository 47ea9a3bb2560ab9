import type { AgeBand } from '../class'
import { handlingWords, hazards, type Handling, type HazardId } from './hazards'

/** One caution as it is shown and printed. */
export interface Caution {
  hazard: HazardId
  name: string
  caution: string
  handling: Handling
  /** The hazard with who may handle it: "hot water, only an adult". */
  heading: string
}

/** Stands wherever cautions are shown. */
export const safetyComesFirst =
  'These are reminders, not a clearance. Your school’s own risk assessment, local rules and qualified advice come first.'

/**
 * The usual cautions for a plan's hazards at an age, in the order given, each once.
 * @example cautionsFor(['hot-water'], '5-7')[0].handling // 'adult only'
 */
export function cautionsFor(ids: readonly HazardId[], age: AgeBand): Caution[] {
  return [...new Set(ids)].map((hazard) => {
    const { name, caution, handling } = hazards[hazard]
    const who = handlingWords[handling[age]]
    return { hazard, name, caution, handling: handling[age], heading: who ? `${name}, ${who}` : name }
  })
}
