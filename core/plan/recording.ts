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

interface Scored {
  score: SeriesScore
  /** The value to be reached, in the unit measured. */
  target?: number
}

/** How readings are taken, with what this way of recording needs to be told. */
export type Recording =
  | { kind: 'count'; seconds?: number }
  /** `was` where the number of an older way was worked out by hand. */
  | { kind: 'measure'; was?: RecordingKind }
  | { kind: 'before-after' | 'parts-whole' | 'race' | 'pairs' | 'rounds' }
  /** `positions` where a container is read at more than one place, such as top and bottom. */
  | ({ kind: 'intervals'; minutes: number[]; positions?: string[] } & Scored)
  | ({ kind: 'daily'; days: number } & Scored)
  | { kind: 'word-scale'; words: string[] }

/** How a plan of an earlier version said that readings are taken every few minutes, or every day. */
export type OldRecording =
  | { kind: 'intervals'; everyMinutes: number; times: number }
  | { kind: 'daily'; days: number; score?: undefined }

/**
 * Whether something from outside says how readings are taken as an earlier version did.
 * @example isOldRecording({ kind: 'daily', days: 10 }) // true
 */
export function isOldRecording(from: unknown): from is OldRecording {
  if (typeof from !== 'object' || from === null || !('kind' in from)) return false
  const whole = (name: string) => Number.isInteger((from as Record<string, unknown>)[name])
  if (from.kind === 'daily') return whole('days') && !('score' in from)
  return from.kind === 'intervals' && whole('everyMinutes') && whole('times')
}

/**
 * What an older version said, as it is said now: the first reading at the start, then as many as were planned. The number that was
 * worked out by hand then was the total change, or the last reading.
 * @example fromOldRecording({ kind: 'intervals', everyMinutes: 5, times: 2 }) // { kind: 'intervals', minutes: [0, 5, 10], score: 'lost' }
 */
export function fromOldRecording(old: OldRecording): Recording {
  if (old.kind === 'daily') return { kind: 'daily', days: old.days, score: 'end' }
  const times = Math.min(30, Math.max(2, old.times + 1))
  const minutes = Array.from({ length: times }, (_, index) => index * old.everyMinutes)
  return { kind: 'intervals', minutes, score: 'lost' }
}
