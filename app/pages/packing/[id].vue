<script setup lang="ts">
import { computed, ref } from 'vue'
import { amountWords, type KitLine } from '#core/kit'
import { dayWords } from '../../words/dates'
import { useLiveLesson } from '../../composables/useLiveLesson'
import { useLesson } from '../../stores/lesson'
import { useNotices } from '../../stores/notices'
import { usePack } from '../../stores/pack'

/** Packing with a phone in the store cupboard: tick as you pack, thing by thing or tray by tray. */
const route = useRoute()
const store = useLesson()
const pack = usePack()
const notices = useNotices()
const id = computed(() => String(route.params.id))
useLiveLesson(id)
void notices.attempt(() => pack.load(id.value))
const ready = computed(() => store.lesson?.id === id.value && pack.loadedFor === id.value)
const by = ref<'thing' | 'tray'>('thing')

interface Cell {
  key: string
  line: KitLine
  place: string
  amount: number
  name: string
}
const cells = computed<Cell[]>(() =>
  pack.lines.flatMap((line) =>
    [
      ...store.groups.map((group, index) => ({
        place: group.id,
        amount: line.perGroup[index]!,
        name: group.name,
      })),
      {
        place: 'shared',
        amount: line.shared,
        name: line.material.place === 'teacher' ? 'the teacher' : 'the front table',
      },
      { place: 'spare', amount: line.spare, name: 'spares' },
    ]
      .filter((one) => one.amount > 0)
      .map((one) => ({ ...one, line, key: `${line.material.id}|${one.place}` })),
  ),
)
const isPacked = (cell: Cell) => pack.packed(cell.line.material.id, cell.place) >= cell.amount
const done = computed(() => cells.value.filter(isPacked).length)
const groupsOf = computed(() => {
  const all = new Map<
    string,
    { title: string; emblem: (typeof store.groups)[number]['emblem'] | null; cells: Cell[] }
  >()
  for (const cell of cells.value) {
    const key = by.value === 'thing' ? cell.line.material.id : cell.place
    const title = by.value === 'thing' ? cell.line.material.name : cell.name
    const before = all.get(key) ?? {
      title,
      emblem: by.value === 'tray' ? (emblemOf(cell.place) ?? null) : null,
      cells: [],
    }
    all.set(key, { ...before, cells: [...before.cells, cell] })
  }
  return [...all.entries()].map(([key, one]) => ({ key, ...one, ready: one.cells.every(isPacked) }))
})
const emblemOf = (place: string) => store.groups.find((one) => one.id === place)?.emblem
const whereIs = (line: KitLine) =>
  pack.availability.find((one) => one.need.materialIds.includes(line.material.id))?.supply?.place ?? ''
const totalOf = (list: Cell[]) =>
  by.value === 'thing'
    ? amountWords(
        Number(list.reduce((sum, cell) => sum + cell.amount, 0).toPrecision(10)),
        list[0]!.line.material.unit,
      )
    : ''

const tick = (cell: Cell) => pack.tick(cell.line.material.id, cell.place, isPacked(cell) ? 0 : cell.amount)

function tickAll(list: Cell[]) {
  const all = list.every(isPacked)
  for (const cell of list) pack.tick(cell.line.material.id, cell.place, all ? 0 : cell.amount)
}
useHead({ title: () => (ready.value ? `Packing ${store.plan.title}` : 'Packing') })
</script>

<template>
  <VMain class="packing">
    <template v-if="ready">
      <header>
        <div>
          <h1>{{ store.plan.title || 'Kit' }}</h1>
          <p class="soft small">{{ store.open.class.name }}, {{ dayWords(store.open.date) }}</p>
        </div>
        <span class="number" :aria-label="`${done} of ${cells.length} packed`"
          >{{ done }} / {{ cells.length }}</span
        >
      </header>
      <VProgressLinear
        :model-value="cells.length ? (100 * done) / cells.length : 0"
        color="primary"
        height="8"
        rounded
        aria-hidden="true"
      />
      <VBtnToggle v-model="by" mandatory color="secondary" variant="outlined" divided class="by">
        <VBtn value="thing">Thing by thing</VBtn>
        <VBtn value="tray">Tray by tray</VBtn>
      </VBtnToggle>
      <section v-for="one in groupsOf" :key="one.key" :class="{ ready: one.ready }">
        <h2>
          <GroupEmblem v-if="one.emblem" :emblem="one.emblem" :size="26" named name="" />
          <span>{{ one.title }}</span>
          <b v-if="totalOf(one.cells)">{{ totalOf(one.cells) }}</b>
          <VBtn size="small" variant="text" color="primary" @click="tickAll(one.cells)">{{
            one.ready ? 'none' : 'all'
          }}</VBtn>
        </h2>
        <p v-if="by === 'thing' && whereIs(one.cells[0]!.line)" class="small soft">
          {{ whereIs(one.cells[0]!.line) }}
        </p>
        <ul>
          <li v-for="cell in one.cells" :key="cell.key">
            <button
              type="button"
              :class="{ ticked: isPacked(cell) }"
              :aria-pressed="isPacked(cell)"
              @click="tick(cell)"
            >
              <span class="box" aria-hidden="true">{{ isPacked(cell) ? '✓' : '' }}</span>
              <b class="number">{{ amountWords(cell.amount, cell.line.material.unit) }}</b>
              <GroupEmblem
                v-if="by === 'thing' && emblemOf(cell.place)"
                :emblem="emblemOf(cell.place)!"
                :size="20"
                named
                name=""
              />
              <span>{{ by === 'thing' ? cell.name : cell.line.material.name }}</span>
            </button>
          </li>
        </ul>
      </section>
      <p v-if="pack.pending.length" class="small soft" role="status">
        {{ pack.pending.length }} ticks are kept here until the connection is back.
      </p>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.packing {
  padding: 12px 16px 30px;
  max-width: 640px;
  width: 100%;
  margin: 0 auto;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding-bottom: 8px;
  font: 600 1.25rem var(--heading);
}

h1 {
  font-size: 1.3rem;
}

.by {
  width: 100%;
  margin: 12px 0 4px;
}

.by > * {
  flex: 1;
}

section {
  background: #fff;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 8px 12px;
  margin-top: 10px;
}

section.ready {
  border-color: var(--teal);
  background: var(--teal-wash);
}

h2 {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 1.1rem;
}

h2 span:not(.emblem) {
  flex: 1;
}

ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

li button {
  width: 100%;
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
  color: var(--ink);
  padding: 4px 8px;
  text-align: left;
  font: 400 0.95rem/1.2 var(--text);
}

.box {
  width: 22px;
  height: 22px;
  border: 2px solid var(--ink);
  border-radius: 5px;
  display: grid;
  place-content: center;
  flex: none;
}

.ticked {
  background: var(--teal);
  border-color: var(--teal);
  color: #fff;
}

.ticked .box {
  border-color: #fff;
}
</style>
