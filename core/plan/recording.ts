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

/** How readings are taken, with what this way of recording needs to be told. */
export type Recording =
  | { kind: 'measure' | 'count' | 'before-after' | 'parts-whole' | 'race' | 'pairs' | 'rounds' }
  | { kind: 'intervals'; everyMinutes: number; times: number }
  | { kind: 'daily'; days: number }
  | { kind: 'word-scale'; words: string[] }

/** Bounds that keep a recording within a lesson or a term, and its words on one screen. */
export const recordingLimits = { everyMinutes: 60, times: 30, days: 60, words: 8 } as const

interface RecordingWords {
  name: string
  /** What one reading of a try is, said after "Type". */
  oneReading: string
}

const words: Record<RecordingKind, RecordingWords> = {
  measure: { name: 'measure once', oneReading: 'what you read' },
  count: { name: 'count', oneReading: 'how many, a whole number' },
  'before-after': { name: 'before and after', oneReading: 'the change: after less before' },
  'parts-whole': { name: 'parts and the whole', oneReading: 'the whole less the sum of its parts' },
  intervals: { name: 'every few minutes', oneReading: 'the total change at the last reading' },
  daily: { name: 'every day', oneReading: 'the reading of the last day' },
  'word-scale': { name: 'words in order', oneReading: 'the place of its word in the order' },
  race: { name: 'a race', oneReading: 'its finishing place' },
  pairs: { name: 'in pairs', oneReading: 'how many of the others it beats' },
  rounds: { name: 'rounds of redesign', oneReading: 'the best score of the round' },
}

/** Every way of recording, in the order a list offers them. */
export const recordingKinds = Object.keys(words) as RecordingKind[]

/** Ways whose one reading is one number as it is read; for the others somebody still works it out. */
const ownEntries: readonly RecordingKind[] = ['measure', 'count']

/**
 * Whether a way of recording takes what a person sees; a way that does not is offered to no new plan.
 * @example takesOwnEntries('race') // false
 */
export function takesOwnEntries(kind: RecordingKind): boolean {
  return ownEntries.includes(kind)
}

/**
 * What a way of recording is called, and what one of its readings is.
 * @example recordingWords('count').oneReading // 'how many, a whole number'
 */
export function recordingWords(kind: RecordingKind): RecordingWords {
  return words[kind]
}

/**
 * A way of recording with the usual answers to what it needs to be told.
 * @example usualRecording('intervals') // { kind: 'intervals', everyMinutes: 5, times: 5 }
 */
export function usualRecording(kind: RecordingKind): Recording {
  if (kind === 'intervals') return { kind, everyMinutes: 5, times: 5 }
  if (kind === 'daily') return { kind, days: 10 }
  if (kind === 'word-scale') return { kind, words: ['none', 'a little', 'a lot'] }
  return { kind }
}
