import { onScopeDispose, ref, watch, type Ref } from 'vue'
import type { LessonEvent } from '#shared/types/api'
import { useLesson } from '../stores/lesson'
import { useEntryQueue } from '../stores/entryQueue'
import { useObservations } from '../stores/observations'

const reopenAfter = 2000

/** Opens a lesson and keeps it up to date with every other screen until the page is left. */
export function useLiveLesson(id: Ref<string>) {
  const store = useLesson()
  const queue = useEntryQueue()
  const observations = useObservations()
  const connected = ref(false)
  let source: EventSource | null = null
  let timer: ReturnType<typeof setTimeout> | undefined
  let left = false

  function listen() {
    close()
    // The page may have been left, or another lesson chosen, while this one was on its way.
    if (left || store.lesson?.id !== id.value) return
    source = new EventSource(`/api/lessons/${id.value}/events?after=${store.lesson.seq}`)
    source.onopen = () => {
      connected.value = true
      void queue.flush()
      void observations.flush()
    }
    source.onmessage = (message: MessageEvent<string>) => store.apply(JSON.parse(message.data) as LessonEvent)
    source.onerror = () => {
      connected.value = false
      // The browser tries again by itself, except when the server answered with a refusal.
      if (source?.readyState === EventSource.CLOSED) timer = setTimeout(listen, reopenAfter)
    }
  }

  function close() {
    clearTimeout(timer)
    source?.close()
    source = null
  }

  watch(
    id,
    async (next) => {
      close()
      await store.load(next)
      listen()
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    left = true
    close()
  })
  return { connected }
}
