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
  | { kind: 'count'; seconds?: number }
  | { kind: 'measure' | 'before-after' | 'parts-whole' | 'race' | 'pairs' | 'rounds' }
  | { kind: 'intervals'; everyMinutes: number; times: number }
  | { kind: 'daily'; days: number }
  | { kind: 'word-scale'; words: string[] }
