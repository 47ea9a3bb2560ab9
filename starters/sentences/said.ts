import { firstOf, defined } from '#core/defined'
import type { Starter } from '../starter'

/** Whether a sentence is true of what was found, false, or neither: the class's own, which nothing is to be said against. */
export type Truth = 'true' | 'false' | 'neither'

/** A sentence as a class says it. */
export interface Said {
  text: string
  truth: Truth
}

/** What classes say of one starter. */
export interface OwnWords {
  starter: Starter
  /** What was found, level by level in the order of the plan, on the scale of the result; null where it never came. */
  found: readonly (number | null)[]
  /** How far tries of one level lie apart. */
  wobble: number
  /** Written before there were rules; every third was kept back while they were written. */
  sentences: Said[]
  /** Written afterwards, to find what was wrong. */
  later: Said[]
}

const truths: Record<string, Truth> = { T: 'true', F: 'false', '?': 'neither' }

/**
 * Sentences out of lines that begin with T, F or ?.
 * @example said('T Tile was best.') // [{ text: 'Tile was best.', truth: 'true' }]
 */
export const said = (lines: string): Said[] =>
  lines
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line) => ({ truth: defined(truths[firstOf(line)]), text: line.slice(2).trim() }))
