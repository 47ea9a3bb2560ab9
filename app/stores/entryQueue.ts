import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Entry } from '#core/record'
import { request, RequestProblem } from '../api/request'
import { keptEntries, type KeptEntry } from './keptEntries'

/** An entry that the server would not take, with its words why. */
export type RefusedEntry = KeptEntry & { message: string }

const retryAfter = 2000
const retryHeldAfter = 5000
const atOnce = 400

/**
 * Entries on their way to the server. They are kept in the browser until the server has them, so that a
 * lost connection or a closed lid loses nothing; sending one twice is harmless.
 */
export const useEntryQueue = defineStore('entryQueue', () => {
  const waiting = ref<KeptEntry[]>(keptEntries.all('waiting'))
  const refused = ref<RefusedEntry[]>(keptEntries.all('refused').map((kept) => ({ message: '', ...kept })))
  const offline = ref(false)
  /** Lessons whose entries wait for somebody, and what they wait for. */
  const held = ref<ReadonlySet<string>>(new Set())
  const heldBecause = ref('')
  let busy = false

  const count = computed(() => waiting.value.length)

  function send(lessonId: string, entries: Entry[]) {
    const fresh = entries.map((entry) => ({ lessonId, entry }))
    for (const one of fresh) keptEntries.put('waiting', one)
    waiting.value = [...waiting.value, ...fresh]
    void flush()
  }

  async function flush(): Promise<void> {
    if (busy) return
    busy = true
    try {
      held.value = new Set()
      while (waiting.value.some((one) => !held.value.has(one.lessonId))) await sendNext()
      offline.value = false
      if (held.value.size > 0) setTimeout(() => void flush(), retryHeldAfter)
    } catch {
      offline.value = true
      setTimeout(() => void flush(), retryAfter)
    } finally {
      busy = false
    }
  }

  async function sendNext(): Promise<void> {
    const { lessonId } = waiting.value.find((one) => !held.value.has(one.lessonId))!
    const batch = waiting.value.filter((one) => one.lessonId === lessonId).slice(0, atOnce)
    try {
      await request('POST', `/api/lessons/${lessonId}/entries`, {
        entries: batch.map((one) => one.entry),
      })
      delivered.value = [...delivered.value.slice(-atOnce), ...batch]
      leave(batch)
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.problem.code === 'waits') return hold(lessonId, error.message)
      // One bad entry must not hold up the others: send them one by one to find it.
      for (const one of batch) await sendOne(one)
    }
  }

  async function sendOne(one: KeptEntry): Promise<void> {
    try {
      await request('POST', `/api/lessons/${one.lessonId}/entries`, { entries: [one.entry] })
      delivered.value = [...delivered.value.slice(-atOnce), one]
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.problem.code === 'waits') return hold(one.lessonId, error.message)
      const kept = { ...one, message: error.message }
      keptEntries.put('refused', kept)
      refused.value = [...refused.value, kept]
    }
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

  return { waiting, refused, offline, held, heldBecause, count, send, flush, dismiss, withWaiting }
})
