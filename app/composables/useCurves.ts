import { computed } from 'vue'
import { wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'

/** The readings over time of the open lesson; null where its way reads nothing over time. */
export function useCurves() {
  const store = useLesson()
  const way = computed(() => wayOf(store.plan))
  const counted = computed(() => [...store.slots.values()].flatMap((state) => state.counted ?? []))
  const curves = computed(() => way.value.curves?.(store.plan, counted.value) ?? null)
  const byDay = computed(() => way.value.dueOn(store.plan, store.days, '') !== null)
  return { counted, curves, byDay }
}
