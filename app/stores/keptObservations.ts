import { createStore, del, set, values } from 'idb-keyval'
import type { ObservationInput } from '#shared/types/api'

/** An observation with the lesson it belongs to, and why it was refused if it was. */
export interface KeptObservation {
  id: string
  lessonId: string
  input: ObservationInput
  message?: string
}

const drawer = () => createStore('jolly-beaker-observations', 'kept')
let opened: ReturnType<typeof drawer> | null = null
const store = () => (opened ??= drawer())

/**
 * Observations kept in this browser until the server has them; photos are too large for where entries wait. A full or forbidden store
 * only costs the safety net, not the lesson.
 */
export const keptObservations = {
  async all(): Promise<KeptObservation[]> {
    const kept = await values<KeptObservation>(store()).catch(warn)
    return (kept ?? []).sort((a, b) => a.id.localeCompare(b.id))
  },
  async put(kept: KeptObservation): Promise<void> {
    await set(kept.id, kept, store()).catch(warn)
  },
  async remove(id: string): Promise<void> {
    await del(id, store()).catch(warn)
  },
}

function warn(error: unknown): undefined {
  console.error('This browser keeps no copy of unsent observations:', error)
}
