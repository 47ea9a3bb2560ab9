import { firstOf } from '#core/defined'
import { computed, ref } from 'vue'
import type { Score } from '#core/evidence'
import { gridFromClipboard } from '#core/format'
import { printReading, type QuantityReading } from '#core/quantity'
import { slotKey, type Entry, type Slot } from '#core/entries'
import { answerTo, contextOf, type EntryValidation } from '#core/recording'
import { resolutionOf } from '#core/instrument'
import { useLesson } from '../stores/lesson'
import { draftTextsIn, saveDraftText } from '../stores/sending/draftText'
import { slotWords } from '../words/slotWords'
import { useGridLayout } from './useGridLayout'
import { valueFields, useRecorder, type Entered } from './useRecorder'

/** What is asked about a typed text, and what may be answered. */
export interface GridHint {
  where: string
  message: string
  slot: Slot
  /** The text that it is about; another text is asked about anew. */
  typed: string
  /** The value as it reads, where it may be kept. */
  value: number | string | null
  suggestion: number | null
  readings: QuantityReading[]
}

/** What the last act in the grid was, so that it can be undone by another entry. */
interface GridAct {
  slot: Slot
  before: Entry | null
}

/** The Desk grid: groups down, levels and tries across; what is typed where, and what is said about it. */
export function useReadingGrid() {
  const store = useLesson()
  const recorder = useRecorder('desk')
  /** Typed texts that are no entries yet. */
  const drafts = ref<Record<string, string>>({})
  /** The cells whose text was typed before the page was reloaded. */
  const begun = ref(takeUp())
  const hint = ref<GridHint | null>(null)
  const acts: GridAct[] = []

  const layout = useGridLayout()
  const { way, rows, columns, slotAt, isTested, alsoAt } = layout
  const mark = computed(() => resolutionOf(store.plan).mark)

  const keyOf = (slot: string) => `${store.open.id}|grid|${slot}`

  /** What was half typed when the page was closed is offered again, where nothing was written down since. */
  function takeUp(): Set<string> {
    const left = [...draftTextsIn(store.open.id)].flatMap(([key, text]) => {
      const slot = key.split('|grid|')[1]
      if (slot === undefined) return []
      const state = store.slots.get(slot)
      return state?.counted || state?.contested.length ? [] : [[slot, text] as const]
    })
    drafts.value = Object.fromEntries(left)
    return new Set(left.map(([slot]) => slot))
  }

  const stateOf = (slot: Slot) => store.slots.get(slotKey(slot))

  function textOf(slot: Slot): string {
    const draft = drafts.value[slotKey(slot)]
    if (draft !== undefined) return draft
    const state = stateOf(slot)
    const standing = state?.counted ? [state.counted] : (state?.contested ?? [])
    return standing.map((one) => way.value.typedText(store.plan, one)).join(' or ')
  }

  /** A value as the grid shows it; one that was taken between marks keeps its digits. */
  function printValue(value: number): string {
    return printReading(value, mark.value, store.plan.measured.unit)
  }

  const whereWords = (slot: Slot) => slotWords(store, slot)

  function draft(slot: Slot, text: string) {
    drafts.value = { ...drafts.value, [slotKey(slot)]: text }
    saveDraftText(keyOf(slotKey(slot)), text)
  }

  function forget(slot: Slot) {
    drafts.value = Object.fromEntries(Object.entries(drafts.value).filter(([key]) => key !== slotKey(slot)))
    begun.value.delete(slotKey(slot))
    saveDraftText(keyOf(slotKey(slot)), '')
  }

  /**
   * Turns what was typed into an entry; text that is no number, or two, stays where it is with a word why. What looks like a slip
   * is asked about first: settling the same text once more keeps it, and so does leaving the cell.
   */
  function settle(slot: Slot, leaving = false): boolean {
    const typed = drafts.value[slotKey(slot)]?.trim()
    if (typed === undefined) return true
    const before = stateOf(slot)?.counted ?? null
    const entry = way.value.check(store.plan, typed, contextOf(store.plan, store.counted, slot))
    const asked = hint.value?.typed === typed && slotKey(hint.value.slot) === slotKey(slot)
    const answer = answerTo(entry, asked || leaving)
    if (answer.does === 'nothing') {
      forget(slot)
      // What was asked about the text that stood here is asked no more.
      if (hint.value && slotKey(hint.value.slot) === slotKey(slot)) hint.value = null
      if (before) setAside(slot, 'typed by mistake')
      return true
    }
    if (answer.does === 'ask') {
      hint.value = questionOf(slot, typed, answer.about)
      return false
    }
    keep({ slot, fields: { ...valueFields(typed, 'typed', answer.value), ...alsoAt(slot) } })
    // Left behind, a question stays in sight; answered, it goes.
    const left = leaving && entry.state === 'value' && entry.hints.length > 0
    hint.value = left ? questionOf(slot, typed, entry) : null
    return true
  }

  /** What is asked about a text, in the words of its first hint where it could be kept. */
  function questionOf(
    slot: Slot,
    typed: string,
    about: Exclude<EntryValidation, { state: 'empty' }>,
  ): GridHint {
    const where = whereWords(slot)
    if (about.state === 'value')
      return { where, typed, slot, value: about.value, readings: [], ...firstOf(about.hints) }
    const readings = about.state === 'two-ways' ? about.readings : []
    return { where, typed, slot, value: null, suggestion: null, readings, message: about.message }
  }

  function keep(entered: Entered) {
    const before = stateOf(entered.slot)?.counted ?? null
    forget(entered.slot)
    if (recorder.recordAll([entered]).length > 0) acts.push({ slot: entered.slot, before })
  }

  /** Takes the suggestion, or one of the two readings of a text. */
  function takeInstead(value: number) {
    const asked = hint.value
    if (!asked) return
    keep({
      slot: asked.slot,
      fields: {
        ...valueFields(asked.typed, asked.readings.length > 0 ? 'chosen' : 'suggested', value),
        ...alsoAt(asked.slot),
      },
    })
    hint.value = null
  }

  function setAside(slot: Slot, reason: string) {
    forget(slot)
    const before = stateOf(slot)?.counted ?? null
    if (!before) return
    acts.push({ slot, before })
    recorder.setAside(slot, reason)
    hint.value = null
  }

  /** Undoes the last act here by one more entry; the journal keeps both. */
  function undo(): Slot | null {
    const act = acts.pop()
    if (!act) return null
    const { slot, before } = act
    forget(slot)
    hint.value = null
    if (before) {
      const aside = stateOf(slot)?.setAside.find((entry) => entry.supersedes === before.id)
      if (aside) recorder.countAgain(aside)
      else recorder.putBack(before)
    } else recorder.setAside(slot, 'typed by mistake')
    return slot
  }

  /** Pastes a block from a spreadsheet, its first cell at the given place; gives back how many were taken and how many not. */
  function paste(text: string, rowIndex: number, columnIndex: number): { taken: number; left: number } {
    const good: Entered[] = []
    const pasted: (Score & { moment: string })[] = []
    let left = 0
    for (const [down, cells] of gridFromClipboard(text).entries()) {
      const row = rows.value[rowIndex + down]
      for (const [across, cell] of cells.entries()) {
        const column = columns.value[columnIndex + across]
        if (cell === '') continue
        if (!row || !column || !isTested(row, column)) {
          left++
          continue
        }
        const slot = slotAt(row, column)
        const beside = contextOf(store.plan, store.counted, slot)
        const entry = way.value.check(store.plan, cell, {
          ...beside,
          others: [
            ...beside.others,
            ...pasted.flatMap(({ moment, ...one }) =>
              one.id !== slotKey(slot) && moment === slot.moment ? one : [],
            ),
          ],
        })
        // What would be asked about when typed is asked about when pasted: it waits in its cell.
        const answer = answerTo(entry, false)
        if (answer.does === 'keep') {
          forget(slot)
          good.push({ slot, fields: { ...valueFields(cell, 'typed', answer.value), ...alsoAt(slot) } })
          if (typeof answer.value === 'number' && slot.levelId !== null)
            pasted.push({ ...slot, levelId: slot.levelId, id: slotKey(slot), value: answer.value })
        } else {
          draft(slot, cell.slice(0, 200))
          left++
        }
      }
    }
    const before = new Map(good.map(({ slot }) => [slotKey(slot), stateOf(slot)?.counted ?? null]))
    for (const slot of recorder.recordAll(good))
      acts.push({ slot, before: before.get(slotKey(slot)) ?? null })
    return { taken: good.length, left }
  }

  /** Two devices have written here; it is chosen above the grid, not typed over. */
  const isContested = (slot: Slot) => (stateOf(slot)?.contested.length ?? 0) > 0

  function addNote(slot: Slot, note: string) {
    const before = stateOf(slot)?.counted
    if (before) recorder.addNote(before, note)
  }

  return {
    ...layout,
    isContested,
    addNote,
    forget,
    drafts,
    begun,
    hint,
    stateOf,
    textOf,
    whereWords,
    draft,
    settle,
    takeInstead,
    setAside,
    undo,
    paste,
    printValue,
  }
}
