import { computed } from 'vue'
import { useLesson } from '../stores/lesson'

/** Opens the lesson named in the address of a print view, as it is now. */
export function usePrintLesson() {
  const route = useRoute()
  const store = useLesson()
  const id = computed(() => String(route.params.id))
  void store.load(id.value)
  const ready = computed(() => store.lesson?.id === id.value)
  return { store, ready }
}
