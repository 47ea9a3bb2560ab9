<script setup lang="ts">
import { usesInstrument } from '#core/recording'
import { useLesson } from '~/stores/lesson'
import { useCautions } from '~/stores/cautions'

/** What to do and to mind, and a practice try or two, which nobody writes down. */
defineEmits<{ done: [] }>()
const store = useLesson()
const care = useCautions()
</script>

<template>
  <section class="step">
    <h1 v-if="store.plan.practiceTries > 0">
      Practise first:
      {{ store.plan.practiceTries === 1 ? 'one try that does' : `${store.plan.practiceTries} tries that do` }}
      not count
    </h1>
    <h1 v-else>Before you begin</h1>
    <ol v-if="store.plan.steps.length">
      <li v-for="(line, index) in store.plan.steps.filter((one) => one.trim())" :key="index">{{ line }}</li>
    </ol>
    <InstrumentDrawing
      v-if="usesInstrument(store.plan)"
      :instrument="store.plan.measured.instrument"
      :across="350"
      :upright="200"
      class="scale"
    />
    <div v-if="care.cautions.length" class="care">
      <p v-for="caution in care.cautions" :key="caution.hazard">
        <b>{{ caution.heading }}</b>: {{ caution.caution }}
      </p>
    </div>
    <VBtn color="primary" size="x-large" block @click="$emit('done')">{{
      store.plan.practiceTries > 0 ? 'We have practised' : 'We are ready'
    }}</VBtn>
  </section>
</template>

<style scoped>
h1 {
  font-size: var(--text-display);
}

ol {
  padding-left: 26px;
  font-size: var(--text-lead);
  line-height: 1.6;
}

.care {
  border: 2px solid var(--marigold);
  border-radius: var(--radius);
  background: var(--marigold-wash);
  padding: 10px 14px;
  display: grid;
  gap: 8px;
}

.scale {
  max-width: 100%;
  height: auto;
}
</style>
