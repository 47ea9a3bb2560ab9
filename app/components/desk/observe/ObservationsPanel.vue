<script setup lang="ts">
import { waitingWords } from '~/words/waiting'
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'

/** All that was seen besides, for the teacher: as it comes in, what was taken off, and what could not be kept. */
const store = useLesson()
const observations = useObservations()
const writing = ref(false)
const waiting = computed(
  () => observations.waiting.filter((one) => one.lessonId === store.open.id && observations.offline).length,
)
</script>

<template>
  <div class="stack">
    <div class="row">
      <VBtn color="primary" :prepend-icon="mdiPlus" @click="writing = true">Something noticed</VBtn>
      <p class="small soft grow">
        Groups write theirs on their Sheets. In the grid, the key <kbd>o</kbd> adds one about a try.
      </p>
      <VBtn
        v-if="store.open.observations.length > 0"
        size="small"
        variant="text"
        color="primary"
        :href="`/api/lessons/${store.open.id}/observations.csv`"
        >Save as CSV</VBtn
      >
    </div>
    <p v-if="waiting > 0" class="small soft" role="status">{{ waiting }} {{ waitingWords() }}.</p>
    <RefusedObservations />
    <ul v-if="observations.standing.length > 0">
      <ObservationCard v-for="one in observations.standing" :key="one.id" :one="one" />
    </ul>
    <p v-else class="panel">
      Nothing yet. A sound, a colour, a surprise: words, sketches and photos of it appear here and in Compare.
    </p>
    <template v-if="observations.takenOff.length > 0">
      <h2>Taken off</h2>
      <ul>
        <ObservationCard v-for="one in observations.takenOff" :key="one.id" :one="one" />
      </ul>
    </template>
    <ObserveDialog v-model="writing" source="desk" />
  </div>
</template>

<style scoped>
.grow {
  flex: 1;
}

kbd {
  font: 600 var(--text-small) var(--text);
  padding: 0 6px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--surface);
}

h2 {
  font-size: var(--text-body);
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}
</style>
