import { ref, watch, type Ref } from 'vue'
import { draftTextAt, saveDraftText } from '../stores/sending/draftText'

/**
 * A text that is being typed, which outlives the page in this browser until it is sent: emptied, it is kept no more.
 * @param key the lesson and the place in it, with "|" between
 */
export function useDraftText(key: () => string): Ref<string> {
  const text = ref(draftTextAt(key()))
  watch(key, (now) => (text.value = draftTextAt(now)), { flush: 'sync' })
  watch(text, (now) => saveDraftText(key(), now), { flush: 'sync' })
  return text
}
