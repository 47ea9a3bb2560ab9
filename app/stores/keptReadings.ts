import type { Reading } from '#core/record'

/** A reading with the lesson it belongs to, and why it was refused if it was. */
export interface KeptReading {
  lessonId: string
  reading: Reading
  message?: string
}

/** Where a reading waits in this browser. */
export type Drawer = 'waiting' | 'refused'

const prefix = 'jolly-beaker'
const keyOf = (drawer: Drawer, id: string) => `${prefix}-${drawer}-${id}`

/**
 * Readings kept in this browser until the server has them. Each has an entry of its own, so that two tabs
 * never write over each other's; a full or forbidden store only costs the safety net, not the lesson.
 */
export const keptReadings = {
  all(drawer: Drawer): KeptReading[] {
    const start = keyOf(drawer, '')
    const found: KeptReading[] = []
    for (let index = 0; index < localStorage.length; index++) {
      const key = localStorage.key(index)!
      if (!key.startsWith(start)) continue
      try {
        found.push(JSON.parse(localStorage.getItem(key)!) as KeptReading)
      } catch {
        localStorage.removeItem(key)
      }
    }
    return found.sort((a, b) => a.reading.id.localeCompare(b.reading.id))
  },
  put(drawer: Drawer, kept: KeptReading): void {
    try {
      localStorage.setItem(keyOf(drawer, kept.reading.id), JSON.stringify(kept))
    } catch (error) {
      console.error('This browser keeps no copy of unsent readings:', error)
    }
  },
  remove(drawer: Drawer, id: string): void {
    localStorage.removeItem(keyOf(drawer, id))
  },
}
