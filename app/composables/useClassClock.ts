import { computed } from 'vue'
import { clockNow } from '#core/timetable'
import { useLesson } from '../stores/lesson'
import { shortTime } from '../words/dates'
import { clockWords } from './useRunningTimes'
import { useServerClock } from './useServerClock'

/** The clock of the class as every screen shows it, by the server's time. */
export function useClassClock() {
  const store = useLesson()
  const { now, read } = useServerClock()
  const clock = computed(() => store.lesson?.clock ?? null)
  const shown = computed(() => (clock.value ? clockNow(clock.value, now.value) : null))
  const isOn = computed(
    () => shown.value !== null && ['running', 'paused', 'left'].includes(shown.value.state),
  )
  /** "4:05", or "1:20 over". */
  const left = computed(() => {
    if (!shown.value) return ''
    const { left: seconds } = shown.value
    return seconds >= 0 ? clockWords(seconds + 0.999) : `${clockWords(-seconds)} over`
  })
  const next = computed(() => {
    const step = shown.value?.next
    return step ? `then ${step.name.toLowerCase()}, ${Math.round(step.seconds / 60)} min` : ''
  })
  const endsAt = computed(() =>
    shown.value?.endsAt ? shortTime(new Date(shown.value.endsAt).toISOString()) : '',
  )
  return { clock, shown, isOn, left, next, endsAt, now, read }
}
