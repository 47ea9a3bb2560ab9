<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { capital } from '#core/quantity'
import { wayOf } from '#core/recording'
import { predictionSaid } from '#core/report'
import { convincingPhrases, questionPhrases, reviewKey } from '#core/review'
import type { HostRecordDto } from '#shared/types/review'
import { request } from '~/api/request'
import { useDraftText } from '~/composables/useDraftText'
import { useReviews } from '~/composables/useReviews'
import { useLesson } from '~/stores/lesson'
import { sheetFindings } from './sheetEntries'

/** Another group's record, to look at, with one thing that convinces and one question to leave there. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ groupId: string; hostId: string }>()
const store = useLesson()
const { groupOf, leave } = useReviews()
const host = computed(() => groupOf(props.hostId))
const pair = computed(() => ({ byGroupId: props.groupId, ofGroupId: props.hostId }))
const draftKey = (what: string) => () => `${store.open.id}|${reviewKey(pair.value)}|${what}`
const convinced = useDraftText(draftKey('convinced'))
const question = useDraftText(draftKey('question'))
const canLeave = computed(() => convinced.value.trim() !== '' || question.value.trim() !== '')
const record = shallowRef<HostRecordDto | null>(null)
const isCut = ref(false)

async function look() {
  isCut.value = false
  try {
    const params = { id: store.open.id, groupId: props.groupId }
    record.value = await request('GET', '/api/lessons/:id/reviews/:groupId', { params })
  } catch {
    // The readings are here already: they can be looked at without the rest.
    isCut.value = true
  }
}
watch(
  shown,
  (isShown) => {
    if (!isShown) return
    void look()
    const before = store.open.reviews.find((one) => reviewKey(one) === reviewKey(pair.value))
    convinced.value ||= before?.convinced ?? ''
    question.value ||= before?.question ?? ''
  },
  { immediate: true },
)
store.onEvent((event) => {
  if (shown.value && ['observation', 'prediction', 'reviewing'].includes(event.kind)) void look()
})

const theirs = computed(() => (record.value?.ofGroupId === props.hostId ? record.value : null))
const predicted = computed(() =>
  (theirs.value?.predictions ?? []).map((one) => capital(predictionSaid(store.scored, store.plan, one))),
)
const findings = computed(() => sheetFindings[wayOf(store.plan).sheetEntry] ?? null)

function keep() {
  if (!canLeave.value) return
  void leave(pair.value, { convinced: convinced.value.trim(), question: question.value.trim() })
  convinced.value = question.value = ''
  shown.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="640" scrollable :aria-label="`The work of ${host?.name}`">
    <VCard v-if="host">
      <VisitTitle :group="host" words="What did they find?" from="#visit" />
      <VCardText>
        <form id="visit" class="visit" @submit.prevent="keep">
          <div class="record">
            <template v-if="predicted.length > 0">
              <h2>They predicted</h2>
              <p v-for="words in predicted" :key="words">{{ words }}</p>
            </template>
            <h2>They found</h2>
            <GroupReadings :group-id="hostId" whose="Their readings" />
            <component :is="findings" v-if="findings" :group-id="hostId" />
            <template v-if="theirs && theirs.observations.length > 0">
              <h2>They noticed</h2>
              <ul>
                <li v-for="one in theirs.observations" :key="one.id">
                  <img
                    v-if="one.picture"
                    :src="`/api/pictures/${one.picture}`"
                    :alt="one.text || 'Their picture'"
                  />
                  {{ one.text }}
                </li>
              </ul>
            </template>
            <p v-if="isCut" class="small soft" role="status">
              We can’t show what they predicted and noticed just now. Close this and look again.
            </p>
          </div>
          <SheetPhrases
            v-model="convinced"
            label="What convinces you?"
            :phrases="convincingPhrases(store.plan)"
          />
          <SheetPhrases
            v-model="question"
            label="What do you want to ask them?"
            :phrases="questionPhrases()"
          />
        </form>
      </VCardText>
      <VCardActions>
        <VBtn size="large" @click="shown = false">Not yet</VBtn>
        <VBtn type="submit" form="visit" color="primary" variant="flat" size="large" :disabled="!canLeave"
          >Leave this for them</VBtn
        >
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.visit {
  display: grid;
  gap: 22px;
}

.record {
  display: grid;
  gap: 6px;
  justify-items: start;
  padding: 12px 14px;
  background: var(--surface-warm);
  border-radius: var(--radius);
  overflow-wrap: anywhere;
}

h2 {
  font-size: var(--text-body);
  color: var(--ink-soft);
}

ul {
  margin: 0;
  padding-left: 20px;
}

img {
  display: block;
  max-width: 100%;
  max-height: 180px;
  border-radius: 8px;
}
</style>
