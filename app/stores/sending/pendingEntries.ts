import { entryFromReading, isEntry, isOldReading, type Entry } from '#core/entries'
import { pendingStore } from './pendingStore'
import { isObject } from './readKept'

/** An entry with the lesson it belongs to, and why it was refused if it was. */
export interface PendingEntry {
  lessonId: string
  entry: Entry
  message?: string
}

const storeFor = (state: string) =>
  pendingStore<PendingEntry>(`jolly-beaker-${state}-`, ({ entry }) => entry.id, understoodEntry)

/** Entries on their way to the server, and those that it has refused. */
export const pendingEntries = { waiting: storeFor('waiting'), refused: storeFor('refused') }

/** In the order in which they were made. */
export const byId = (a: PendingEntry, b: PendingEntry) => a.entry.id.localeCompare(b.entry.id)

/** What was kept before entries came has one number under "reading". */
function understoodEntry(kept: unknown): PendingEntry | null {
  if (!isObject(kept) || typeof kept.lessonId !== 'string') return null
  const entry = isOldReading(kept.reading) ? entryFromReading(kept.reading) : kept.entry
  if (!isEntry(entry)) return null
  const { lessonId, message } = kept
  return { lessonId, entry, ...(typeof message === 'string' ? { message } : {}) }
}
