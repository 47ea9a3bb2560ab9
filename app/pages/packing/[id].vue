<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Sign } from '#core/lesson'
import { amountWords } from '#core/kit'
import { dayWords } from '~/words/dates'
import { useVisitor } from '~/composables/useVisitor'
import { useLiveLesson } from '~/composables/useLiveLesson'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { usePack, type PackCell } from '~/stores/pack'
import { waitingWords } from '~/words/waiting'

/** Packing with a phone in the store cupboard: tick as you pack, thing by thing or tray by tray. */
const route = useRoute()
const store = useLesson()
const pack = usePack()
const notices = useNotices()
const id = computed(() => String(route.params.id))
useLiveLesson(id)
void notices.attempt(() => pack.load(id.value))
/** A helper who came in by a link has no Desk that leads to the clock. */
const access = useVisitor()
const isHelper = computed(() => access.visitor?.kind === 'assistant')
const ready = computed(() => store.lesson?.id === id.value && pack.loadedFor === id.value)
const by = ref<'thing' | 'tray'>('thing')

const done = computed(() => pack.cells.filter(pack.isPacked).length)
const emblemOf = (place: string) => store.testers.find((one) => one.id === place)?.emblem ?? null

interface Heap {
  key: string
  title: string
  emblem: Sign | null
  shelf: string
  total: string
  cells: PackCell[]
}
const heaps = computed<Heap[]>(() => {
  const all = new Map<string, Heap>()
  for (const cell of pack.cells) {
    const byThing = by.value === 'thing'
    const key = byThing ? cell.line.material.id : cell.place
    const { material, total } = cell.line
    const before = all.get(key)
    if (before) before.cells.push(cell)
    else
      all.set(key, {
        key,
        title: byThing ? material.name : cell.name,
        emblem: byThing ? null : emblemOf(cell.place),
        shelf: byThing ? pack.shelfOf(cell.line) : '',
        total: byThing ? amountWords(total, material.unit) : '',
        cells: [cell],
      })
  }
  return [...all.values()]
})
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
        <VBtn v-if="isHelper" size="small" variant="tonal" color="secondary" :to="`/board/${id}`">Clock</VBtn>
        <span class="number" :aria-label="`${done} of ${pack.cells.length} packed`"
          >{{ done }} / {{ pack.cells.length }}</span
        >
      </header>
      <LessonRemoved />
      <VProgressLinear
        :model-value="pack.cells.length ? (100 * done) / pack.cells.length : 0"
        color="primary"
        height="8"
        rounded
        aria-hidden="true"
      />
      <VBtnToggle v-model="by" mandatory color="secondary" variant="outlined" divided class="by">
        <VBtn value="thing">Thing by thing</VBtn>
        <VBtn value="tray">Tray by tray</VBtn>
      </VBtnToggle>
      <section v-for="heap in heaps" :key="heap.key" :class="{ ready: heap.cells.every(pack.isPacked) }">
        <h2>
          <GroupEmblem v-if="heap.emblem" :emblem="heap.emblem" :size="26" named name="" />
          <span>{{ heap.title }}</span>
          <b v-if="heap.total">{{ heap.total }}</b>
          <VBtn size="small" variant="text" color="primary" @click="pack.tickAll(heap.cells)">{{
            heap.cells.every(pack.isPacked) ? 'none' : 'all'
          }}</VBtn>
        </h2>
        <p v-if="heap.shelf" class="small soft">{{ heap.shelf }}</p>
        <ul>
          <li v-for="cell in heap.cells" :key="cell.place + cell.line.material.id">
            <button
              type="button"
              :class="{ ticked: pack.isPacked(cell) }"
              :aria-pressed="pack.isPacked(cell)"
              @click="pack.tickAll([cell])"
            >
              <span class="box" aria-hidden="true">{{ pack.isPacked(cell) ? '✓' : '' }}</span>
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
        {{ pack.pending.length }} {{ pack.pending.length === 1 ? 'tick is' : 'ticks are' }}
        {{ waitingWords() }}.
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
  font: 600 var(--text-heading) var(--heading);
}

h1 {
  font-size: var(--text-heading);
}

.by {
  width: 100%;
  margin: 12px 0 4px;
}

.by > * {
  flex: 1;
}

section {
  background: var(--surface);
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
  font-size: var(--text-lead);
}

h2 > span:not(.emblem) {
  flex: 1;
}

ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
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
  background: var(--surface);
  color: var(--ink);
  padding: 4px 8px;
  text-align: left;
  font: 400 var(--text-body-small)/1.2 var(--text);
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

li button.ticked {
  background: var(--teal-wash);
  border-color: var(--teal);
  box-shadow: inset 0 0 0 1px var(--teal);
}

.ticked .box {
  background: var(--teal);
  border-color: var(--teal);
  color: #fff;
}
</style>
