import { createStore, del, set, values } from 'idb-keyval'
import type { ObservationInput } from '#shared/types/api'
import { isObject } from './readKept'
import { storageFailed } from './storageFailed'

/** An observation with the lesson it belongs to, and why it was refused if it was. */
export interface PendingObservation {
  id: string
  lessonId: string
  input: ObservationInput
  message?: string
}

const openStore = () => createStore('jolly-beaker-observations', 'kept')
let opened: ReturnType<typeof openStore> | null = null
const store = () => (opened ??= openStore())

/**
 * Observations kept in this browser until the server has them; photos are too large for where entries wait. A full or forbidden store
 * only costs the safety net, not the lesson.
 */
export const pendingObservations = {
  async all(): Promise<PendingObservation[]> {
    const kept = await orWarn(() => values<unknown>(store()))
    // What cannot be understood stays where it is: it must not keep the page from opening.
    return (kept ?? []).filter(isKeptObservation).sort((a, b) => a.id.localeCompare(b.id))
  },
  async put(kept: PendingObservation): Promise<void> {
    await orWarn(async () => {
      await set(kept.id, kept, store())
      storageFailed.value = false
    })
  },
  async remove(id: string): Promise<void> {
    await orWarn(() => del(id, store()))
  },
}

/** A browser may have no store at all, forbid it, or have no room in it. */
async function orWarn<T>(act: () => Promise<T>): Promise<T | undefined> {
  try {
    return await act()
  } catch (error) {
    storageFailed.value = true
    console.error('This browser keeps no copy of unsent observations:', error)
    return undefined
  }
}

function isKeptObservation(kept: unknown): kept is PendingObservation {
  if (!isObject(kept) || !isObject(kept.input)) return false
  const { kind, text } = kept.input
  return [kept.id, kept.lessonId, kind, text].every((one) => typeof one === 'string')
}
