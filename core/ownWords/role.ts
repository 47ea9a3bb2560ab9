import type { Degree, Sign } from '../words'

/** What a word, or several together, do in a sentence. */
export type Role =
  /** Levels by their places in the order of comparison. */
  | { kind: 'level'; places: number[] }
  /** A number that is none of the levels, where a level would stand. */
  | { kind: 'untested'; text: string }
  /** "Higher", "most": what it says of what is changed and of what is measured; null where it cannot be said of it. */
  | { kind: 'degree'; degree: Degree; adjective: string; changed: Sign | null; measured: Sign | null }
  /** "High", "long": it compares only beside another. */
  | { kind: 'state'; changed: Sign | null; measured: Sign | null }
  /** "Rose", "shrank". */
  | { kind: 'moves'; changed: Sign | null; measured: Sign | null }
  /** "14 cm", in the unit of what is measured. */
  | { kind: 'amount'; value: number }
  /** All levels that were not named. */
  | { kind: 'others' }
  /** "Each time", "more and more": along the rounds. */
  | { kind: 'along' }
  /** "Mattered", "made a difference". */
  | { kind: 'matters' }
  /** Of all groups, of most, or no more than a thought. */
  | { kind: 'strength'; strength: 'always' | 'mostly' | 'think' }
  /** "Every ball", "proves": further than any test reaches. */
  | { kind: 'reach' }
  /** "We don't know yet." */
  | { kind: 'unsure' }
  /** "Rusted" of a thing that may never have: with a *not* it never got there. */
  | { kind: 'happens' }
  /** A joint of a sentence: "and", "but", "then", or a comma. */
  | { kind: 'joint'; then: boolean }
  /** Says nothing of the result; it may name a level beside which the sides of a thing are compared. */
  | { kind: 'filler'; besides?: number }
  | { kind: 'same' | 'than' | 'as' | 'not' | 'unknown' }

/** One or several words with what they do. */
export interface Piece {
  text: string
  role: Role
}

/** Pieces of one kind. */
export const ofKind = <K extends Role['kind']>(
  pieces: readonly Piece[],
  kind: K,
): Extract<Role, { kind: K }>[] =>
  pieces.flatMap(({ role }) => (role.kind === kind ? [role as Extract<Role, { kind: K }>] : []))
