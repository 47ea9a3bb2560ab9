<script setup lang="ts">
import { mdiCheck } from '@mdi/js'
import { computed, reactive, watch } from 'vue'
import { defined } from '#core/defined'
import { predictionSteps, stepSaid, type PredictionAnswer, type PredictorSeat } from '#core/conclusion'
import type { PredictionStep } from '#core/plan'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Everybody's prediction, typed in by the teacher or seen as it comes from the Sheets. */
const store = useLesson()
const notices = useNotices()
const drafts = reactive<Record<string, { answer: PredictionAnswer | null; because: string; dirty: boolean }>>(
  {},
)
const lines = computed(() =>
  predictionSteps(store.plan).flatMap((step) =>
    store.predictors.map((one) => ({
      ...one,
      step,
      made: step === 'before' ? one.made : (one.again.find((made) => made.step === step) ?? null),
      key: `${one.groupId}|${one.seat}|${step}`,
      label:
        store.plan.prediction.who === 'class'
          ? 'Whole class'
          : one.seat > 0
            ? `${one.group.name}, child ${one.seat}`
            : one.group.name,
    })),
  ),
)

watch(
  lines,
  () => {
    for (const { key, made } of lines.value) {
      if (drafts[key]?.dirty) continue
      drafts[key] = { answer: made?.answer ?? null, because: made?.because ?? '', dirty: false }
    }
  },
  { immediate: true },
)

async function save(line: PredictorSeat & { key: string; step: PredictionStep }) {
  const draft = defined(drafts[line.key])
  if (!draft.answer) return
  await notices.attempt(async () => {
    await store.predict(line, defined(draft.answer), draft.because, line.step)
    draft.dirty = false
  })
}

const saveable = (key: string) => defined(drafts[key]).dirty && defined(drafts[key]).answer !== null
</script>

<template>
  <div class="predictions">
    <template v-for="(line, at) in lines" :key="line.key">
      <h2 v-if="line.step !== 'before' && line.step !== lines[at - 1]?.step" class="step">
        Once more, {{ stepSaid[line.step] }}
      </h2>
      <form class="line" @submit.prevent="save(line)">
        <b v-if="store.plan.prediction.who === 'class'">Whole class</b>
        <span v-else class="who">
          <GroupEmblem :emblem="line.group.emblem" named :name="line.group.name" :size="24" />
          <span v-if="line.seat > 0" class="soft">{{ line.seat }}</span>
        </span>
        <template v-if="drafts[line.key]">
          <PredictionInput
            :model-value="drafts[line.key]!.answer"
            :label="line.label"
            @update:model-value="Object.assign(drafts[line.key]!, { answer: $event, dirty: true })"
          />
          <VTextField
            v-if="store.plan.prediction.because"
            :model-value="drafts[line.key]!.because"
            label="because"
            :maxlength="300"
            @update:model-value="Object.assign(drafts[line.key]!, { because: $event, dirty: true })"
          />
          <span v-else />
          <VBtn v-if="saveable(line.key)" type="submit" color="primary" size="small">Keep</VBtn>
          <span v-else-if="line.made" class="small soft"
            ><VIcon :icon="mdiCheck" size="16" color="primary" />
            {{ line.made.late ? 'after the first reading' : stepSaid[line.step] }}</span
          >
          <span v-else class="small soft">not yet</span>
        </template>
      </form>
    </template>
  </div>
</template>

<style scoped>
.predictions {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.who {
  display: flex;
  gap: 6px;
  align-items: center;
}

.line {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) minmax(0, 1.3fr) 150px;
  gap: 12px;
  align-items: center;
}

@media (max-width: 760px) {
  .line {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px 12px;
  }

  .line > :nth-child(2),
  .line > :nth-child(3) {
    grid-column: 1 / -1;
  }

  .line > :nth-child(4) {
    grid-row: 1;
    grid-column: 2;
  }
}
</style>
