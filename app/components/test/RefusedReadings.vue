<script setup lang="ts">
import { computed } from 'vue'
import { levelName } from '#core/plan'
import { slotKey } from '#core/record'
import { useRecorder } from '../../composables/useRecorder'
import { useLesson } from '../../stores/lesson'
import { useReadingQueue, type RefusedReading } from '../../stores/readingQueue'

/** Readings that met another one on their way: the person decides which stands. */
const store = useLesson()
const queue = useReadingQueue()
const recorder = useRecorder('desk')
const mine = computed(() => queue.refused.filter((one) => one.lessonId === store.open.id))

function words({ reading }: RefusedReading): string {
  const group = store.groups.find((one) => one.id === reading.groupId)?.name ?? 'a group'
  const level = store.plan.levels.find((one) => one.id === reading.levelId)
  return `${group}, ${level ? levelName(store.plan, level) : 'a level no longer in the plan'}, try ${reading.tryNumber}`
}

const canUse = ({ reading }: RefusedReading) =>
  reading.status === 'counted' &&
  reading.value !== null &&
  store.plan.levels.some((level) => level.id === reading.levelId) &&
  store.groups.some((group) => group.id === reading.groupId)
const standing = ({ reading }: RefusedReading) => store.slots.get(slotKey(reading))?.counted?.typed

function useMine(one: RefusedReading) {
  queue.dismiss(one.reading.id)
  recorder.record(one.reading, one.reading.value!, one.reading.typed)
}
</script>

<template>
  <div v-if="mine.length" class="stack" role="alert">
    <div v-for="one in mine" :key="one.reading.id" class="refused">
      <p>
        <b>Not saved: {{ one.reading.typed }} for {{ words(one) }}.</b> {{ one.message }}
      </p>
      <VBtn v-if="canUse(one)" size="small" variant="outlined" color="secondary" @click="useMine(one)"
        >Use {{ one.reading.typed }}</VBtn
      >
      <VBtn size="small" variant="text" @click="queue.dismiss(one.reading.id)">{{
        standing(one) ? `Leave ${standing(one)}` : 'Leave it'
      }}</VBtn>
    </div>
  </div>
</template>

<style scoped>
.refused {
  background: var(--coral-wash);
  border-left: 4px solid var(--coral);
  border-radius: 8px;
  padding: 8px 12px;
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
</style>
