import { useDebounceFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'

const lookAfter = 250

/** What lines would do, looked at a moment after the last change; null while there are none, or nobody can say. */
export function usePreview<Preview>(text: Ref<string>, look: (lines: string) => Promise<Preview> | Preview) {
  const preview = shallowRef<Preview | null>(null)
  const lookSoon = useDebounceFn(async () => {
    const lines = text.value
    const seen = lines.trim() === '' ? null : ((await look(lines)) ?? null)
    // An answer about other lines than those that stand there now comes too late.
    if (lines === text.value) preview.value = seen
  }, lookAfter)
  watch(text, lookSoon)
  return preview
}
