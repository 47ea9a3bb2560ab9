import { slotKey, type Slot } from '#core/entries'
import type { useReadingGrid } from './useReadingGrid'

/** What clicks do in the cells of the Desk grid. */
export function useGridClicks(grid: ReturnType<typeof useReadingGrid>) {
  /** A click on a cell that has the focus leaves it marked as a whole, so that what is typed next replaces it and letters are acts. */
  function staysMarked(event: MouseEvent, slot: Slot) {
    const input = event.target as HTMLInputElement
    if (document.activeElement !== input || grid.drafts.value[slotKey(slot)] !== undefined) return
    event.preventDefault()
    input.select()
  }

  /** Two clicks are for changing a digit of what stands there. */
  function typeInside({ target }: MouseEvent, slot: Slot) {
    const input = target as HTMLInputElement
    grid.draft(slot, input.value)
    input.setSelectionRange(input.value.length, input.value.length)
  }

  return { staysMarked, typeInside }
}
