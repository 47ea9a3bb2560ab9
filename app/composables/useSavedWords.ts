import { computed, type ComputedRef } from 'vue'
import { useLesson } from '../stores/lesson'
import { useObservations } from '../stores/observations'
import { usePack } from '../stores/pack'
import { useEntryQueue } from '../stores/sending/entryQueue'
import { useOutbox } from '../stores/sending/outbox'

/** Whether the server has all that was done on this Desk: readings, observations, predictions, notes, ticks, plan, conclusion and clock. */
export function useSavedWords(): ComputedRef<string> {
  const lesson = useLesson()
  const [entries, observations, acts, pack] = [useEntryQueue(), useObservations(), useOutbox(), usePack()]
  return computed(() => {
    if (entries.held.has(lesson.open.id)) return `${entries.count} waiting for Safe`
    const queues = [
      { waiting: entries.count, isCut: entries.offline },
      { waiting: observations.waiting.length, isCut: observations.offline },
      { waiting: acts.waiting.length, isCut: acts.offline },
      { waiting: pack.pending.length, isCut: pack.offline },
    ]
    const cut = queues.reduce((sum, { waiting, isCut }) => sum + (isCut ? waiting : 0), 0)
    if (cut > 0) return `${cut} waiting for the connection`
    if (lesson.saving === 'refused') return 'not saved'
    const isWaiting = queues.some(({ waiting }) => waiting > 0)
    return isWaiting || lesson.pressing || lesson.saving === 'waiting' ? 'saving…' : 'saved'
  })
}
