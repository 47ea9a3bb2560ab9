import { ref, watch, type Ref } from 'vue'
import { halfTypedAt, keepHalfTyped } from '../stores/sending/draftText'

/**
 * A text that is being typed, which outlives the page in this browser until it is sent: emptied, it is kept no more.
 * @param key the lesson and the place in it, with "|" between
 */
export function useHalfTyped(key: () => string): Ref<string> {
  const text = ref(halfTypedAt(key()))
  watch(key, (now) => (text.value = halfTypedAt(now)), { flush: 'sync' })
  watch(text, (now) => keepHalfTyped(key(), now), { flush: 'sync' })
  return text
}
