import { onKeyStroke } from '@vueuse/core'

/** Runs an act on a single key, unless someone is typing or a dialog has the keyboard. */
export function useDeskKey(keys: string[], act: (key: string) => void) {
  onKeyStroke(keys, (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
    event.preventDefault()
    act(event.key)
  })
}

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  return (
    target.isContentEditable ||
    target.closest('input, textarea, select, [role="listbox"], [role="dialog"], [role="combobox"]') !== null
  )
}
