<script setup lang="ts">
import {
  mdiArrowRight,
  mdiFileDocumentOutline,
  mdiFileExportOutline,
  mdiNotebookOutline,
  mdiPrinterOutline,
} from '@mdi/js'
import { computed } from 'vue'
import { hasOneSetting } from '#core/plan'
import { currentDay } from '#shared/lesson/currentDay'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { useResults } from '~/stores/results'
import { useSchool } from '~/stores/school'

const store = useLesson()
const results = useResults()
const school = useSchool()
const notices = useNotices()
const router = useRouter()
const conclusion = computed(() => store.open.conclusion)
/** One setting has an answer without a comparison: how much it gave, and how much it varied. */
const isOneSetting = computed(() => hasOneSetting(store.scored) && store.counted.length > 0)
/** What went wrong, offered for what the class would do better; what is there already is not offered again. */
const offered = computed(() =>
  results.caveats.filter((line) => !conclusion.value.better.includes(line)).slice(0, 3),
)
const addBetter = (line: string) =>
  store.editConclusion({
    better: [conclusion.value.better.trim(), line].filter(Boolean).join(' ').slice(0, 600),
  })
async function planNext() {
  const { id, class: own } = store.open
  const question = conclusion.value.nextQuestion.trim()
  const next = await notices.attempt(() =>
    school.createLesson(own.id, currentDay(), { kind: 'next', id, question }),
  )
  if (next) await router.push(`/lessons/${next}/plan`)
}
if (store.open.stage === 'compare' && (results.evidence.results.length >= 2 || isOneSetting.value))
  void store.setStage('conclude')
</script>

<template>
  <div class="stack">
    <div class="spread">
      <h1 class="stage-title">{{ store.plan.question || 'No question yet' }}</h1>
      <div class="row files">
        <VMenu>
          <template #activator="{ props: menu }">
            <VBtn v-bind="menu" variant="text" size="small" :prepend-icon="mdiFileExportOutline"
              >Save as a file</VBtn
            >
          </template>
          <VList density="compact">
            <LessonFileItems :lesson-id="store.open.id" />
            <VListItem
              :href="`/api/lessons/${store.open.id}/evidence.json`"
              target="_blank"
              title="Evidence as JSON"
              subtitle="What the readings say, for other programs"
            />
          </VList>
        </VMenu>
        <VBtn
          variant="text"
          size="small"
          :prepend-icon="mdiNotebookOutline"
          :href="`/print/${store.open.id}/journal`"
          target="_blank"
          >Journal pages</VBtn
        >
        <VMenu>
          <template #activator="{ props: menu }">
            <VBtn v-bind="menu" variant="text" size="small" :prepend-icon="mdiFileDocumentOutline"
              >Report</VBtn
            >
          </template>
          <VList density="compact">
            <VListItem title="Written report" :href="`/print/${store.open.id}/report`" target="_blank" />
            <VListItem title="Method card" :href="`/print/${store.open.id}/method`" target="_blank" />
            <VListItem title="Report as a web page" :href="`/api/lessons/${store.open.id}/report.html`" />
            <VListItem title="Report as Markdown" :href="`/api/lessons/${store.open.id}/report.md`" />
          </VList>
        </VMenu>
        <VBtn
          color="primary"
          :prepend-icon="mdiPrinterOutline"
          :href="`/print/${store.open.id}/poster`"
          target="_blank"
          >Print the poster</VBtn
        >
      </div>
    </div>
    <p v-if="results.evidence.results.length < 2 && !isOneSetting" class="panel">
      There is nothing to conclude yet: at least two levels need readings.
      <NuxtLink :to="`/lessons/${store.open.id}/test`">Go on in Test</NuxtLink>.
    </p>
    <ClassAnswer v-else />
    <div class="two-columns">
      <PredictionsMet />
      <section class="panel stack">
        <h2>And then</h2>
        <VTextarea
          :model-value="conclusion.dissent"
          label="Who sees it differently, and why"
          :rows="1"
          :maxlength="600"
          @update:model-value="store.editConclusion({ dissent: $event })"
        />
        <VTextarea
          :model-value="conclusion.better"
          label="What we would do better"
          :rows="1"
          :maxlength="600"
          auto-grow
          @update:model-value="store.editConclusion({ better: $event })"
        />
        <OfferedLines :lines="offered" label="What went wrong" @take="addBetter" />
        <VTextField
          :model-value="conclusion.nextQuestion"
          label="Our next question"
          :maxlength="300"
          @update:model-value="store.editConclusion({ nextQuestion: $event })"
        />
        <NextFromResults
          v-if="!conclusion.nextQuestion.trim()"
          @take="store.editConclusion({ nextQuestion: $event })"
        />
        <VBtn
          v-if="conclusion.nextQuestion.trim()"
          variant="outlined"
          color="primary"
          size="small"
          :append-icon="mdiArrowRight"
          class="onward"
          @click="planNext"
          >Plan it, with this test carried over</VBtn
        >
      </section>
    </div>
  </div>
</template>

<style scoped>
.onward {
  align-self: flex-start;
}

@media (min-width: 1001px) {
  .files {
    flex: none;
    flex-wrap: nowrap;
    gap: 4px;
  }
}
</style>
