import type { AgeBand } from '../class'
import { handlingWords, hazards, type Handling, type HazardId } from '../catalogue'
import { listed } from '../quantity'
import type { HazardSource } from './hazardSource'

/** One caution as it is shown and printed. */
export interface Caution {
  hazard: HazardId
  name: string
  caution: string
  handling: Handling
  /** The hazard with who may handle it: "hot water, only an adult". */
  heading: string
  /** What in the plan brings it: "warm water, 40 °C". */
  because: string
}

/** Stands wherever cautions are shown. */
export const safetyComesFirst =
  'These are reminders, not a clearance. Your school’s own risk assessment, local rules and qualified advice come first.'

const strictness: Record<Handling, number> = {
  'not at all': 0,
  'adult only': 1,
  'adult beside': 2,
  children: 3,
}

/** Words in the midst of a sentence, each once: "Glass" and "glass" are one, "°C" keeps its letter. */
function distinctWords(words: readonly string[]): string[] {
  const plain = words.map((one) => one.replace(/^\p{Lu}(?=\p{Ll}|\s)/u, (first) => first.toLowerCase()))
  return plain.filter(
    (one, at) => plain.findIndex((other) => other.toLowerCase() === one.toLowerCase()) === at,
  )
}

/**
 * The usual cautions for what a plan brings at an age, the strictest first, each once with all that brings it.
 * @example cautionsFor([{ hazard: 'hot-water', words: '60 °C', text: '…' }], '5-7')[0].handling // 'not at all'
 */
export function cautionsFor(
  sources: readonly Pick<HazardSource, 'hazard' | 'words'>[],
  age: AgeBand,
): Caution[] {
  return [...new Set(sources.map((one) => one.hazard))]
    .map((hazard) => {
      const { name, caution, handling } = hazards[hazard]
      const who = handlingWords[handling[age]]
      const words = distinctWords(sources.filter((one) => one.hazard === hazard).map((one) => one.words))
      return {
        hazard,
        name,
        caution,
        handling: handling[age],
        heading: who ? `${name}, ${who}` : name,
        because: listed(words.slice(0, 4)),
      }
    })
    .sort((a, b) => strictness[a.handling] - strictness[b.handling])
}
