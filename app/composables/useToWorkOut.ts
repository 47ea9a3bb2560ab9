import { useLocalStorage } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { canSumUp, sumUpSteps } from '#core/comparison'
import { workOutOf } from '#core/plan'
import { slotKey, type Slot } from '#core/entries'
import { wayOf, type Working } from '#core/recording'
import { useLesson } from '../stores/lesson'

/** So many tries of this device wait at most to be worked out; older ones are forgotten. */
const kept = 120

/** What a try comes to, and which steps of it the children do themselves. */
export interface ToWorkOut {
  slot: Slot
  steps: Working[]
  asked: Working[]
}

/**
 * The tries that this Sheet has written down and that have not been worked out yet; behind the last try of a level, its mean or middle
 * where the children take it. They wait while others are still to be read at the same time.
 * @param next what the group reads next
 */
export function useToWorkOut(lessonId: Ref<string>, groupId: Ref<string>, next: Ref<Slot | null>) {
  const store = useLesson()
  const waiting = useLocalStorage<{ lessonId: string; slot: Slot }[]>('jolly-beaker-to-work-out', [])
  const arithmetic = computed(() => wayOf(store.plan).arithmetic)
  const byChildren = computed(() => workOutOf(store.plan, store.open.class.ageBand) === 'children')
  const sumsUp = computed(() => store.plan.sumUp === 'children' && canSumUp(store.plan))
  const key = (slot: Slot) => slotKey({ ...slot, moment: '' })
  const own = computed(() =>
    waiting.value.filter(({ lessonId: of, slot }) => of === lessonId.value && slot.groupId === groupId.value),
  )

  const first = computed((): ToWorkOut | null => {
    const together = wayOf(store.plan).needs(store.plan.recording).sideBySide
    for (const { slot } of own.value) {
      if (together && next.value?.tryNumber === slot.tryNumber) continue
      const tried = arithmetic.value?.steps(store.plan, store.counted, slot) ?? []
      const summed = isLastOfLevel(slot)
        ? sumUpSteps(store.plan, store.counted, slot.groupId, slot.levelId)
        : []
      // Shares are not asked of children; they are worked out for them.
      const asked = [...(byChildren.value ? tried : []), ...summed].filter(({ unit }) => unit !== 'percent')
      if (tried.length + summed.length > 0) return { slot, steps: [...tried, ...summed], asked }
    }
    return null
  })

  function isLastOfLevel(slot: Slot): boolean {
    if (!sumsUp.value) return false
    const ofLevel = own.value.filter((one) => one.slot.levelId === slot.levelId)
    return ofLevel.at(-1)?.slot === slot
  }

  /** Something was written down; when its try is complete, or all tries of its level are, it will be worked out. */
  function written(slot: Slot) {
    const everyTry = Boolean(arithmetic.value?.head(store.plan))
    if (!everyTry && !sumsUp.value) return
    const isReplaced = (one: Slot) =>
      everyTry ? key(one) === key(slot) : one.groupId === slot.groupId && one.levelId === slot.levelId
    const others = waiting.value.filter((one) => one.lessonId !== lessonId.value || !isReplaced(one.slot))
    waiting.value = [...others, { lessonId: lessonId.value, slot }].slice(-kept)
  }

  function done(slot: Slot) {
    waiting.value = waiting.value.filter(
      (one) => one.lessonId !== lessonId.value || key(one.slot) !== key(slot),
    )
  }

  return { first, written, done }
}
