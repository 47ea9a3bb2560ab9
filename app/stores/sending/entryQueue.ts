import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Entry } from '#core/entries'
import { request } from '~/api/request'
import { byId, pendingEntries, type PendingEntry } from './pendingEntries'
import { sendingQueue, type Refused } from './sendingQueue'

/** An entry that the server would not take, with its words why. */
export type RefusedEntry = Refused<PendingEntry>

const atOnce = 400

/** Entries on their way to the server. */
export const useEntryQueue = defineStore('entryQueue', () => {
  /** Sent and taken, but perhaps not yet heard back through the live stream. */
  const delivered = shallowRef<PendingEntry[]>([])
  const { add, ...queue } = sendingQueue<PendingEntry>({
    waiting: pendingEntries.waiting,
    refusedStore: pendingEntries.refused,
    keyOf: ({ entry }) => entry.id,
    lessonOf: ({ lessonId }) => lessonId,
    inOrder: byId,
    atOnce,
    send: (id, items) =>
      request('POST', '/api/lessons/:id/entries', {
        params: { id },
        body: { entries: items.map((one) => one.entry) },
      }),
    taken: (_lessonId, items) => (delivered.value = [...delivered.value.slice(-atOnce), ...items]),
  })
  const count = computed(() => queue.waiting.value.length)

  const send = (lessonId: string, entries: Entry[]): void =>
    void add(...entries.map((entry) => ({ lessonId, entry })))

  /** A lesson's entries with those that are still on their way. */
  function withWaiting(lessonId: string, entries: Entry[]): Entry[] {
    const known = new Set(entries.map((entry) => entry.id))
    const extra = [...delivered.value, ...queue.waiting.value]
      .filter((one) => one.lessonId === lessonId && !known.has(one.entry.id))
      .map((one) => one.entry)
    return extra.length === 0 ? entries : [...entries, ...extra]
  }

  return { ...queue, delivered, count, send, withWaiting }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useEntryQueue, import.meta.hot))
