import type { Reading } from './reading'

/** One step in the journal: a reading and the one that took its place, where there is one. */
export interface HistoryEntry {
  reading: Reading
  supersededBy: Reading | null
}

/**
 * Every reading ever made, the last to arrive first, each with what superseded it: nothing is left out.
 * @param readings in the order of their arrival; the clocks of tablets may be wrong
 * @example readingHistory(readings)[0].supersededBy // null: the newest stands
 */
export function readingHistory(readings: readonly Reading[]): HistoryEntry[] {
  const successor = new Map(
    readings.flatMap((reading) => (reading.supersedes ? [[reading.supersedes, reading] as const] : [])),
  )
  return [...readings]
    .reverse()
    .map((reading) => ({ reading, supersededBy: successor.get(reading.id) ?? null }))
}
