import { computed } from 'vue'
import { wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'

/**
 * What the readings of the open lesson look like; null where the dots of its scores show it all.
 * @param quantity which of the quantities that are read, by its place; the first is the one that is compared
 */
export function usePicture(quantity: () => number = () => 0) {
  const store = useLesson()
  const way = computed(() => wayOf(store.plan))
  const counted = computed(() => store.counted)
  const quantities = computed(() => way.value.quantities(store.plan))
  /** The plan as that quantity is read. */
  const plan = computed(() => quantities.value[quantity()] ?? store.plan)
  const picture = computed(() => way.value.picture?.(plan.value, counted.value) ?? null)
  const byDay = computed(() => way.value.momentsDue(store.plan, store.days, '') !== null)
  return { counted, quantities, plan, picture, byDay }
}
