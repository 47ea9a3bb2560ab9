<script setup lang="ts">
import { computed, ref } from 'vue'
import { fromCupboard, type Instrument } from '#core/instrument'
import { unitDefinition, units, type Unit } from '#core/quantity'
import { testingPlaces, type Measured } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** The one thing that is measured, and the instrument it is read from. */
const store = useLesson()
const measured = computed(() => store.plan.measured)
const marksShown = ref(false)
const cupboard = computed(() => store.open.school.cupboard)
const dimension = computed(() => unitDefinition(measured.value.unit).dimension)
const instruments = computed(() =>
  [
    ...cupboard.value.filter((one) => one.dimension === dimension.value),
    ...cupboard.value.filter((one) => one.dimension !== dimension.value),
  ].map((one) => ({ title: one.name, value: one.name })),
)
/** Too few for every group to have one, which is worth knowing before the lesson. */
const few = computed(() => {
  const own = cupboard.value.find((one) => one.name === measured.value.instrument.name)
  const working = testingPlaces(store.plan, store.groups.length).length
  return own && own.howMany < working
    ? `${own.howMany === 0 ? 'None' : `Only ${own.howMany}`} in the cupboard for ${working} groups.`
    : ''
})
const unitItems = units.map((unit) => ({ title: unitDefinition(unit).spoken, value: unit }))
const fields: { key: 'smallestMark' | 'numberedEvery' | 'least' | 'greatest'; label: string }[] = [
  { key: 'smallestMark', label: 'A mark every' },
  { key: 'numberedEvery', label: 'A number every' },
  { key: 'least', label: 'From' },
  { key: 'greatest', label: 'To' },
]
/** Drawn anew only when one of these has changed: a key typed elsewhere must not wait for these lists. */
const shown = computed(() => [
  measured.value,
  marksShown.value,
  store.plan.aim,
  store.plan.recording,
  few.value,
  instruments.value,
  store.planProblems,
])
const problem = (path: string) => store.planProblems.find((field) => field.path.startsWith(path))?.message

function change(changes: Partial<Measured>, key = '') {
  store.editPlan({ measured: { ...measured.value, ...changes } }, key)
}

function chooseInstrument(name: string) {
  const found = cupboard.value.find((one) => one.name === name)
  if (!found) return
  const instrument = fromCupboard(found)
  change({ instrument, unit: found.dimension === dimension.value ? measured.value.unit : instrument.unit })
}

function changeUnit(unit: Unit) {
  const fitting = cupboard.value.find((one) => one.dimension === unitDefinition(unit).dimension)
  if (unitDefinition(unit).dimension === dimension.value || !fitting) return change({ unit })
  const instrument = fromCupboard(fitting)
  change({ unit, instrument })
}

function changeMark(key: keyof Instrument, value: number | null) {
  if (value !== null) change({ instrument: { ...measured.value.instrument, [key]: value } }, key)
}
</script>

<template>
  <section v-memo="shown" class="panel stack tight">
    <div class="spread">
      <h2>We measure</h2>
      <VBtn
        variant="text"
        color="primary"
        size="small"
        :aria-expanded="marksShown"
        @click="marksShown = !marksShown"
        >{{ marksShown ? 'Hide its marks' : 'Change its marks' }}</VBtn
      >
    </div>
    <div class="two">
      <VTextField
        :model-value="measured.name"
        label="One thing"
        placeholder="bounce height"
        :maxlength="80"
        :error-messages="problem('measured.name')"
        @update:model-value="change({ name: $event }, 'measured')"
      />
      <VSelect
        :model-value="measured.unit"
        :items="unitItems"
        label="In"
        :error-messages="problem('measured.unit')"
        @update:model-value="changeUnit"
      />
    </div>
    <div class="two">
      <VSelect
        :model-value="measured.instrument.name"
        :items="instruments"
        label="With"
        :hint="few"
        :persistent-hint="few !== ''"
        :hide-details="few === ''"
        @update:model-value="chooseInstrument"
      />
      <RecordingKindSelect v-if="store.plan.aim === 'compare'" />
    </div>
    <RecordingEditor v-if="store.plan.aim === 'compare'" />
    <div v-if="marksShown" class="four">
      <QuantityField
        v-for="field in fields"
        :key="field.key"
        :model-value="measured.instrument[field.key]"
        :label="field.label"
        :unit="measured.instrument.unit"
        :problem="problem(`measured.instrument.${field.key}`)"
        @update:model-value="changeMark(field.key, $event)"
      />
    </div>
  </section>
</template>

<style scoped>
.tight {
  gap: 10px;
}

.two {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 10px;
  align-items: center;
}

.four {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 8px;
}
</style>
