<script setup lang="ts">
import { computed } from 'vue'
import { useRecorder } from '~/composables/useRecorder'
import { slotWords } from '~/words/slotWords'
import { useEntryQueue, type RefusedEntry } from '~/stores/sending/entryQueue'
import { useLesson } from '~/stores/lesson'

/** What the server would not take: it is told why, and may be sent once more where its place is still there. */
const props = withDefaults(defineProps<{ source?: 'desk' | 'sheet' }>(), { source: 'desk' })
const size = computed(() => (props.source === 'sheet' ? 'large' : 'small'))
const store = useLesson()
const queue = useEntryQueue()
const recorder = useRecorder(props.source)
const mine = computed(() => queue.refused.filter((one) => one.lessonId === store.open.id))

const typedOf = ({ entry }: RefusedEntry) =>
  Object.values(entry.fields)
    .map((field) => field.typed)
    .join(', ') || 'nothing'
const canUse = ({ entry }: RefusedEntry) =>
  entry.status === 'counted' &&
  (entry.levelId === null || store.plan.levels.some((level) => level.id === entry.levelId)) &&
  store.groups.some((group) => group.id === entry.groupId)

function useMine(one: RefusedEntry) {
  void queue.dismiss(one)
  recorder.putBack(one.entry)
}
</script>

<template>
  <div v-if="mine.length" class="stack" role="alert">
    <div v-for="one in mine" :key="one.entry.id" class="to-settle">
      <p>
        <b>Not saved: {{ typedOf(one) }} for {{ slotWords(store, one.entry) }}.</b> {{ one.message }}
      </p>
      <VBtn v-if="canUse(one)" :size="size" variant="outlined" color="secondary" @click="useMine(one)"
        >Use {{ typedOf(one) }}</VBtn
      >
      <VBtn :size="size" variant="text" @click="queue.dismiss(one)">Leave it</VBtn>
    </div>
  </div>
</template>
