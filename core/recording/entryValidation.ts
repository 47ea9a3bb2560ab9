import type { Score } from '../evidence'
import type { QuantityReading } from '../quantity'
import type { Entry, Slot } from '../entries'

/** A hint about a typed value. None of them stops anybody from keeping it; the first thing to do is to look again. */
export interface EntryHint {
  code: 'below-scale' | 'above-scale' | 'between-marks' | 'likely-slip' | 'stands-apart' | 'against-row'
  message: string
  /** What was probably meant, in the unit of what is measured; only where the cause says what the value must be. */
  suggestion: number | null
}

/** What came of an entry: a value with hints, two values that it may be, nothing typed, or text that is no number. */
export type EntryValidation<Value extends number | string = number | string> =
  | { state: 'empty' }
  | { state: 'unreadable'; message: string }
  | { state: 'two-ways'; message: string; readings: QuantityReading[] }
  | { state: 'value'; value: Value; hints: EntryHint[] }

/** Where an entry belongs, what has been read in all other slots that it may be compared with, and what stands in its own row. */
export interface EntryContext {
  slot: Slot
  others: readonly Score[]
  row: readonly Entry[]
  /** Whether the levels are rounds, one after another. */
  inRounds?: boolean
}
