import type { VariationStatement } from './variation/variationStatement'
import type { Claim } from '../conclusion'

/** What a sentence says, as far as it can be judged. */
export type Statement =
  /** Parts of a claim; negated, that it is not so. */
  | {
      kind: 'claim'
      subject: Claim['subject']
      comparison: Claim['comparison']
      /** Levels by their places in the order of comparison. */
      places: number[]
      negated: boolean
      /** By how much, of a pair; null where nobody said. */
      amount: number | null
      /** Said of one thing alone, so that nobody knows beside what. */
      loose: boolean
    }
  /** What is changed matters, or does not. */
  | { kind: 'matters'; negated: boolean }
  /** A level never got there. */
  | { kind: 'never'; places: number[] }
  /** Something is said of one setting that was tried many times. */
  | { kind: 'variation'; said: VariationStatement }
  /** The class says that it cannot tell. */
  | { kind: 'unsure' }
