<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { defined, firstOf } from '#core/defined'
import { levelName } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { slotKey, type Slot } from '#core/entries'
import { wayOf } from '#core/recording'
import { useGridClicks } from '~/composables/useGridClicks'
import { useGridKeys } from '~/composables/useGridKeys'
import { useShownReading } from '~/composables/useShownReading'
import { useReadingGrid } from '~/composables/useReadingGrid'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** Fast entry for the teacher: type, Enter, arrows, paste. */
const store = useLesson()
const results = useResults()
const grid = useReadingGrid()
const { columns, rows, hint, levels, beneath, together, slotAt } = grid
const table = ref<HTMLTableElement | null>(null)
const shownReading = useShownReading()
/** The instrument on the bench shows what stands in the cell, as it is typed; what is read with another one shows nowhere. */
function show(event: Event) {
  const input = event.target as HTMLInputElement
  const [row, column] = (input.dataset.cell ?? '').split('-').map(Number)
  const { moment } = slotAt(defined(rows.value[defined(row)]), defined(columns.value[defined(column)]))
  const here = wayOf(store.plan).planAt(store.plan, moment)
  if (here.measured.unit !== store.plan.measured.unit) return void (shownReading.value = null)
  const read = wayOf(store.plan).check(here, input.value, null)
  shownReading.value = read.state === 'value' && typeof read.value === 'number' ? read.value : null
}
onBeforeUnmount(() => (shownReading.value = null))

const { staysMarked, typeInside } = useGridClicks(grid)
const { asked, onKey, onPaste, keepNote, setAside, leave, lookAgain, takeInstead, keepIt } = useGridKeys(
  grid,
  table,
)
const symbolAt = ({ moment }: Slot) =>
  unitDefinition(wayOf(store.plan).planAt(store.plan, moment).measured.unit).symbol
const suggested = computed(() =>
  typeof hint.value?.suggestion === 'number'
    ? `${grid.printValue(hint.value.suggestion)} ${symbolAt(hint.value.slot)}`.trimEnd()
    : '',
)
/** Words and orders need more room than numbers. */
const field = computed(() => firstOf(wayOf(store.plan).fields(store.plan)))
const wide = computed(() => field.value.instrument === null && wayOf(store.plan).askedSlots === null)
const odd = computed(() => new Set(results.evidence.odd.map((one) => one.id)))

function cellClass(slot: Slot) {
  const state = grid.stateOf(slot)
  const unread =
    grid.drafts.value[slotKey(slot)] !== undefined && hint.value && slotKey(hint.value.slot) === slotKey(slot)
  return {
    'has-aside': (state?.setAside.length ?? 0) > 0,
    'has-note': (state?.counted?.note ?? '') !== '',
    contested: (state?.contested.length ?? 0) > 0,
    odd: state?.counted && odd.value.has(state.counted.id),
    unread,
    begun: grid.begun.value.has(slotKey(slot)),
  }
}

const titleOf = (slot: Slot) =>
  grid.begun.value.has(slotKey(slot))
    ? 'You typed this before the page was reloaded, and it isn’t saved yet. Press Enter to keep it or Escape to clear it.'
    : grid.stateOf(slot)?.counted?.note || undefined

const nameOf = (levelId: string) =>
  levelName(store.plan, defined(levels.value.find((one) => one.id === levelId)))
</script>

<template>
  <div class="stack">
    <div class="scroll">
      <table
        ref="table"
        class="grid"
        :aria-label="
          field.instrument ? `Readings in ${unitDefinition(store.plan.measured.unit).spoken}` : 'Readings'
        "
        @input="show"
        @focusin="show"
        @focusout="shownReading = null"
      >
        <GridHead
          :columns="columns"
          :levels="levels"
          :layout="wayOf(store.plan).layout(store.plan)"
          :worked="grid.workedHead.value"
        />
        <tbody>
          <tr v-for="(row, rowIndex) in rows" :key="row.key" :class="{ begins: row.first }">
            <th v-if="!beneath" scope="row">
              <GroupEmblem :emblem="row.group.emblem" named :name="row.group.name" />
            </th>
            <template v-else>
              <th scope="row">
                <GroupEmblem v-if="row.first" :emblem="row.group.emblem" named :name="row.group.name" />
                <span v-else class="visually-hidden">{{ row.group.name }}</span>
              </th>
              <th scope="row" class="of-level">{{ nameOf(row.levelId!) }}</th>
            </template>
            <template v-for="(column, columnIndex) in columns" :key="columnIndex"
              ><td
                :class="[
                  { first: column.first, next: grid.isNext(row, column), wide },
                  cellClass(slotAt(row, column)),
                ]"
              >
                <input
                  :data-cell="`${rowIndex}-${columnIndex}`"
                  :value="grid.textOf(slotAt(row, column))"
                  :disabled="!grid.isTested(row, column)"
                  :readonly="grid.isContested(slotAt(row, column))"
                  :title="titleOf(slotAt(row, column))"
                  autocomplete="off"
                  :inputmode="wide || together ? 'text' : 'decimal'"
                  maxlength="200"
                  :aria-label="grid.whereWords(slotAt(row, column))"
                  :aria-invalid="cellClass(slotAt(row, column)).unread ? true : undefined"
                  @input="grid.draft(slotAt(row, column), ($event.target as HTMLInputElement).value)"
                  @focus="($event.target as HTMLInputElement).select()"
                  @mousedown="staysMarked($event, slotAt(row, column))"
                  @mouseup="staysMarked($event, slotAt(row, column))"
                  @dblclick="typeInside($event, slotAt(row, column))"
                  @blur="grid.settle(slotAt(row, column), true)"
                  @keydown="onKey($event, rowIndex, columnIndex, slotAt(row, column))"
                  @paste="onPaste($event, rowIndex, columnIndex)"
                />
              </td>
              <WorkedCell v-if="column.worked" :steps="grid.workings(row, column)"
            /></template>
            <td v-if="!beneath" class="done number">{{ row.progress.done }}/{{ row.progress.needed }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <GridHint
      :hint="hint"
      :suggested="suggested"
      :what="field.instrument ? 'a number' : wayOf(store.plan).oneEntry"
      @choose="grid.takeInstead($event)"
      @look-again="lookAgain"
      @take-instead="takeInstead"
      @keep="keepIt"
    />
    <CellDialogs
      :asked="asked"
      :where="asked ? grid.whereWords(asked.slot) : ''"
      :note="(asked && grid.stateOf(asked.slot)?.counted?.note) ?? ''"
      @reason="setAside"
      @note="keepNote"
      @leave="leave"
    />
  </div>
</template>

<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
}

.grid {
  border-collapse: collapse;
  width: 100%;
}

th {
  font: 500 var(--text-small) var(--heading);
  text-align: left;
  padding: 3px 8px;
  white-space: nowrap;
}

tbody th {
  position: sticky;
  left: 0;
  background: var(--surface);
}

tbody tr {
  border-top: 1px solid var(--line-soft);
}

tbody tr.begins {
  border-top: 2px solid var(--line);
}

.of-level {
  position: static;
}

tbody th:not(.of-level) {
  z-index: 1;
}

td {
  padding: 0;
  position: relative;
  border-left: 1px solid var(--line-soft);
  min-width: 46px;
}

td.wide {
  min-width: 84px;
}

td.wide input {
  font-size: var(--text-body-small);
}

td.next input {
  outline: 2px dashed var(--teal);
  outline-offset: -3px;
}

.first {
  border-left: 2px solid var(--line);
}

input {
  width: 100%;
  height: 36px;
  border: 0;
  background: transparent;
  text-align: center;
  font: 500 var(--text-body) var(--heading);
  font-variant-numeric: tabular-nums;
  color: var(--ink);
}

input:focus {
  outline: 3px solid var(--marigold);
  outline-offset: -3px;
  background: var(--surface-warm);
}

input:disabled {
  background: repeating-linear-gradient(45deg, var(--surface-sunk) 0 4px, transparent 4px 9px);
}

.has-aside::after {
  content: '';
  position: absolute;
  top: 0;
  right: 0;
  border: 5px solid;
  border-color: var(--coral) var(--coral) transparent transparent;
}

.has-note::before {
  content: '';
  position: absolute;
  left: 4px;
  top: 4px;
  width: 6px;
  height: 6px;
  border-radius: 50%;
  background: var(--teal);
}

.contested input {
  background: var(--coral-wash);
  font-size: var(--text-caption);
}

.odd input {
  background: var(--marigold-wash);
  text-decoration: underline wavy var(--coral);
}

.unread input {
  background: var(--coral-wash);
  color: var(--coral);
}

.begun input {
  background: var(--marigold-wash);
  font-style: italic;
}

.done {
  text-align: right;
  padding-right: 10px;
  color: var(--ink-soft);
  font-size: var(--text-small);
}
</style>
