<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref } from 'vue'
import { levelName } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { slotKey, type Slot } from '#core/record'
import { wayOf } from '#core/recording'
import { useShownReading } from '../../../composables/useShownReading'
import { useReadingGrid } from '../../../composables/useReadingGrid'
import { useLesson } from '../../../stores/lesson'
import { useResults } from '../../../stores/results'
import { useNotices } from '../../../stores/notices'

/** Fast entry for the teacher: type, Enter, arrows, paste. */
const store = useLesson()
const results = useResults()
const notices = useNotices()
const grid = useReadingGrid()
const { columns, rows, hint, levels, beneath, together, slotAt } = grid
const table = ref<HTMLTableElement | null>(null)
const shownReading = useShownReading()
/** The instrument on the bench shows what stands in the cell, as it is typed; what is read with another one shows nowhere. */
function show(event: Event) {
  const input = event.target as HTMLInputElement
  const [row, column] = (input.dataset.cell ?? '').split('-').map(Number)
  const { moment } = slotAt(rows.value[row!]!, columns.value[column!]!)
  const here = wayOf(store.plan).at(store.plan, moment)
  if (here.measured.unit !== store.plan.measured.unit) return void (shownReading.value = null)
  const read = wayOf(store.plan).check(here, input.value, null)
  shownReading.value = read.state === 'value' && typeof read.value === 'number' ? read.value : null
}
onBeforeUnmount(() => (shownReading.value = null))

/** What a key has asked about a cell. */
const asked = ref<{ what: 'aside' | 'note' | 'noticed'; slot: Slot } | null>(null)
const symbolAt = ({ moment }: Slot) =>
  unitDefinition(wayOf(store.plan).at(store.plan, moment).measured.unit).symbol
const suggested = computed(() =>
  typeof hint.value?.suggestion === 'number'
    ? `${grid.printValue(hint.value.suggestion)} ${symbolAt(hint.value.slot)}`.trimEnd()
    : '',
)
/** Words and orders need more room than numbers. */
const field = computed(() => wayOf(store.plan).fields(store.plan)[0]!)
const wide = computed(() => field.value.instrument === null && wayOf(store.plan).asks === null)
const odd = computed(() => new Set(results.evidence.odd.map((one) => one.id)))

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
  if (by === 1 && wayOf(store.plan).asks !== null) {
    await nextTick()
    const { next } = rows.value[row]!.progress
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
  grid.addNote(asked.value!.slot, note)
  void leave()
}

function setAside(reason: string) {
  grid.setAside(asked.value!.slot, reason)
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
  const { slot } = hint.value!
  hint.value = null
  goTo(slot)
}

function takeInstead() {
  const { slot, suggestion } = hint.value!
  grid.takeInstead(suggestion!)
  goTo(slot)
}

function keepIt() {
  grid.settle(hint.value!.slot, true)
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
  notices.tell(
    left === 0
      ? `${taken} numbers pasted.`
      : `${taken} numbers pasted; ${left} could not be taken and need a look.`,
  )
}

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
  }
}

const nameOf = (levelId: string) =>
  levelName(
    store.plan,
    levels.value.find((one) => one.id === levelId)!,
  )
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
                  :title="grid.stateOf(slotAt(row, column))?.counted?.note || undefined"
                  autocomplete="off"
                  :inputmode="wide || together ? 'text' : 'decimal'"
                  maxlength="200"
                  :aria-label="grid.whereWords(slotAt(row, column))"
                  :aria-invalid="cellClass(slotAt(row, column)).unread ? true : undefined"
                  @input="grid.draft(slotAt(row, column), ($event.target as HTMLInputElement).value)"
                  @focus="($event.target as HTMLInputElement).select()"
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

.done {
  text-align: right;
  padding-right: 10px;
  color: var(--ink-soft);
  font-size: var(--text-small);
}
</style>
