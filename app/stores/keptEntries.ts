import { entryFromReading, isEntry, isOldReading, type Entry } from '#core/record'
import { isObject, keptVersion, readKept } from './readKept'

/** An entry with the lesson it belongs to, and why it was refused if it was. */
export interface KeptEntry {
  lessonId: string
  entry: Entry
  message?: string
}

/** Where an entry waits in this browser. */
export type Drawer = 'waiting' | 'refused'

const prefix = 'jolly-beaker'
const keyOf = (drawer: Drawer, id: string) => `${prefix}-${drawer}-${id}`

/**
 * Entries kept in this browser until the server has them. Each is kept by itself, so that two tabs
 * never write over each other's; a full or forbidden store only costs the safety net, not the lesson.
 */
export const keptEntries = {
  all(drawer: Drawer): KeptEntry[] {
    return readKept(keyOf(drawer, ''), understoodEntry).sort((a, b) => a.entry.id.localeCompare(b.entry.id))
  },
  put(drawer: Drawer, kept: KeptEntry): void {
    try {
      localStorage.setItem(keyOf(drawer, kept.entry.id), JSON.stringify({ version: keptVersion, ...kept }))
    } catch (error) {
      console.error('This browser keeps no copy of unsent entries:', error)
    }
  },
  remove(drawer: Drawer, id: string): void {
    localStorage.removeItem(keyOf(drawer, id))
  },
}

/** What was kept before entries came has one number under "reading". */
function understoodEntry(kept: unknown): KeptEntry | null {
  if (!isObject(kept) || typeof kept.lessonId !== 'string') return null
  const entry = isOldReading(kept.reading) ? entryFromReading(kept.reading) : kept.entry
  if (!isEntry(entry)) return null
  const { lessonId, message } = kept
  return { lessonId, entry, ...(typeof message === 'string' ? { message } : {}) }
}
