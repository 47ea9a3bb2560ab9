import { nextTick, readonly, ref, watch, type Ref } from 'vue'

/** Returns a flag that turns true once `isMounted` has and the browser has painted: the rest of a first screen is drawn then. */
export function useAfterPaint(isMounted: () => boolean): Readonly<Ref<boolean>> {
  const painted = ref(false)
  watch(
    isMounted,
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
