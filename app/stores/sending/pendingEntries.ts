import { entryFromReading, isEntry, isOldReading, type Entry } from '#core/entries'
import { keptInBrowser } from './pendingStore'
import { isObject } from './readKept'

/** An entry with the lesson it belongs to, and why it was refused if it was. */
export interface KeptEntry {
  lessonId: string
  entry: Entry
  message?: string
}

const keptAs = (state: string) =>
  keptInBrowser<KeptEntry>(`jolly-beaker-${state}-`, ({ entry }) => entry.id, understoodEntry)

/** Entries on their way to the server, and those that it has refused. */
export const keptEntries = { waiting: keptAs('waiting'), refused: keptAs('refused') }

/** In the order in which they were made. */
export const byId = (a: KeptEntry, b: KeptEntry) => a.entry.id.localeCompare(b.entry.id)

/** What was kept before entries came has one number under "reading". */
function understoodEntry(kept: unknown): KeptEntry | null {
  if (!isObject(kept) || typeof kept.lessonId !== 'string') return null
  const entry = isOldReading(kept.reading) ? entryFromReading(kept.reading) : kept.entry
  if (!isEntry(entry)) return null
  const { lessonId, message } = kept
  return { lessonId, entry, ...(typeof message === 'string' ? { message } : {}) }
}
