import { useLocalStorage } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { slotKey, type Slot } from '#core/record'
import { wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'

/** So many tries of this device wait at most to be worked out; older ones are forgotten. */
const kept = 120

/**
 * The tries that this Sheet has written down and that have not been worked out yet. They wait while others are still to be read at
 * the same time.
 * @param next what the group reads next
 */
export function useToWorkOut(lessonId: Ref<string>, groupId: Ref<string>, next: Ref<Slot | null>) {
  const store = useLesson()
  const waiting = useLocalStorage<{ lessonId: string; slot: Slot }[]>('jolly-beaker-to-work-out', [])
  const arithmetic = computed(() => wayOf(store.plan).arithmetic)
  const key = (slot: Slot) => slotKey({ ...slot, moment: '' })

  const first = computed(() => {
    const together = wayOf(store.plan).needs(store.plan.recording).sideBySide
    for (const { lessonId: of, slot } of waiting.value) {
      if (of !== lessonId.value || slot.groupId !== groupId.value) continue
      if (together && next.value?.tryNumber === slot.tryNumber) continue
      const steps = arithmetic.value?.steps(store.plan, store.counted, slot) ?? []
      if (steps.length > 0) return { slot, steps }
    }
    return null
  })

  /** Something was written down; when its try is complete, it will be worked out. */
  function written(slot: Slot) {
    if (!arithmetic.value?.head(store.plan)) return
    const others = waiting.value.filter(
      (one) => one.lessonId !== lessonId.value || key(one.slot) !== key(slot),
    )
    waiting.value = [...others, { lessonId: lessonId.value, slot }].slice(-kept)
  }

  function done(slot: Slot) {
    waiting.value = waiting.value.filter(
      (one) => one.lessonId !== lessonId.value || key(one.slot) !== key(slot),
    )
  }

  return { first, written, done }
}
