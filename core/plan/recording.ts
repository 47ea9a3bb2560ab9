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

/** The ways whose score is a change, from what there was to what there is. */
export type ChangeRecording =
  /** `moments` in order; `stand` says whether each container is done before the next, or all are read before any is read again. */
  | ({ kind: 'before-after'; moments: string[]; stand: 'in-turn' | 'side-by-side' } & Changing)
  | ({ kind: 'parts-whole'; parts: string[] } & Changing)

interface Scored {
  score: SeriesScore
  /** The value to be reached, in the unit measured. */
  target?: number
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
  | { kind: 'race' | 'pairs' | 'rounds' }
  /** `positions` where a container is read at more than one place, such as top and bottom. */
  | ({ kind: 'intervals'; minutes: number[]; positions?: string[] } & Scored)
  | ({ kind: 'daily'; days: number } & Scored)
  | WordsRecording

/** How a plan of an earlier version said how readings are taken, where it says it otherwise now. */
export type OldRecording =
  | { kind: 'intervals'; everyMinutes: number; times: number }
  | { kind: 'daily'; days: number; score?: undefined }
  | { kind: 'before-after' }
  | { kind: 'parts-whole' }
  | { kind: 'word-scale'; words: string[]; seen?: undefined }

/**
 * Words that are seen once, with what the other answers would need.
 * @example seenOnce(['shiny', 'rusty']).awaited // 'rusty'
 */
export const seenOnce = (words: readonly string[]): Omit<WordsRecording, 'kind' | 'words'> => ({
  seen: 'once',
  minutes: [0, 5, 10],
  days: 5,
  score: 'end',
  awaited: words.at(-1) ?? '',
})

/**
 * Whether something from outside says how readings are taken as an earlier version did.
 * @example isOldRecording({ kind: 'daily', days: 10 }) // true
 */
export function isOldRecording(from: unknown): from is OldRecording {
  if (typeof from !== 'object' || from === null || !('kind' in from)) return false
  const whole = (name: string) => Number.isInteger((from as Record<string, unknown>)[name])
  if (from.kind === 'daily') return whole('days') && !('score' in from)
  if (from.kind === 'word-scale') return 'words' in from && Array.isArray(from.words) && !('seen' in from)
  if (from.kind === 'before-after' || from.kind === 'parts-whole') return Object.keys(from).length === 1
  return from.kind === 'intervals' && whole('everyMinutes') && whole('times')
}

/**
 * What an older version said, as it is said now: the first reading at the start, then as many as were planned. The number that was
 * worked out by hand then was the total change, or the last reading.
 * @example fromOldRecording({ kind: 'intervals', everyMinutes: 5, times: 2 }) // { kind: 'intervals', minutes: [0, 5, 10], score: 'lost' }
 */
export function fromOldRecording(old: OldRecording): Recording {
  // The change was after less before, and the whole less its parts.
  const changing = { change: 'gained', compare: 'amount', container: 'none' } as const
  switch (old.kind) {
    case 'word-scale': {
      const { kind, words } = old
      return { kind, words, ...seenOnce(words) }
    }
    case 'daily':
      return { kind: 'daily', days: old.days, score: 'end' }
    case 'before-after':
      return { kind: 'before-after', moments: ['before', 'after'], stand: 'in-turn', ...changing }
    case 'parts-whole':
      return { kind: 'parts-whole', parts: ['first part', 'second part'], ...changing }
    case 'intervals': {
      const times = Math.min(30, Math.max(2, old.times + 1))
      const minutes = Array.from({ length: times }, (_, index) => index * old.everyMinutes)
      return { kind: 'intervals', minutes, score: 'lost' }
    }
  }
}
