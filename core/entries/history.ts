import type { Entry } from './entry'

/** One step in the journal: an entry and what took its place, where something did. */
export interface HistoryStep {
  entry: Entry
  supersededBy: Entry | null
}

/**
 * Every entry ever made, the last to arrive first, each with what superseded it: nothing is left out.
 * @param entries in the order of their arrival; the clocks of tablets may be wrong
 * @example entryHistory(entries)[0].supersededBy // null: the newest stands
 */
export function entryHistory(entries: readonly Entry[]): HistoryStep[] {
  const successor = new Map(
    entries.flatMap((entry) => (entry.supersedes ? [[entry.supersedes, entry] as const] : [])),
  )
  return [...entries].reverse().map((entry) => ({ entry, supersededBy: successor.get(entry.id) ?? null }))
}
