import type { Remedy, SchoolWays } from '../plan'
import type { AgeBand, VariableWords } from '../class'
import type { CupboardInstrument } from '../instrument'

/** One thing that stands between a plan and a fair test. */
export interface Finding {
  code: string
  /** *mend*: the result would mean nothing; *think*: the result would be weaker. */
  severity: 'mend' | 'think'
  reason: string
  /** Where in the plan the finding belongs, so that a screen can point at it. */
  field: 'question' | 'changed' | 'levels' | 'measured' | 'keptSame' | 'tries'
  remedies: Remedy[]
}

/** What a check needs besides the plan. */
export interface FairContext {
  age: AgeBand
  words: VariableWords
  /** How the school usually works; the usual ways when it has not said. */
  ways?: SchoolWays
  /** The instruments at hand; those that ship when the school has not listed its own. */
  cupboard?: readonly CupboardInstrument[]
}

/**
 * A short text in the words of a label: trimmed and cut, so that a pasted essay cannot fill the screen.
 * @example quoted('  drop height ') // 'drop height'
 */
export function quoted(text: string, most = 32): string {
  const trimmed = text.trim()
  return trimmed.length > most ? `${trimmed.slice(0, most - 1).trimEnd()}…` : trimmed
}
