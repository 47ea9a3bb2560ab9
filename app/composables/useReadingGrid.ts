import { computed, ref } from 'vue'
import { gridFromClipboard } from '#core/format'
import { levelName, levelsForGroup, orderedLevels } from '#core/plan'
import { checkEntry, slotKey, type Reading, type Slot } from '#core/record'
import { printNumber } from '#core/quantity'
import { resolutionOf } from '#core/instrument'
import { useLesson } from '../stores/lesson'
import { useRecorder } from './useRecorder'

export interface GridColumn {
  levelId: string
  tryNumber: number
}

export interface GridHint {
  where: string
  message: string
  slot: Slot
  suggestion: number | null
}

/** What the last act in the grid was, so that it can be undone by another reading. */
interface GridAct {
  slot: Slot
  before: Reading | null
}

/** The Desk grid: groups down, levels and tries across; what is typed where, and what is said about it. */
export function useReadingGrid() {
  const store = useLesson()
  const recorder = useRecorder('desk')
  /** Typed texts that are no readings yet. */
  const drafts = ref<Record<string, string>>({})
  const hint = ref<GridHint | null>(null)
  const acts: GridAct[] = []

  const levels = computed(() => orderedLevels(store.plan))
  const columns = computed<GridColumn[]>(() =>
    levels.value.flatMap((level) =>
      Array.from({ length: Math.max(store.plan.tries, mostTries(level.id)) }, (_, index) => ({
        levelId: level.id,
        tryNumber: index + 1,
      })),
    ),
  )
  const rows = computed(() =>
    store.groups.map((group, place) => ({
      group,
      tests: new Set(levelsForGroup(store.plan, place).map((level) => level.id)),
      progress: store.progress[place]!,
    })),
  )
  const mark = computed(() => resolutionOf(store.plan).mark)

  function mostTries(levelId: string): number {
    return store.readings.reduce(
      (most, reading) =>
        reading.levelId === levelId && reading.status === 'counted'
          ? Math.max(most, reading.tryNumber)
          : most,
      0,
    )
  }

  const slotAt = (groupId: string, column: GridColumn): Slot => ({ groupId, ...column })
  const stateOf = (slot: Slot) => store.slots.get(slotKey(slot))

  function textOf(slot: Slot): string {
    const draft = drafts.value[slotKey(slot)]
    if (draft !== undefined) return draft
    const value = stateOf(slot)?.counted?.value
    return value === undefined || value === null ? '' : printValue(value)
  }

  /** A value as the grid shows it; one that was taken between marks keeps its digits. */
  function printValue(value: number): string {
    const shown = printNumber(value, mark.value)
    return Number(shown) === value ? shown : String(value)
  }

  function whereWords(slot: Slot): string {
    const group = store.groups.find((one) => one.id === slot.groupId)
    const level = store.plan.levels.find((one) => one.id === slot.levelId)
    return `${group?.name}, ${level ? levelName(store.plan, level) : ''}, try ${slot.tryNumber}`
  }

  function othersAt(slot: Slot): number[] {
    return [...store.slots.values()].flatMap(({ counted }) =>
      counted &&
      counted.value !== null &&
      counted.levelId === slot.levelId &&
      slotKey(counted) !== slotKey(slot)
        ? [counted.value]
        : [],
    )
  }

  function draft(slot: Slot, text: string) {
    drafts.value = { ...drafts.value, [slotKey(slot)]: text }
  }

  function forget(slot: Slot) {
    drafts.value = Object.fromEntries(Object.entries(drafts.value).filter(([key]) => key !== slotKey(slot)))
  }

  /** Turns what was typed into a reading; text that is no number stays where it is, with a word why. */
  function settle(slot: Slot): boolean {
    const text = drafts.value[slotKey(slot)]
    if (text === undefined) return true
    const before = stateOf(slot)?.counted ?? null
    const entry = checkEntry(text, store.plan, othersAt(slot))
    if (entry.state === 'unreadable') {
      hint.value = { where: whereWords(slot), message: entry.message, slot, suggestion: null }
      return false
    }
    forget(slot)
    if (entry.state === 'empty') {
      if (before) setAside(slot, 'typed by mistake')
      return true
    }
    if (before?.value === entry.value) return true
    acts.push({ slot, before })
    recorder.record(slot, entry.value, text.trim())
    const first = entry.hints[0]
    hint.value = first
      ? { where: whereWords(slot), message: first.message, slot, suggestion: first.suggestion }
      : null
    return true
  }

  function takeSuggestion() {
    const taken = hint.value
    if (taken?.suggestion === null || !taken) return
    acts.push({ slot: taken.slot, before: stateOf(taken.slot)?.counted ?? null })
    recorder.record(taken.slot, taken.suggestion, printValue(taken.suggestion))
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

  /** Undoes the last act here by one more reading; the journal keeps both. */
  function undo(): Slot | null {
    const act = acts.pop()
    if (!act) return null
    const { slot, before } = act
    forget(slot)
    hint.value = null
    if (before && before.value !== null) {
      const aside = stateOf(slot)?.setAside.find((reading) => reading.supersedes === before.id)
      if (aside) recorder.countAgain(aside)
      else recorder.record(slot, before.value, before.typed)
    } else recorder.setAside(slot, 'typed by mistake')
    return slot
  }

  /** Pastes a block from a spreadsheet, its first cell at the given place; gives back how many were taken and how many not. */
  function paste(text: string, rowIndex: number, columnIndex: number): { taken: number; left: number } {
    const good: { slot: Slot; value: number; typed: string }[] = []
    let left = 0
    for (const [down, cells] of gridFromClipboard(text).entries()) {
      const row = rows.value[rowIndex + down]
      for (const [across, cell] of cells.entries()) {
        const column = columns.value[columnIndex + across]
        if (cell === '') continue
        if (!row || !column || !row.tests.has(column.levelId)) {
          left++
          continue
        }
        const slot = slotAt(row.group.id, column)
        const entry = checkEntry(cell, store.plan, [])
        if (entry.state === 'value') {
          forget(slot)
          good.push({ slot, value: entry.value, typed: cell })
        } else {
          draft(slot, cell.slice(0, 60))
          left++
        }
      }
    }
    for (const { slot } of good) acts.push({ slot, before: stateOf(slot)?.counted ?? null })
    recorder.recordAll(good)
    return { taken: good.length, left }
  }

  return {
    levels,
    columns,
    rows,
    drafts,
    hint,
    slotAt,
    stateOf,
    textOf,
    whereWords,
    draft,
    settle,
    takeSuggestion,
    setAside,
    undo,
    paste,
    printValue,
  }
}
