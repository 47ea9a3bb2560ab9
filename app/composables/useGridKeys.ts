import { itemAt, defined } from '#core/defined'
import { nextTick, ref, type Ref } from 'vue'
import { slotKey, type Slot } from '#core/entries'
import { useNotices } from '../stores/notices'
import type { useReadingGrid } from './useReadingGrid'

/** What a key has asked about a cell. */
export interface AskedOfCell {
  what: 'aside' | 'note' | 'noticed'
  slot: Slot
}

/** The Desk grid by keyboard and clipboard: Enter and arrows, letters that act on a cell, and back to where one was. */
export function useGridKeys(grid: ReturnType<typeof useReadingGrid>, table: Ref<HTMLTableElement | null>) {
  const notices = useNotices()
  const { columns, rows, hint } = grid
  const asked = ref<AskedOfCell | null>(null)

  function cellInput(row: number, column: number): HTMLInputElement | null {
    return table.value?.querySelector(`[data-cell="${row}-${column}"]`) ?? null
  }

  function go(row: number, column: number) {
    const input = cellInput(row, column)
    if (!input || input.disabled) return false
    input.focus()
    input.select()
    return true
  }

  /** The next open place in reading direction, over the ends of rows. */
  function step(row: number, column: number, by: 1 | -1) {
    const width = columns.value.length
    for (let place = row * width + column + by; place >= 0 && place < width * rows.value.length; place += by)
      if (go(Math.floor(place / width), place % width)) return
  }

  /** To the next place, or, where what comes next follows from what was found, there. */
  async function onward(row: number, column: number, by: 1 | -1) {
    if (by === 1 && grid.way.value.askedSlots !== null) {
      await nextTick()
      const { next } = itemAt(rows.value, row).progress
      if (next) return goTo(next)
    }
    step(row, column, by)
  }

  function onKey(event: KeyboardEvent, row: number, column: number, slot: Slot) {
    const input = event.target as HTMLInputElement
    const whole = input.selectionStart === 0 && input.selectionEnd === input.value.length
    const at = (edge: 'start' | 'end') =>
      whole || (edge === 'start' ? input.selectionEnd === 0 : input.selectionStart === input.value.length)
    /** What is asked about a cell takes the keyboard at once: no letter of the answer may land in the cell. */
    const ask = (what: 'aside' | 'note' | 'noticed') => {
      if (what !== 'noticed' && !grid.stateOf(slot)?.counted) return
      input.blur()
      asked.value = { what, slot }
    }
    const plain = !event.ctrlKey && !event.metaKey && !event.altKey
    const acts: Record<string, () => void> = {
      Enter: () => {
        if (grid.settle(slot)) void onward(row, column, event.shiftKey ? -1 : 1)
        else input.select()
      },
      ArrowDown: () => go(row + 1, column),
      ArrowUp: () => go(row - 1, column),
      ...(at('end') ? { ArrowRight: () => go(row, column + 1) } : {}),
      ...(at('start') ? { ArrowLeft: () => go(row, column - 1) } : {}),
      Escape: () => grid.forget(slot),
      // Letters are acts only where nothing is being typed: "minutes" and "6 cm exactly" are texts.
      ...(plain && (whole || input.value === '') && grid.drafts.value[slotKey(slot)] === undefined
        ? { x: () => ask('aside'), n: () => ask('note'), o: () => ask('noticed'), u: () => undo() }
        : {}),
    }
    const act = acts[event.key]
    if (!act) return
    event.preventDefault()
    act()
  }

  function keepNote(note: string) {
    grid.addNote(defined(asked.value).slot, note)
    void leave()
  }

  function setAside(reason: string) {
    grid.setAside(defined(asked.value).slot, reason)
    void leave()
  }

  /** Back to the cell that something was asked about. */
  async function leave() {
    const slot = asked.value?.slot
    asked.value = null
    await nextTick()
    if (slot) goTo(slot)
  }

  /** Back to the cell that is asked about, its text ready to be typed over. */
  function lookAgain() {
    const { slot } = defined(hint.value)
    hint.value = null
    goTo(slot)
  }

  function takeInstead() {
    const { slot, suggestion } = defined(hint.value)
    grid.takeInstead(defined(suggestion))
    goTo(slot)
  }

  function keepIt() {
    grid.settle(defined(hint.value).slot, true)
    hint.value = null
  }

  function goTo(slot: Slot) {
    const row = rows.value.findIndex(
      (one) => one.group.id === slot.groupId && (one.levelId ?? slot.levelId) === slot.levelId,
    )
    const column = columns.value.findIndex(
      (one) =>
        (one.levelId ?? slot.levelId) === slot.levelId &&
        one.tryNumber === slot.tryNumber &&
        one.moment === slot.moment,
    )
    go(row, column)
  }

  function undo() {
    const slot = grid.undo()
    if (slot) notices.tell(`Undone: ${grid.whereWords(slot)}. The journal shows both.`)
  }

  function onPaste(event: ClipboardEvent, row: number, column: number) {
    const text = event.clipboardData?.getData('text/plain') ?? ''
    if (!/[\t\n]/.test(text.trim())) return
    event.preventDefault()
    const { taken, left } = grid.paste(text, row, column)
    const pasted = `${taken} ${taken === 1 ? 'number' : 'numbers'} pasted`
    notices.tell(
      left === 0
        ? `${pasted}.`
        : `${pasted}. ${left} couldn’t be read: look at ${left === 1 ? 'that cell' : 'those cells'} again.`,
    )
  }

  return { asked, onKey, onPaste, keepNote, setAside, leave, lookAgain, takeInstead, keepIt }
}
