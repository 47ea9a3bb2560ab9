import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { hearLesson } from '../live/subscribeToLesson'
import { useLesson } from '../stores/lesson'
import { useEntryQueue } from '../stores/sending/entryQueue'
import { useObservations } from '../stores/observations'
import { useOutbox } from '../stores/sending/outbox'

const askAgainAfter = 5000

/** Opens a lesson and keeps it up to date with every other screen until the page is left. */
export function useLiveLesson(id: Ref<string>) {
  const store = useLesson()
  const queue = useEntryQueue()
  const observations = useObservations()
  const outbox = useOutbox()
  /** Whether the stream was lost and is being reconnected. */
  const lost = ref(false)
  let leave = () => {}
  let left = false
  let timer: ReturnType<typeof setTimeout> | undefined

  function hear() {
    leave()
    // The page may have been left, or another lesson chosen, while this one was on its way.
    if (store.lesson?.id !== id.value) return
    leave = hearLesson(id.value, store.lesson.cursor, (news) => {
      if (news.kind === 'event') return store.apply(news.event)
      if (news.kind === 'anew') return void open(id.value)
      lost.value = news.kind === 'disconnected'
      if (lost.value) return
      void queue.flush()
      void observations.flush()
      void outbox.flush()
    })
  }

  async function open(next: string) {
    leave()
    clearTimeout(timer)
    await store.load(next)
    if (left || next !== id.value) return
    // Nothing can be heard on from what is not there; it is asked for again until it is.
    if (store.problem === null) hear()
    else timer = setTimeout(() => void open(next), askAgainAfter)
  }

  watch(id, open, { immediate: true })
  onScopeDispose(() => {
    left = true
    clearTimeout(timer)
    leave()
  })
  return { lost }
}
