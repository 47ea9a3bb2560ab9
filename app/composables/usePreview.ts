import { useDebounceFn } from '@vueuse/core'
import { computed, shallowRef, watch, type Ref } from 'vue'

const lookAfter = 250

/** What lines would do, looked at a moment after the last change. */
export function usePreview<Preview>(
  text: Ref<string>,
  look: (lines: string) => Promise<Preview | undefined> | Preview,
) {
  const seen = shallowRef<{ lines: string; preview: Preview | null }>({ lines: '', preview: null })
  const lookSoon = useDebounceFn(async () => {
    const lines = text.value
    const preview = lines.trim() === '' ? null : ((await look(lines)) ?? null)
    // An answer about other lines than those that stand there now comes too late.
    if (lines === text.value) seen.value = { lines, preview }
  }, lookAfter)
  watch(text, lookSoon, { immediate: true })
  return {
    /** Null while there are no lines, or nobody can say. */
    preview: computed(() => seen.value.preview),
    /** Whether it is of the lines that stand there now: nothing is taken in that nobody has seen. */
    fresh: computed(() => seen.value.lines === text.value),
  }
}
