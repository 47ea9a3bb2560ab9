import type { CupboardInstrument } from '../instrument'
import type { Finding } from '../fair'
import type { Plan, SchoolWays } from '../plan'
import type { AgeBand, Vocabulary } from '../class'
import type { Unit } from '../quantity'

/** Which part of the plan a word of its paragraph stands for. */
export type WordId =
  | 'aim'
  | 'changed'
  | 'levels'
  | 'comparison'
  | 'again'
  | 'way'
  | 'measured'
  | 'changedMore'
  | 'changedLess'
  | 'measuredMore'
  | 'measuredLess'
  | 'unit'
  | 'instrument'
  | 'rounding'
  | 'best'
  | 'whoTests'
  | 'tries'
  | 'practiceTries'
  | 'levelOrder'
  | 'summary'
  | 'workOut'
  | 'sumUp'
  | 'keptSame'
  | 'predictor'
  | 'format'
  | 'numberMoment'
  | 'numberLevel'
  | 'because'
  | `option-${string}`

/** One thing that a word may be changed to. */
export interface WordChoice {
  text: string
  current: boolean
  apply: (plan: Plan) => Plan
}

/** How a word is changed: chosen from a list, typed, or, where one line is not enough, on a panel of its own. */
export type WordEdit =
  | { kind: 'choice'; choices: WordChoice[]; panel?: 'marks' }
  | {
      kind: 'text'
      value: string
      most: number
      placeholder: string
      put: (plan: Plan, text: string) => Plan
      /** Why a text cannot be taken, and what to type instead. */
      problem?: (text: string) => string | null
    }
  | {
      kind: 'number'
      value: number | null
      unit: Unit
      whole: boolean
      least: number
      greatest: number
      /** Said behind the number in place of the unit's own sign. */
      suffix?: string
      optional: boolean
      put: (plan: Plan, value: number | null) => Plan
    }
  | { kind: 'levels' }
  | { kind: 'keptSame' }

/** One word, or a few together, that can be changed. */
export interface MethodWord {
  id: WordId
  /** What it stands for: "We change". */
  label: string
  text: string
  /** Whether it was chosen for this lesson; else it is what is usual for the school and the age. */
  chosen: boolean
  /** Whether the printed method leaves it out, since it says nothing yet or nothing that matters. */
  silent: boolean
  edit: WordEdit
}

/** A sentence, cut into plain text and words that can be changed. */
export type MethodSentence = (string | MethodWord)[]

/** What the paragraph needs besides the plan. */
export interface MethodContext {
  age: AgeBand
  vocabulary: Vocabulary
  /** How the school usually works. */
  ways: SchoolWays
  /** The instruments at hand. */
  cupboard: readonly CupboardInstrument[]
}

const wordOfCode: [RegExp, WordId][] = [
  [/^same-order$/, 'levelOrder'],
  [/^(?:wrong-instrument|off-the-scale|finer-than-a-mark)$/, 'instrument'],
]
const wordOfField: Record<Finding['field'], WordId> = {
  question: 'best',
  changed: 'changed',
  levels: 'levels',
  measured: 'measured',
  keptSame: 'keptSame',
  tries: 'tries',
}

/**
 * The word of the paragraph that a finding stumbles over.
 * @example wordOfFinding({ code: 'same-order', field: 'levels' }) // 'levelOrder'
 */
export function wordOfFinding({ code, field }: Pick<Finding, 'code' | 'field'>): WordId {
  return wordOfCode.find(([about]) => about.test(code))?.[1] ?? wordOfField[field]
}

/** A word with its usual looks, so that each clause says only what is its own. */
export function word(
  id: WordId,
  label: string,
  text: string,
  edit: WordEdit,
  { chosen = true, silent = false }: Partial<Pick<MethodWord, 'chosen' | 'silent'>> = {},
): MethodWord {
  return { id, label, text, chosen, silent, edit }
}

/** A choice among values of one field of the plan, with the words of each. */
export function choiceOf<T>(
  current: T,
  texts: readonly (readonly [value: T, text: string])[],
  put: (plan: Plan, value: T) => Plan,
): Extract<WordEdit, { kind: 'choice' }> {
  return {
    kind: 'choice',
    choices: texts.map(([value, text]) => ({
      text,
      current: value === current,
      apply: (plan) => put(plan, value),
    })),
  }
}
