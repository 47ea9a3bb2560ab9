import { computed } from 'vue'
import { countedOf, wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'

/** What the readings of the open lesson look like; null where the dots of its scores show it all. */
export function usePicture() {
  const store = useLesson()
  const way = computed(() => wayOf(store.plan))
  const counted = computed(() => countedOf(store.entries))
  const picture = computed(() => way.value.picture?.(store.plan, counted.value) ?? null)
  const byDay = computed(() => way.value.dueOn(store.plan, store.days, '') !== null)
  return { counted, picture, byDay }
}
