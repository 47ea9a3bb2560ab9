import { computed } from 'vue'
import { stationsOf, testingOf } from '#core/timetable'
import { useLesson } from '../stores/lesson'
import { useClassClock } from './useClassClock'

/** At which station each group is now, by its place, as the clock of the class has it; null where there are none. */
export function useStations() {
  const store = useLesson()
  const { shown } = useClassClock()
  const testing = computed(() =>
    store.lesson && store.plan.whoTests === 'stations' ? testingOf(store.plan, store.timeContext) : null,
  )
  const turn = computed(() => shown.value?.step?.turn ?? null)
  const stations = computed(() =>
    testing.value && turn.value !== null ? stationsOf(store.plan, testing.value, turn.value) : null,
  )
  return { stations }
}
