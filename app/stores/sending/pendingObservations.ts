import { createStore, delMany, set, values } from 'idb-keyval'
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

/** What was refused before it had a name of its own has a message all the same. */
const nameOf = ({ id }: Pick<PendingObservation, 'id'>, isRefused: boolean) =>
  isRefused ? `refused-${id}` : id

/** The observations in this browser that still wait, or those that were refused; photos are too large for where entries wait. */
const storeOf = (isRefused: boolean) => ({
  async all(): Promise<PendingObservation[]> {
    const kept = await orWarn(() => values<unknown>(store()))
    // What cannot be understood stays where it is: it must not keep the page from opening.
    return (kept ?? [])
      .filter(isKeptObservation)
      .filter(({ message }) => (message !== undefined) === isRefused)
      .sort(byId)
  },
  async put(kept: PendingObservation): Promise<void> {
    await orWarn(async () => {
      await set(nameOf(kept, isRefused), kept, store())
      storageFailed.value = false
    })
  },
  async remove(kept: Pick<PendingObservation, 'id'>): Promise<void> {
    await orWarn(() => delMany([kept.id, nameOf(kept, isRefused)], store()))
  },
})

/** Observations on their way to the server, and those that it has refused. A full or forbidden store only costs the safety net. */
export const pendingObservations = { waiting: storeOf(false), refused: storeOf(true) }

/** In the order in which they were made. */
export const byId = (a: PendingObservation, b: PendingObservation) => a.id.localeCompare(b.id)

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
