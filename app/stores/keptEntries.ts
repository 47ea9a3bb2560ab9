import { entryFromReading, isOldReading, type Entry } from '#core/record'

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
    const start = keyOf(drawer, '')
    const found: KeptEntry[] = []
    for (let index = 0; index < localStorage.length; index++) {
      const key = localStorage.key(index)!
      if (!key.startsWith(start)) continue
      try {
        found.push(upgraded(JSON.parse(localStorage.getItem(key)!)))
      } catch {
        localStorage.removeItem(key)
      }
    }
    return found.sort((a, b) => a.entry.id.localeCompare(b.entry.id))
  },
  put(drawer: Drawer, kept: KeptEntry): void {
    try {
      localStorage.setItem(keyOf(drawer, kept.entry.id), JSON.stringify(kept))
    } catch (error) {
      console.error('This browser keeps no copy of unsent entries:', error)
    }
  },
  remove(drawer: Drawer, id: string): void {
    localStorage.removeItem(keyOf(drawer, id))
  },
}

/** What was kept before entries came has one number under "reading". */
function upgraded(kept: KeptEntry | { lessonId: string; reading: unknown; message?: string }): KeptEntry {
  if (!('reading' in kept)) return kept
  const { reading, ...rest } = kept
  if (!isOldReading(reading)) throw new Error('neither an entry nor a reading')
  return { ...rest, entry: entryFromReading(reading) }
}
