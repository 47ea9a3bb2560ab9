import { computed, watch } from 'vue'
import { useLesson } from '../stores/lesson'
import { useRoles } from '../stores/roles'

/** Who does what in the open lesson, fetched for the screens that show names. */
export function useLessonRoles() {
  const store = useLesson()
  const roles = useRoles()
  watch(
    () => store.open.id,
    (id) => void roles.load(id),
    { immediate: true },
  )
  const ready = computed(() => roles.loadedFor === store.open.id && roles.data !== null)
  return { store, roles, ready }
}
