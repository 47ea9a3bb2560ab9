<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { CupboardInstrument } from '#core/instrument'
import { newId } from '#core/plan'
import { unitDefinition, units } from '#core/quantity'
import type { FieldProblem } from '#shared/schemas'
import { useNotices } from '~/stores/notices'

/** The instruments of the school: their marks, how far they reach, how many there are; the chosen one is drawn. */
const cupboard = defineModel<CupboardInstrument[]>({ required: true })
const props = defineProps<{ problems: FieldProblem[] }>()
const notices = useNotices()
const chosenId = ref(cupboard.value[0]?.id)
const chosen = computed(() => cupboard.value.find((one) => one.id === chosenId.value) ?? cupboard.value[0])
const drawable = computed(
  () => chosen.value && chosen.value.greatest > chosen.value.least && chosen.value.smallestMark > 0,
)
const unitItems = units.map((unit) => ({ title: unitDefinition(unit).spoken, value: unit }))
/** What is being typed and is no number yet. */
const columns: {
  key: 'smallestMark' | 'numberedEvery' | 'least' | 'greatest' | 'secondsPerReading' | 'howMany'
  name: string
}[] = [
  { key: 'smallestMark', name: 'A mark every' },
  { key: 'numberedEvery', name: 'A number every' },
  { key: 'least', name: 'From' },
  { key: 'greatest', name: 'To' },
  { key: 'secondsPerReading', name: 'Seconds to read' },
  { key: 'howMany', name: 'How many' },
]

function change(id: string, changes: Partial<CupboardInstrument>) {
  cupboard.value = cupboard.value.map((one) => (one.id === id ? { ...one, ...changes } : one))
}

function takeOut(gone: CupboardInstrument) {
  const before = cupboard.value
  cupboard.value = before.filter((one) => one.id !== gone.id)
  notices.tell(`${gone.name || 'The instrument'} is taken out.`, () => void (cupboard.value = before))
}

function problemAt(index: number, key: string): string | undefined {
  return props.problems.find(({ path }) => path === `cupboard.${index}.${key}`)?.message
}

const rowProblem = (index: number) => props.problems.find(({ path }) => path === `cupboard.${index}`)?.message

function add() {
  const made: CupboardInstrument = {
    id: newId(),
    name: '',
    dimension: 'length',
    unit: 'cm',
    smallestMark: 1,
    numberedEvery: 10,
    least: 0,
    greatest: 100,
    secondsPerReading: 10,
    howMany: 1,
  }
  cupboard.value = [...cupboard.value, made]
  chosenId.value = made.id
}
</script>

<template>
  <div class="stack">
    <div v-if="chosen && drawable" class="drawn">
      <InstrumentDrawing :instrument="chosen" :across="700" :upright="150" />
      <p class="small soft">{{ chosen.name || 'New instrument' }}, as a group will see it</p>
    </div>
    <table class="typed-in">
      <thead>
        <tr>
          <th scope="col">Instrument</th>
          <th scope="col">Reads</th>
          <th v-for="column in columns" :key="column.key" scope="col">{{ column.name }}</th>
          <th><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(one, index) in cupboard"
          :key="one.id"
          :class="{ chosen: one.id === chosen?.id }"
          @focusin="chosenId = one.id"
        >
          <td data-head="Instrument">
            <VTextField
              :model-value="one.name"
              aria-label="Name of the instrument"
              :maxlength="60"
              :error-messages="problemAt(index, 'name') ?? rowProblem(index)"
              @update:model-value="change(one.id, { name: $event })"
            />
          </td>
          <td data-head="Reads" class="reads">
            <VSelect
              :model-value="one.unit"
              :items="unitItems"
              :aria-label="`What ${one.name} reads`"
              @update:model-value="
                change(one.id, { unit: $event, dimension: unitDefinition($event).dimension })
              "
            />
          </td>
          <td v-for="column in columns" :key="column.key" class="number" :data-head="column.name">
            <QuantityField
              :model-value="one[column.key]"
              :aria-label="`${column.name}, ${one.name}`"
              :problem="problemAt(index, column.key)"
              @update:model-value="change(one.id, { [column.key]: $event! })"
            />
          </td>
          <td>
            <TakeOut
              :what="one.name || 'this instrument'"
              :disabled="cupboard.length === 1"
              @click="takeOut(one)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <VBtn variant="text" color="primary" :prepend-icon="mdiPlus" class="add" @click="add"
      >Add an instrument</VBtn
    >
  </div>
</template>

<style scoped>
.drawn {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
}

.drawn :deep(svg) {
  max-width: 100%;
  height: auto;
}

@media (min-width: 761px) {
  td.number {
    width: 96px;
  }

  .reads {
    width: 190px;
  }
}

.chosen td {
  background: var(--teal-wash);
}

.add {
  align-self: flex-start;
}
</style>
