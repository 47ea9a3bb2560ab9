<script setup lang="ts">
import { ageBands, type AgeBand } from '#core/class'
import { paceOf, papers, planLimits, timesLimits, type AgeDefaults, type SchoolWays } from '#core/plan'
import {
  counts,
  months,
  paceChoices,
  pictureKeepings,
  predictors,
  roundings,
  summaries,
  unitSystems,
  vocabularies,
  whoTests,
} from '~/words/planChoices'

/** How the school usually works: what new classes and plans begin with. */
const ways = defineModel<SchoolWays>({ required: true })

function set(changes: Partial<SchoolWays>) {
  ways.value = { ...ways.value, ...changes }
}

function setAge(age: AgeBand, changes: Partial<AgeDefaults>) {
  set({ byAge: { ...ways.value.byAge, [age]: { ...ways.value.byAge[age], ...changes } } })
}

/** What is one choice from a list. */
const lists = [
  { key: 'vocabulary', label: 'Our words', items: vocabularies },
  { key: 'units', label: 'Units', items: unitSystems },
  { key: 'paper', label: 'Paper to print on', items: papers },
  { key: 'rounding', label: 'Read to', items: roundings },
  { key: 'whoTests', label: 'Who tests what', items: whoTests },
  { key: 'practiceTries', label: 'Practice tries first', items: counts(0, planLimits.practiceTries) },
] as const
</script>

<template>
  <div class="ways">
    <VSelect
      v-for="one in lists"
      :key="one.key"
      :model-value="ways[one.key]"
      :items="one.items"
      :label="one.label"
      @update:model-value="set({ [one.key]: $event })"
    />
    <QuantityField
      :model-value="ways.lessonMinutes"
      label="How long a lesson is"
      unit="min"
      whole
      :least="5"
      :greatest="timesLimits.lesson"
      @update:model-value="set({ lessonMinutes: $event ?? ways.lessonMinutes })"
    />
    <VSelect
      :model-value="ways.prediction.who"
      :items="predictors"
      label="Who predicts"
      @update:model-value="set({ prediction: { ...ways.prediction, who: $event } })"
    />
    <VCheckbox
      :model-value="ways.prediction.because"
      label="predict with “because”"
      @update:model-value="set({ prediction: { ...ways.prediction, because: $event ?? false } })"
    />
    <VSelect
      :model-value="ways.pictures.keep"
      :items="pictureKeepings"
      label="Children’s pictures stay until"
      @update:model-value="set({ pictures: { ...ways.pictures, keep: $event } })"
    />
    <VSelect
      :model-value="ways.pictures.yearEnds"
      :items="months"
      label="Our school year ends in"
      @update:model-value="set({ pictures: { ...ways.pictures, yearEnds: $event } })"
    />
    <div class="ages">
      <template v-for="age in ageBands" :key="age">
        <b>{{ age.replace('-', ' to ') }} years</b>
        <VSelect
          :model-value="ways.byAge[age].tries"
          :items="counts(1, planLimits.tries)"
          :label="`Tries at each level, ${age.replace('-', ' to ')}`"
          @update:model-value="setAge(age, { tries: $event })"
        />
        <VSelect
          :model-value="ways.byAge[age].summary"
          :items="summaries"
          :label="`One number from tries, ${age.replace('-', ' to ')}`"
          @update:model-value="setAge(age, { summary: $event })"
        />
        <VSelect
          :model-value="paceOf(age, ways)"
          :items="paceChoices"
          :label="`To set up and to read, ${age.replace('-', ' to ')}`"
          @update:model-value="setAge(age, { pace: $event })"
        />
      </template>
    </div>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
}

.ages {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 110px 1fr 1fr 1fr;
  gap: 10px 12px;
  align-items: center;
}

@media (max-width: 800px) {
  .ways {
    grid-template-columns: 1fr;
  }
}
</style>
