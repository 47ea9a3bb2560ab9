import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Entry } from '#core/record'
import { request, RequestProblem } from '../api/request'
import { backingOff } from './backingOff'
import { keptEntries, type KeptEntry } from './keptEntries'

/** An entry that the server would not take, with its words why. */
export type RefusedEntry = KeptEntry & { message: string }

const retryHeldAfter = 5000
const atOnce = 400
/** A server that failed at so many fails at all: the rest is not tried now. */
const failsAtAll = 3

/**
 * Entries on their way to the server. They are kept in the browser until the server has them, so that a
 * lost connection or a closed lid loses nothing; sending one twice is harmless.
 */
export const useEntryQueue = defineStore('entryQueue', () => {
  const waiting = ref<KeptEntry[]>(keptEntries.all('waiting'))
  const refused = ref<RefusedEntry[]>(keptEntries.all('refused').map((kept) => ({ message: '', ...kept })))
  /** Whether what waits does not get through: no answer comes, or the server fails at it. */
  const offline = ref(false)
  /** Lessons whose entries wait for somebody, and what they wait for. */
  const held = ref<ReadonlySet<string>>(new Set())
  const heldBecause = ref('')
  let busy = false
  const retry = backingOff(() => void flush())

  const count = computed(() => waiting.value.length)

  function add(lessonId: string, entries: Entry[]) {
    const fresh = entries.map((entry) => ({ lessonId, entry }))
    for (const one of fresh) keptEntries.put('waiting', one)
    waiting.value = [...waiting.value, ...fresh]
    void flush()
  }

  async function flush(): Promise<void> {
    if (busy) return
    busy = true
    held.value = new Set()
    const failed = new Set<string>()
    const isNext = (one: KeptEntry) => !held.value.has(one.lessonId) && !failed.has(one.entry.id)
    try {
      for (let next = waiting.value.find(isNext); next; next = waiting.value.find(isNext)) {
        const { lessonId } = next
        await send(
          lessonId,
          waiting.value.filter((one) => one.lessonId === lessonId && isNext(one)).slice(0, atOnce),
          failed,
        )
      }
      offline.value = failed.size > 0
    } catch {
      offline.value = true
    } finally {
      busy = false
    }
    if (offline.value) return retry.again()
    retry.well()
    if (held.value.size > 0) setTimeout(() => void flush(), retryHeldAfter)
  }

  /**
   * Sends entries of one lesson together. One that is refused must not hold up the others, and neither may one that the server fails at:
   * they are then sent one by one, and what fails by itself waits for the next time.
   */
  async function send(lessonId: string, batch: KeptEntry[], failed: Set<string>): Promise<void> {
    try {
      await request('POST', '/api/lessons/:id/entries', {
        params: { id: lessonId },
        body: { entries: batch.map((one) => one.entry) },
      })
      delivered.value = [...delivered.value.slice(-atOnce), ...batch]
      leave(batch)
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.problem.code === 'waits') return hold(lessonId, error.message)
      if (batch.length > 1)
        for (const one of batch)
          if (failed.size < failsAtAll) await send(lessonId, [one], failed)
          else failed.add(one.entry.id)
      else if (error.passes) failed.add(batch[0]!.entry.id)
      else refuse(batch[0]!, error.message)
    }
  }

  /** What the server will never take as it is stays here, with the reason, until somebody has decided. */
  function refuse(one: KeptEntry, message: string) {
    const kept = { ...one, message }
    keptEntries.put('refused', kept)
    refused.value = [...refused.value, kept]
    leave([one])
  }

  /** Nothing is wrong with these: they stay until somebody has done what they wait for. */
  function hold(lessonId: string, message: string) {
    held.value = new Set([...held.value, lessonId])
    heldBecause.value = message
  }

  function leave(batch: KeptEntry[]) {
    const gone = new Set(batch.map((one) => one.entry.id))
    for (const id of gone) keptEntries.remove('waiting', id)
    waiting.value = waiting.value.filter((one) => !gone.has(one.entry.id))
  }

  /** Sent and taken, but perhaps not yet heard back through the live stream. */
  const delivered = ref<KeptEntry[]>([])

  function dismiss(id: string) {
    keptEntries.remove('refused', id)
    refused.value = refused.value.filter((one) => one.entry.id !== id)
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
