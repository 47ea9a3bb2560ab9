import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Entry } from '#core/entries'
import { request, RequestProblem } from '~/api/request'
import { byId, pendingEntries, type PendingEntry } from './pendingEntries'
import { sender } from './sender'

/** An entry that the server would not take, with its words why. */
export type RefusedEntry = PendingEntry & { message: string }

const retryHeldAfter = 5000
const atOnce = 400
/** A server that failed at so many fails at all: the rest is not tried now. */
const failsAtAll = 3

/**
 * Entries on their way to the server. They are kept in the browser until the server has them, so that a
 * lost connection or a closed lid loses nothing; sending one twice is harmless.
 */
export const useEntryQueue = defineStore('entryQueue', () => {
  const waiting = ref<PendingEntry[]>(pendingEntries.waiting.all().sort(byId))
  const refused = ref<RefusedEntry[]>(
    pendingEntries.refused
      .all()
      .sort(byId)
      .map((kept) => ({ message: '', ...kept })),
  )
  /** Lessons whose entries wait for somebody, and what they wait for. */
  const held = ref<ReadonlySet<string>>(new Set())
  const heldBecause = ref('')
  const { offline, flush } = sender({
    waiting: () => waiting.value.filter(({ lessonId }) => !held.value.has(lessonId)),
    deliver,
    begins: () => (held.value = new Set()),
    ended: askForHeld,
  })

  let asking: ReturnType<typeof setTimeout> | undefined
  /** What waits for somebody is asked for now and then, whether or not anybody says that it may come; once, however much waits. */
  function askForHeld(): void {
    clearTimeout(asking)
    if (held.value.size > 0) asking = setTimeout(() => void flush(), retryHeldAfter)
  }

  const count = computed(() => waiting.value.length)

  function add(lessonId: string, entries: Entry[]) {
    const fresh = entries.map((entry) => ({ lessonId, entry }))
    for (const one of fresh) pendingEntries.waiting.put(one)
    waiting.value = [...waiting.value, ...fresh]
    void flush()
  }

  /** Sends one with as many others of its lesson as go together. */
  async function deliver({ lessonId }: PendingEntry): Promise<PendingEntry[]> {
    const batch = waiting.value.filter((one) => one.lessonId === lessonId).slice(0, atOnce)
    await send(lessonId, batch)
    return batch
  }

  /**
   * Sends entries of one lesson together. One that is refused must not hold up the others, and neither may one that the server fails at:
   * they are then sent one by one, and what fails by itself waits for the next time.
   * @returns how many the server failed at
   */
  async function send(lessonId: string, batch: PendingEntry[]): Promise<number> {
    try {
      await request('POST', '/api/lessons/:id/entries', {
        params: { id: lessonId },
        body: { entries: batch.map((one) => one.entry) },
      })
      delivered.value = [...delivered.value.slice(-atOnce), ...batch]
      leave(batch)
      return 0
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.problem.code === 'waits') hold(lessonId, error.message)
      else if (batch.length > 1) {
        let failed = 0
        for (const one of batch) if (failed < failsAtAll) failed += await send(lessonId, [one])
        return failed
      } else if (error.passes) return 1
      else refuse(batch[0]!, error.message)
      return 0
    }
  }

  /** What the server will never take as it is stays here, with the reason, until somebody has decided. */
  function refuse(one: PendingEntry, message: string) {
    const kept = { ...one, message }
    pendingEntries.refused.put(kept)
    refused.value = [...refused.value, kept]
    leave([one])
  }

  /** Nothing is wrong with these: they stay until somebody has done what they wait for. */
  function hold(lessonId: string, message: string) {
    held.value = new Set([...held.value, lessonId])
    heldBecause.value = message
  }

  function leave(batch: PendingEntry[]) {
    const gone = new Set(batch.map((one) => one.entry.id))
    for (const one of batch) pendingEntries.waiting.remove(one)
    waiting.value = waiting.value.filter((one) => !gone.has(one.entry.id))
  }

  /** Sent and taken, but perhaps not yet heard back through the live stream. */
  const delivered = ref<PendingEntry[]>([])

  function dismiss(one: RefusedEntry) {
    pendingEntries.refused.remove(one)
    refused.value = refused.value.filter(({ entry }) => entry.id !== one.entry.id)
  }

  /** A lesson's entries with those that are still on their way. */
  function withWaiting(lessonId: string, entries: Entry[]): Entry[] {
    const known = new Set(entries.map((entry) => entry.id))
    const extra = [...delivered.value, ...waiting.value]
      .filter((one) => one.lessonId === lessonId && !known.has(one.entry.id))
      .map((one) => one.entry)
    return extra.length === 0 ? entries : [...entries, ...extra]
  }

  return { waiting, refused, offline, held, heldBecause, count, send: add, flush, dismiss, withWaiting }
})
