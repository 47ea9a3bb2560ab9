import { computed } from 'vue'
import { useLesson } from '../stores/lesson'
import { useServerClock } from './useServerClock'

/** A race that nobody has run for so long is over, in ms. */
const forgottenAfter = 20 * 60 * 1000

/** The moment at which all stopwatches start together, and the count down to it. */
export function useRaceStart() {
  const store = useLesson()
  const { now, here } = useServerClock()
  const raceAt = computed(() => {
    const at = store.lesson?.clock?.raceAt ?? null
    return at !== null && now.value - at < forgottenAfter ? at : null
  })
  /** The same moment by this device's own clock. */
  const raceHere = computed(() => (raceAt.value === null ? null : here(raceAt.value)))
  return { raceAt, raceHere, here }
}
