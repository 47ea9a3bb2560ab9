import { computed, ref } from 'vue'
import type { Score } from '#core/evidence'
import { gridFromClipboard } from '#core/format'
import { levelsForGroup, orderedLevels } from '#core/plan'
import { printNumber, type QuantityReading } from '#core/quantity'
import { saysTheSame, slotKey, type Entry, type Slot } from '#core/record'
import { contextOf, plannedAt, readWithOf, wayOf, type GroupProgress, type Working } from '#core/recording'
import { resolutionOf } from '#core/instrument'
import type { GroupDto } from '#shared/types/api'
import { useLesson } from '../stores/lesson'
import { slotWords } from '../words/slotWords'
import { dayWords } from '../words/dates'
import { today } from '../words/today'
import { oneField, readAt, useRecorder, type Entered } from './useRecorder'

/** A column of the grid: one place of a try, of the level that it stands under or of the level of the row. */
export interface GridColumn {
  /** Null where each level has a row of its own. */
  levelId: string | null
  tryNumber: number
  moment: string
  head: string
  /** What is said beneath, such as the date of a day. */
  under: string
  /** Whether a line parts it from what stands before it. */
  first: boolean
  /** Whether what its try comes to is worked out behind it. */
  worked: boolean
}

/** A row of the grid: a group, or one level of a group. */
export interface GridRow {
  key: string
  group: GroupDto
  levelId: string | null
  /** The levels that this group tests. */
  tests: Set<string>
  /** The keys of the slots that it may fill. */
  slots: Set<string>
  progress: GroupProgress
  /** Whether it is the first row of its group. */
  first: boolean
}

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
  const hint = ref<GridHint | null>(null)
  const acts: GridAct[] = []

  const levels = computed(() => orderedLevels(store.plan))
  const way = computed(() => wayOf(store.plan))
  /** Levels stand beside one another, or beneath where each has a row of moments. */
  const beneath = computed(() => way.value.layout(store.plan) === 'levels-beneath')
  /** All levels are told in one cell, or each cell names its own. */
  const together = computed(() => way.value.layout(store.plan) === 'together')
  const days = computed(() => (way.value.dueOn(store.plan, store.days, today()) === null ? [] : store.days))
  const columns = computed<GridColumn[]>(() => {
    if (beneath.value)
      return way.value.columns(store.plan).map((column, index) => ({
        ...column,
        levelId: null,
        head: column.once ? column.head : (column.called ?? column.moment),
        under: [
          ...(store.plan.tries > 1 && !column.once ? [`try ${column.tryNumber}`] : []),
          ...(dayOf(column.moment) ? [dayOf(column.moment)] : []),
        ].join(', '),
        first: index === 0,
        worked: workedHead.value !== null && isLastOfTry(column, index),
      }))
    if (together.value)
      return way.value.columns(store.plan).map((column, index, all) => ({
        ...column,
        levelId: column.levelId ?? null,
        under: '',
        first: index === 0 || all[index - 1]!.tryNumber !== column.tryNumber,
        worked: false,
      }))
    return levels.value.flatMap((level) => {
      const tries = Math.max(store.plan.tries, mostTries(level.id))
      return way.value.columns({ ...store.plan, tries }).map((column, index) => ({
        ...column,
        levelId: level.id,
        under: '',
        first: index === 0,
        worked: false,
      }))
    })
  })
  const rows = computed<GridRow[]>(() =>
    store.groups.flatMap((group, groupIndex): GridRow[] => {
      const tested = levelsForGroup(store.plan, groupIndex)
      const row = {
        group,
        tests: new Set(tested.map((level) => level.id)),
        progress: store.progress[groupIndex]!,
        slots: new Set(way.value.slots(store.plan, group.id, groupIndex).map(slotKey)),
      }
      if (!beneath.value) return [{ ...row, key: group.id, levelId: null, first: true }]
      return tested.map(({ id }, index): GridRow => ({
        ...row,
        key: `${group.id}|${id}`,
        levelId: id,
        first: index === 0,
      }))
    }),
  )
  /** What is worked out of each try, where the way does and rows have room for it. */
  const workedHead = computed(() => (beneath.value ? (way.value.arithmetic?.head(store.plan) ?? null) : null))
  const isLastOfTry = ({ tryNumber }: { tryNumber: number }, index: number) =>
    way.value.columns(store.plan)[index + 1]?.tryNumber !== tryNumber
  const countedOfRow = computed(() => {
    const of = new Map<string, Entry[]>()
    for (const entry of store.counted) {
      const key = `${entry.groupId}|${entry.levelId}`
      of.set(key, [...(of.get(key) ?? []), entry])
    }
    return of
  })
  /** The arithmetic of a try, step by step; empty until everything is read that it takes. */
  function workings({ group, levelId }: GridRow, { tryNumber }: GridColumn): Working[] {
    const counted = countedOfRow.value.get(`${group.id}|${levelId}`) ?? []
    return way.value.arithmetic?.steps(store.plan, counted, { groupId: group.id, levelId, tryNumber }) ?? []
  }
  /** The date of a school day, as a column says it. */
  const dayOf = (moment: string) => {
    const day = days.value[(plannedAt(moment) ?? 0) - 1]
    return day ? dayWords(day) : ''
  }
  /** What an entry of a slot says beside its number: on which day it was read. */
  function alsoAt(slot: Slot): Entry['fields'] {
    const day = days.value[(plannedAt(slot.moment) ?? 0) - 1]
    return day ? readAt(day, day) : {}
  }
  const mark = computed(() => resolutionOf(store.plan).mark)

  function mostTries(levelId: string): number {
    return store.entries.reduce(
      (most, entry) =>
        entry.levelId === levelId && entry.status === 'counted' ? Math.max(most, entry.tryNumber) : most,
      0,
    )
  }

  const slotAt = (row: GridRow, { levelId, tryNumber, moment }: GridColumn): Slot => ({
    groupId: row.group.id,
    levelId: row.levelId ?? levelId,
    tryNumber,
    moment,
  })
  const isTested = (row: GridRow, column: GridColumn) =>
    together.value
      ? row.slots.has(slotKey(slotAt(row, column)))
      : row.tests.has(row.levelId ?? column.levelId ?? '')
  /** Whether it is what its group does next, where that follows from what it has found. */
  const isNext = (row: GridRow, column: GridColumn) =>
    way.value.asks !== null &&
    row.progress.next !== null &&
    slotKey(row.progress.next) === slotKey(slotAt(row, column))
  const stateOf = (slot: Slot) => store.slots.get(slotKey(slot))

  function textOf(slot: Slot): string {
    const draft = drafts.value[slotKey(slot)]
    if (draft !== undefined) return draft
    const state = stateOf(slot)
    const standing = state?.counted ? [state.counted] : (state?.contested ?? [])
    return standing.map((one) => way.value.write(store.plan, one)).join(' or ')
  }

  /** A value as the grid shows it; one that was taken between marks keeps its digits. */
  function printValue(value: number): string {
    const shown = printNumber(value, mark.value)
    return Number(shown) === value ? shown : String(value)
  }

  const whereWords = (slot: Slot) => slotWords(store, slot)

  function draft(slot: Slot, text: string) {
    drafts.value = { ...drafts.value, [slotKey(slot)]: text }
  }

  function forget(slot: Slot) {
    drafts.value = Object.fromEntries(Object.entries(drafts.value).filter(([key]) => key !== slotKey(slot)))
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
    if (entry.state === 'empty') {
      forget(slot)
      // What was asked about the text that stood here is asked no more.
      if (hint.value && slotKey(hint.value.slot) === slotKey(slot)) hint.value = null
      if (before) setAside(slot, 'typed by mistake')
      return true
    }
    if (entry.state !== 'value') {
      const readings = entry.state === 'two-ways' ? entry.readings : []
      hint.value = {
        where: whereWords(slot),
        message: entry.message,
        slot,
        typed,
        value: null,
        suggestion: null,
        readings,
      }
      return false
    }
    const first = entry.hints[0]
    const asked = hint.value?.typed === typed && slotKey(hint.value.slot) === slotKey(slot)
    const question: GridHint | null = first
      ? { where: whereWords(slot), typed, slot, value: entry.value, readings: [], ...first }
      : null
    if (question && !asked && !leaving) {
      hint.value = question
      return false
    }
    keep({ slot, fields: { ...oneField(typed, 'typed', entry.value), ...alsoAt(slot) } })
    // Left behind, a question stays in sight; answered, it goes.
    hint.value = leaving ? question : null
    return true
  }

  function keep(entered: Entered) {
    const before = stateOf(entered.slot)?.counted ?? null
    forget(entered.slot)
    const fields = recorder.asSeen(entered.slot, entered.fields)
    if (before && saysTheSame(before, { fields, readWith: readWithOf(store.plan, entered.slot.moment) }))
      return
    acts.push({ slot: entered.slot, before })
    recorder.recordAll([entered])
  }

  /** Takes the suggestion, or one of the two readings of a text. */
  function takeInstead(value: number) {
    const asked = hint.value
    if (!asked) return
    keep({
      slot: asked.slot,
      fields: {
        ...oneField(asked.typed, asked.readings.length > 0 ? 'chosen' : 'suggested', value),
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
        if (entry.state === 'value' && entry.hints.length === 0) {
          forget(slot)
          good.push({ slot, fields: { ...oneField(cell, 'typed', entry.value), ...alsoAt(slot) } })
          if (typeof entry.value === 'number' && slot.levelId !== null)
            pasted.push({ ...slot, levelId: slot.levelId, id: slotKey(slot), value: entry.value })
        } else {
          draft(slot, cell.slice(0, 200))
          left++
        }
      }
    }
    for (const { slot } of good) acts.push({ slot, before: stateOf(slot)?.counted ?? null })
    recorder.recordAll(good)
    return { taken: good.length, left }
  }

  /** Two devices have written here; it is chosen above the grid, not typed over. */
  const isContested = (slot: Slot) => (stateOf(slot)?.contested.length ?? 0) > 0

  function addNote(slot: Slot, note: string) {
    const before = stateOf(slot)?.counted
    if (before) recorder.addNote(before, note)
  }

  return {
    isContested,
    addNote,
    forget,
    levels,
    columns,
    rows,
    beneath,
    workedHead,
    workings,
    isTested,
    isNext,
    together,
    drafts,
    hint,
    slotAt,
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
