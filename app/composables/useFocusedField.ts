import { onMounted, ref } from 'vue'

/** How many frames an opening menu may take to find its place. */
const mostFrames = 60

/**
 * A field in a menu that opens: focused as soon as the menu lets it be, with its text marked so that typing replaces it; or, where
 * somebody has begun typing before it was there, with the caret behind what they typed.
 * @param begun whether typing has begun already
 * @returns a template ref for the field, and what it does when it is focused
 */
export function useFocusedField(begun: () => boolean = () => false) {
  const field = ref<{ focus: () => void; $el: HTMLElement } | null>(null)
  onMounted(async () => {
    for (let frames = 0; frames < mostFrames && field.value; frames++) {
      if (field.value.$el.contains(document.activeElement)) return
      field.value.focus()
      await new Promise(requestAnimationFrame)
    }
  })
  function mark({ target }: FocusEvent) {
    if (!(target instanceof HTMLInputElement)) return
    if (begun()) target.setSelectionRange(target.value.length, target.value.length)
    else target.select()
  }
  return { field, mark }
}
