<script setup lang="ts">
import { computed, ref } from 'vue'
import { observationKinds, type ObservationKind } from '#core/observation'
import { useObservations } from '~/stores/observations'
import { noteWords } from '~/words/noteWords'

/** What was seen besides, in the order in which it was seen. */
const observations = useObservations()
const only = ref<ObservationKind | null>(null)
const shown = computed(() =>
  observations.standing.filter((one) => only.value === null || one.kind === only.value),
)
const count = (kind: ObservationKind) => observations.standing.filter((one) => one.kind === kind).length
</script>

<template>
  <section id="besides" aria-label="Other things we noticed" class="strip">
    <div class="row">
      <h2>Other things we noticed</h2>
      <VBtnToggle v-model="only" density="compact" variant="outlined" color="secondary" divided>
        <VBtn v-for="kind in observationKinds" :key="kind" :value="kind" size="small"
          >{{ noteWords[kind].name }} {{ count(kind) }}</VBtn
        >
      </VBtnToggle>
    </div>
    <ul>
      <ObservationCard v-for="one in shown" :key="one.id" :one="one" />
    </ul>
  </section>
</template>

<style scoped>
.strip {
  scroll-margin-top: 200px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}

h2 {
  font-size: var(--text-body);
}

ul {
  list-style: none;
  margin: 0;
  padding: 0 0 6px;
  display: flex;
  gap: 10px;
  overflow-x: auto;
}

ul > :deep(*) {
  flex: none;
  width: 190px;
}
</style>
