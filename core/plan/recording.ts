import type { Instrument } from '../instrument'
import type { Unit } from '../quantity'

/** The ten ways of recording. */
export type RecordingKind =
  | 'measure'
  | 'count'
  | 'before-after'
  | 'parts-whole'
  | 'intervals'
  | 'daily'
  | 'word-scale'
  | 'race'
  | 'pairs'
  | 'rounds'

/**
 * What of a row of readings is compared: how much more or less it was at the end than at the start, what it was at the end, how much
 * a minute or a day, or how long it took to reach a value.
 */
export type SeriesScore = 'lost' | 'gained' | 'end' | 'rate' | 'reached'

/**
 * What a change is compared by: how much of it there is, its share of the start, or whichever the starts call for: shares where they
 * differ.
 */
interface Changing {
  change: 'lost' | 'gained'
  compare: 'starts' | 'amount' | 'share'
  /** Whether a container is taken off: not there, zeroed on the balance, or read by itself. */
  container: 'none' | 'zeroed' | 'weighed'
}

/** What is read of the same things besides what is compared: their mass beside their volume. */
export interface SecondMeasure {
  name: string
  unit: Unit
  instrument: Instrument
}

/** The ways whose score is a change, from what there was to what there is. */
export type ChangeRecording =
  /**
   * `moments` in order; `stand` says whether each container is done before the next, or all are read before any is read again; `later`, how
   * many days after the others the last moment is, where that is not in the same lesson.
   */
  | ({
      kind: 'before-after'
      moments: string[]
      stand: 'in-turn' | 'side-by-side'
      later?: number
    } & Changing)
  /** `whole` is what all together is called, where it is not called so. */
  | ({ kind: 'parts-whole'; parts: string[]; whole?: string; second?: SecondMeasure } & Changing)

interface Scored {
  score: SeriesScore
  /** The value to be reached, in the unit measured. */
  target?: number
  /** Where a container is read at more than one place, such as top and bottom. */
  positions?: string[]
}

/**
 * Words in order, from first to last, seen once, at set minutes or on school days; what counts is how far it got at the end, or how soon
 * it came to a word.
 */
export interface WordsRecording {
  kind: 'word-scale'
  words: string[]
  seen: 'once' | 'minutes' | 'days'
  minutes: number[]
  days: number
  /** How many days lie from one look to the next, where it is not looked at on school days one after another. */
  every?: number
  score: 'end' | 'reached'
  /** The word that is waited for. */
  awaited: string
}

/** How readings are taken, with what this way of recording needs to be told. */
export type Recording =
  | { kind: 'count'; seconds?: number }
  /** `was` where the number of an older way was worked out by hand. */
  | { kind: 'measure'; was?: RecordingKind }
  | ChangeRecording
  | { kind: 'race' | 'pairs' }
  /** `target` where there is something to reach, in the unit measured. */
  | { kind: 'rounds'; target?: number }
  | ({ kind: 'intervals'; minutes: number[] } & Scored)
  /** `every`, how many days lie from one reading to the next, where it is not read on school days one after another. */
  | ({ kind: 'daily'; days: number; every?: number } & Scored)
  | WordsRecording
