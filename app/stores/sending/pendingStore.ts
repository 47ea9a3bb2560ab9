import { browserStore } from './browserStore'
import { keptVersion, parsed, readKept } from './readKept'
import { storageFailed } from './storageFailed'

/**
 * Things kept in this browser until the server has them, each by itself, so that two tabs never write over each other's. A full or
 * forbidden store only costs the safety net, not the lesson.
 * @param start what their names in the browser begin with
 * @param nameOf the rest of the name of one of them
 * @param understood one as it was kept, also by an earlier version; null where it cannot be understood
 */
export function pendingStore<Kept extends object>(
  start: string,
  nameOf: (kept: Kept) => string,
  understood: (kept: unknown) => Kept | null,
) {
  return {
    all: (): Kept[] => readKept(start, understood),
    /** @returns whether this browser keeps it */
    put(kept: Kept): boolean {
      const { store, lasts } = browserStore()
      try {
        store.setItem(start + nameOf(kept), JSON.stringify({ version: keptVersion, ...kept }))
        storageFailed.value = !lasts
        return lasts
      } catch (error) {
        storageFailed.value = true
        console.error('This browser keeps no copy of what was not sent:', error)
        return false
      }
    },
    /** As it is kept now; another tab may have put another in its place. */
    find(kept: Kept): Kept | null {
      const text = browserStore().store.getItem(start + nameOf(kept))
      return text === null ? null : understood(parsed(text))
    },
    remove: (kept: Kept): void => browserStore().store.removeItem(start + nameOf(kept)),
  }
}
