<script setup lang="ts">
import { mdiCheck } from '@mdi/js'
import { computed, reactive, watch } from 'vue'
import type { PredictionAnswer } from '#core/conclusion'
import { useLesson } from '../../stores/lesson'
import { useNotices } from '../../stores/notices'

/** Every group's prediction, typed in by the teacher or seen as it comes from the Sheets. */
const store = useLesson()
const notices = useNotices()
const drafts = reactive<Record<string, { answer: PredictionAnswer | null; because: string; dirty: boolean }>>(
  {},
)
const made = computed(() => new Map(store.open.predictions.map((one) => [one.groupId, one])))

watch(
  [() => store.groups, made],
  () => {
    for (const group of store.groups) {
      if (drafts[group.id]?.dirty) continue
      const prediction = made.value.get(group.id)
      drafts[group.id] = {
        answer: prediction?.answer ?? null,
        because: prediction?.because ?? '',
        dirty: false,
      }
    }
  },
  { immediate: true },
)

async function save(groupId: string) {
  const draft = drafts[groupId]!
  if (!draft.answer) return
  await notices.attempt(async () => {
    await store.predict(groupId, draft.answer!, draft.because)
    draft.dirty = false
  })
}

const saveable = (groupId: string) => drafts[groupId]!.dirty && drafts[groupId]!.answer !== null
</script>

<template>
  <div class="predictions">
    <form v-for="group in store.groups" :key="group.id" class="line" @submit.prevent="save(group.id)">
      <GroupEmblem :emblem="group.emblem" named :name="group.name" :size="24" />
      <template v-if="drafts[group.id]">
        <PredictionInput
          :model-value="drafts[group.id]!.answer"
          :label="group.name"
          @update:model-value="Object.assign(drafts[group.id]!, { answer: $event, dirty: true })"
        />
        <VTextField
          v-if="store.plan.prediction.because"
          :model-value="drafts[group.id]!.because"
          label="because"
          :maxlength="300"
          @update:model-value="Object.assign(drafts[group.id]!, { because: $event, dirty: true })"
        />
        <span v-else />
        <VBtn v-if="saveable(group.id)" type="submit" color="primary" size="small">Keep</VBtn>
        <span v-else-if="made.has(group.id)" class="small soft"
          ><VIcon :icon="mdiCheck" size="16" color="primary" />
          {{ made.get(group.id)!.late ? 'after the first reading' : 'before testing' }}</span
        >
        <span v-else class="small soft">not yet</span>
      </template>
    </form>
  </div>
</template>

<style scoped>
.predictions {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.line {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) minmax(0, 1.3fr) 150px;
  gap: 12px;
  align-items: center;
}
</style>
