import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { subscribeToLesson } from '../live/subscribeToLesson'
import { useLesson } from '../stores/lesson'
import { useEntryQueue } from '../stores/sending/entryQueue'
import { useObservations } from '../stores/observations'
import { useOutbox } from '../stores/sending/outbox'

/** Milliseconds before a lesson that could not be loaded is asked for again. */
const retryDelay = 5000

/** Opens a lesson and keeps it up to date with every other screen until the page is left. */
export function useLiveLesson(id: Ref<string>) {
  const store = useLesson()
  const queue = useEntryQueue()
  const observations = useObservations()
  const outbox = useOutbox()
  /** Whether the stream was lost and is being reconnected. */
  const lost = ref(false)
  let unsubscribe = () => {}
  let isDisposed = false
  let timer: ReturnType<typeof setTimeout> | undefined

  function subscribe() {
    unsubscribe()
    // The page may have been left, or another lesson opened, while this one was loading.
    if (store.lesson?.id !== id.value) return
    unsubscribe = subscribeToLesson(id.value, store.lesson.cursor, (message) => {
      if (message.kind === 'event') return store.apply(message.event)
      if (message.kind === 'anew') return void open(id.value)
      lost.value = message.kind === 'disconnected'
      if (lost.value) return
      void queue.flush()
      void observations.flush()
      void outbox.flush()
    })
  }

  async function open(next: string) {
    unsubscribe()
    clearTimeout(timer)
    await store.load(next)
    if (isDisposed || next !== id.value) return
    if (store.problem === null) subscribe()
    else timer = setTimeout(() => void open(next), retryDelay)
  }

  watch(id, open, { immediate: true })
  onScopeDispose(() => {
    isDisposed = true
    clearTimeout(timer)
    unsubscribe()
  })
  return { lost }
}
