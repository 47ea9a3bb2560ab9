import { itemAt } from '#core/defined'
import { computed } from 'vue'
import { levelsForGroup, orderedLevels } from '#core/plan'
import { slotKey, type Entry, type Slot } from '#core/entries'
import { atField, dayOfMoment, wayOf, type GroupProgress, type Working } from '#core/recording'
import type { Tester } from '#core/lesson'
import { useLesson } from '../stores/lesson'
import { dayWords } from '../words/dates'
import { readTimeFields } from './useRecorder'

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
  group: Tester
  levelId: string | null
  /** The levels that this group tests. */
  tests: Set<string>
  /** The keys of the slots that it may fill. */
  slots: Set<string>
  progress: GroupProgress
  /** Whether it is the first row of its group. */
  first: boolean
}

/** What the Desk grid looks like: groups down, levels and tries across, in the way of recording's own order. */
export function useGridLayout() {
  const store = useLesson()
  const levels = computed(() => orderedLevels(store.plan))
  const way = computed(() => wayOf(store.plan))
  /** Levels stand beside one another, or beneath where each has a row of moments. */
  const beneath = computed(() => way.value.layout(store.plan) === 'levels-beneath')
  /** All levels are told in one cell, or each cell names its own. */
  const together = computed(() => way.value.layout(store.plan) === 'together')
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
        first: index === 0 || itemAt(all, index - 1).tryNumber !== column.tryNumber,
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
    store.testers.flatMap((group): GridRow[] => {
      const groupIndex = store.groups.findIndex(({ id }) => id === group.id)
      const tested = levelsForGroup(store.plan, groupIndex)
      const row = {
        group,
        tests: new Set(tested.map((level) => level.id)),
        progress: itemAt(store.progress, groupIndex),
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
    const day = dayOfMoment(store.plan, store.days, moment)
    return day ? dayWords(day) : ''
  }
  /** What an entry of a slot says beside its number: on which day it was read. */
  function alsoAt(slot: Slot): Entry['fields'] {
    const day = way.value.extraFields.includes(atField) && dayOfMoment(store.plan, store.days, slot.moment)
    return day ? readTimeFields(day, day) : {}
  }
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
    way.value.askedSlots !== null &&
    row.progress.next !== null &&
    slotKey(row.progress.next) === slotKey(slotAt(row, column))

  return {
    levels,
    way,
    columns,
    rows,
    beneath,
    together,
    workedHead,
    workings,
    alsoAt,
    slotAt,
    isTested,
    isNext,
  }
}
