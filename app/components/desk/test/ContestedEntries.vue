<script setup lang="ts">
import { computed } from 'vue'
import { firstOf } from '#core/defined'
import { wayOf } from '#core/recording'
import { useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'
import { slotWords } from '~/words/slotWords'

/** Places that two devices have filled: neither counts until the teacher says which does. */
const store = useLesson()
const recorder = useRecorder('desk')
/** Of two starts the first is the one; nobody need be asked. */
const contested = computed(() => {
  const beside = wayOf(store.plan).optionalMoments(store.plan)
  return [...store.slots.values()].filter(
    ({ contested: both }) => both.length > 0 && !beside.includes(firstOf(both).moment),
  )
})
const sources = { sheet: 'a Sheet', desk: 'the Desk', import: 'a file', demo: 'the demo' }
</script>

<template>
  <div v-if="contested.length" class="stack" role="alert">
    <div v-for="{ contested: entries } in contested" :key="entries[0]!.id" class="to-settle">
      <p>
        <b>{{ slotWords(store, entries[0]!) }}:</b> written down
        {{ entries.length === 2 ? 'twice' : `${entries.length} times` }}. Which one counts?
      </p>
      <VBtn
        v-for="entry in entries"
        :key="entry.id"
        size="small"
        variant="outlined"
        color="secondary"
        @click="recorder.choose(entry)"
        >{{ wayOf(store.plan).print(store.plan, entry) }} from {{ sources[entry.source] }}</VBtn
      >
    </div>
  </div>
</template>
