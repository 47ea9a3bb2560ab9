<script setup lang="ts">
import { computed, ref } from 'vue'
import { levelName } from '#core/plan'
import type { Slot } from '#core/entries'
import { letterOf, orderTyped, ownLevels, type FinishOrder } from '#core/recording'
import { useSheetAnswer } from '~/composables/useSheetAnswer'
import { useLesson } from '~/stores/lesson'

/** A heat: the runners are tapped in the order in which they come in. */
const props = defineProps<{ slotAt: Slot; level: string }>()
const emit = defineEmits<{ written: [slot: Slot] }>()
const store = useLesson()
const { note, asked, seen, answer, write, keep } = useSheetAnswer(
  () => props.slotAt,
  (slot) => emit('written', slot),
)
const order = ref<FinishOrder>({ places: [], out: [] })
/** Whether the next one that is tapped came in with the last. */
const together = ref(false)
const runners = computed(() =>
  ownLevels(
    store.plan,
    store.groups.findIndex((group) => group.id === props.slotAt.groupId),
  ).map((level) => ({
    id: level.id,
    letter: letterOf(store.plan, level.id),
    name: levelName(store.plan, level),
  })),
)
const left = computed(() =>
  runners.value.filter(({ id }) => !order.value.places.flat().includes(id) && !order.value.out.includes(id)),
)
const nameOf = (id: string) => runners.value.find((one) => one.id === id)?.name ?? ''
/** Those that came in, each with its place. */
const inPlaces = computed(() => {
  let before = 0
  return order.value.places.map((ids) => {
    const place = before + 1
    before += ids.length
    return { place: ids.length > 1 ? `${place}=` : String(place), names: ids.map(nameOf).join(' and ') }
  })
})

function change(next: FinishOrder) {
  order.value = next
  together.value = false
  answer(left.value.length === 0 ? orderTyped(store.plan, next) : '')
}

function comesIn(id: string) {
  const { places, out } = order.value
  const last = places.at(-1)
  change({
    out,
    places: together.value && last ? [...places.slice(0, -1), [...last, id]] : [...places, [id]],
  })
}

/** Takes the last tap back: who did not finish first, then who came in last. */
function back() {
  const { places, out } = order.value
  if (out.length > 0) return change({ places, out: [] })
  const last = places.at(-1) ?? []
  change({ out, places: last.length > 1 ? [...places.slice(0, -1), last.slice(0, -1)] : places.slice(0, -1) })
}

function anew() {
  change({ places: [], out: [] })
}
</script>

<template>
  <SheetTry v-model:note="note" :slot-at="slotAt" level="" :seen="seen" @write="write" @spoilt="anew">
    <p class="ask" role="status">
      {{
        left.length === 0
          ? 'Is this how they came in?'
          : together
            ? 'Tap the one that came in with it.'
            : 'Tap them as they come in.'
      }}
    </p>
    <ol v-if="inPlaces.length || order.out.length" class="came">
      <li v-for="one in inPlaces" :key="one.names">
        <b class="number">{{ one.place }}</b> {{ one.names }}
      </li>
      <li v-if="order.out.length"><b>–</b> {{ order.out.map(nameOf).join(' and ') }}, not finished</li>
    </ol>
    <div v-if="left.length" class="runners">
      <button v-for="one in left" :key="one.id" type="button" class="choice" @click="comesIn(one.id)">
        <span class="letter" aria-hidden="true">{{ one.letter }}</span> {{ one.name }}
      </button>
    </div>
    <div class="row">
      <VBtn
        v-if="order.places.length > 0 && left.length > 0"
        variant="outlined"
        size="large"
        :aria-pressed="together"
        @click="together = !together"
        >{{ together ? 'Not together' : 'The next came in with it' }}</VBtn
      >
      <VBtn
        v-if="left.length > 0"
        variant="outlined"
        size="large"
        @click="change({ ...order, out: left.map((one) => one.id) })"
        >The rest did not finish</VBtn
      >
      <VBtn v-if="inPlaces.length || order.out.length" variant="text" size="large" @click="back"
        >One back</VBtn
      >
    </div>
    <template #told>
      <SheetAsk
        v-if="asked || left.length === 0"
        :asked="asked"
        kept="it as it is"
        complete
        @again="anew"
        @keep="keep"
      />
    </template>
  </SheetTry>
</template>

<style scoped>
.ask {
  font: 600 var(--text-title)/1.3 var(--heading);
}

.came {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
  font-size: var(--text-heading);
}

.came b {
  display: inline-block;
  min-width: 2em;
}

.runners {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

.row {
  flex-wrap: wrap;
}

@media (max-width: 480px) {
  .runners {
    grid-template-columns: 1fr;
  }
}
</style>
