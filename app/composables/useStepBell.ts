import { computed, watch } from 'vue'
import { useBell } from './useBell'
import { useClassClock } from './useClassClock'

/** Rings when the time of a step is over, once. */
export function useStepBell(face: 'board' | 'desk') {
  const { clock, shown } = useClassClock()
  const { ring } = useBell(face)
  const isOver = computed(() => shown.value?.state === 'running' && shown.value.left <= 0)
  watch([isOver, () => clock.value?.from], ([over, step], [before, stepBefore]) => {
    if (over && !before && step === stepBefore) ring()
  })
}
