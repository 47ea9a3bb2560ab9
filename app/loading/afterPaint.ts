import { nextTick, readonly, ref, watch, type Ref } from 'vue'

/** Turns true once what begins to stand is on the screen: the rest of a first screen is drawn then, and holds no words up. */
export function usePaintedAfter(stands: () => boolean): Readonly<Ref<boolean>> {
  const painted = ref(false)
  watch(
    stands,
    async (now) => {
      if (!now || painted.value) return
      await nextTick()
      // A frame is painted before the next task begins.
      requestAnimationFrame(() => setTimeout(() => (painted.value = true)))
    },
    { immediate: true },
  )
  return readonly(painted)
}
