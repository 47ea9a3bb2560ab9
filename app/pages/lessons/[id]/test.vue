<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { capital, unitDefinition } from '#core/quantity'
import { usesInstrument, wayOf } from '#core/recording'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'

const store = useLesson()
const observations = useObservations()
const view = ref<'predictions' | 'readings' | 'noticed' | 'journal' | 'who'>(
  store.entries.length > 0 || store.predictors.every((one) => one.made) ? 'readings' : 'predictions',
)
const predicted = computed(() => store.predictors.filter((one) => one.made).length)
/** What an entry is, where the numbers alone do not say it. */
const help = computed(() => {
  const way = wayOf(store.plan)
  const said = way.fields(store.plan)[0]?.help ?? ''
  if (said === '') return ''
  return usesInstrument(store.plan)
    ? `One number for each try: ${said}.`
    : `${capital(way.oneEntry)}: ${said}.`
})
const fromFile = ref(false)
/** Times can be taken here for all at once. */
const isTimed = computed(
  () => usesInstrument(store.plan) && unitDefinition(store.plan.measured.unit).dimension === 'time',
)
const timing = ref(false)
const ready = () => store.plan.levels.length > 0

// Looking in does not start the test; the first prediction or reading does.
watch(
  () => store.entries.length + store.open.predictions.length > 0,
  (begun) => {
    if (begun && ['wonder', 'plan', 'pack'].includes(store.open.stage)) void store.setStage('test')
  },
  { immediate: true },
)
</script>

<template>
  <div class="stack">
    <div class="spread">
      <VBtnToggle v-model="view" mandatory color="secondary" density="comfortable" variant="outlined" divided>
        <VBtn value="predictions"
          >Predictions <span class="count">{{ predicted }}/{{ store.predictors.length }}</span></VBtn
        >
        <VBtn value="readings">Readings</VBtn>
        <VBtn value="noticed"
          >Noticed
          <span v-if="observations.standing.length" class="count">{{
            observations.standing.length
          }}</span></VBtn
        >
        <VBtn value="journal">Journal</VBtn>
        <VBtn value="who">Who</VBtn>
      </VBtnToggle>
      <div v-if="view === 'readings'" class="row files">
        <VBtn v-if="isTimed" size="small" variant="text" color="primary" @click="timing = true"
          >Time several</VBtn
        >
        <VBtn size="small" variant="text" color="primary" @click="fromFile = true">From a file</VBtn>
        <VBtn
          v-if="store.entries.length > 0"
          size="small"
          variant="text"
          color="primary"
          :href="`/api/lessons/${store.open.id}/readings.csv`"
          >Save as CSV</VBtn
        >
      </div>
      <p v-if="view === 'readings' && store.plan.practiceTries > 0" class="small soft">
        Practise first:
        {{ store.plan.practiceTries === 1 ? 'one try does' : `${store.plan.practiceTries} tries do` }} not
        count.
      </p>
    </div>
    <NextBell v-if="view === 'readings'" face="desk" :most="3" />
    <p v-if="view === 'readings' && help" class="small soft">{{ help }}</p>
    <p v-if="view === 'readings' && !store.confirmed" class="panel small" role="status">
      Before the first reading counts, check the cautions under <b>Safe</b>. What you type until then waits
      here.
    </p>
    <FinerMarks v-if="view === 'readings'" />
    <ContestedEntries />
    <RefusedEntries />
    <EntriesImport v-model="fromFile" />
    <TimeSeveral v-if="isTimed" v-model="timing" />
    <p v-if="!ready()" class="panel">
      The plan has no levels yet.
      <NuxtLink :to="`/lessons/${store.open.id}/plan`">Add levels in Plan</NuxtLink>, then readings have a
      place to go.
    </p>
    <PredictionsPanel v-else-if="view === 'predictions'" />
    <ObservationsPanel v-else-if="view === 'noticed'" />
    <ReadingGrid v-else-if="view === 'readings'" />
    <WhoDoesWhat v-else-if="view === 'who'" />
    <ReadingJournal v-else />
  </div>
</template>

<style scoped>
.count {
  margin-left: 8px;
  opacity: 0.8;
}
</style>
