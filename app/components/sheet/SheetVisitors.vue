<script setup lang="ts">
import { mdiRepeat } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { slotKey, type Slot } from '#core/entries'
import { levelName } from '#core/plan'
import { wayOf } from '#core/recording'
import { answerPhrases, repeatableSlots, repeatReason, reviewKey, type Review } from '#core/review'
import { useDraftText } from '~/composables/useDraftText'
import { useRecorder } from '~/composables/useRecorder'
import { useReviews } from '~/composables/useReviews'
import { useLesson } from '~/stores/lesson'

/** What another group left here: read, answered in words, or by doing a try once more. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ review: Review }>()
const store = useLesson()
const recorder = useRecorder('sheet')
const { groupOf, answer } = useReviews()
const visitor = computed(() => groupOf(props.review.byGroupId))
const text = useDraftText(() => `${store.open.id}|${reviewKey(props.review)}|answer`)
const choosing = ref(false)
const again = computed(() => repeatableSlots(store.plan, store.counted, props.review.ofGroupId))
/** A try as children call it: its level, and which one where there are several. */
function nameOf(slot: Slot): string {
  const level = store.plan.levels.find(({ id }) => id === slot.levelId)
  if (!level) return wayOf(store.plan).slotName(store.plan, slot)
  const name = levelName(store.plan, level)
  return store.plan.tries > 1 ? `${name}, try ${slot.tryNumber}` : name
}
watch(
  shown,
  (isShown) => {
    if (isShown) text.value ||= props.review.answer
    choosing.value = false
  },
  { immediate: true },
)

function keep(said: string) {
  void answer(props.review, said)
  text.value = ''
  shown.value = false
}

/** Sets a try aside, which stays to be seen, and asks for it once more. */
function repeat(slot: Slot) {
  for (const one of wayOf(store.plan).alsoSpoilt(store.plan, store.counted, slot))
    recorder.setAside(one, repeatReason)
  recorder.setAside(slot, repeatReason)
  keep(text.value.trim() || `We’re trying ${nameOf(slot)} again.`)
}
</script>

<template>
  <VDialog v-model="shown" max-width="560" scrollable :aria-label="`What ${visitor?.name} left here`">
    <VCard v-if="visitor">
      <VisitTitle :group="visitor" words="looked at your work" from="#left-here" />
      <VCardText id="left-here" class="stack">
        <template v-if="review.convinced">
          <h2>What convinced them</h2>
          <p class="said">{{ review.convinced }}</p>
        </template>
        <template v-if="review.question">
          <h2>What they ask</h2>
          <p class="said">{{ review.question }}</p>
        </template>
        <template v-if="review.answer && review.answer !== text.trim()">
          <h2>What you have answered</h2>
          <p class="said">{{ review.answer }}</p>
        </template>
        <template v-if="choosing">
          <h2>Which one will you try again?</h2>
          <p>The old one stays in the record, but doesn’t count any more.</p>
          <div class="tries">
            <VBtn
              v-for="slot in again"
              :key="slotKey(slot)"
              variant="outlined"
              size="large"
              @click="repeat(slot)"
              >{{ nameOf(slot) }}</VBtn
            >
          </div>
        </template>
        <form v-else id="answer" @submit.prevent="keep(text.trim())">
          <SheetPhrases v-model="text" label="Your answer" :phrases="answerPhrases()" />
          <VBtn
            v-if="again.length > 0"
            variant="text"
            color="primary"
            size="large"
            :prepend-icon="mdiRepeat"
            @click="choosing = true"
            >Or try one again</VBtn
          >
        </form>
      </VCardText>
      <VCardActions class="acts">
        <VBtn v-if="choosing" size="large" @click="choosing = false">Go back</VBtn>
        <template v-else>
          <VBtn size="large" @click="shown = false">Not yet</VBtn>
          <VBtn
            type="submit"
            form="answer"
            color="primary"
            variant="flat"
            size="large"
            :disabled="text.trim() === ''"
            >Answer</VBtn
          >
        </template>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
h2 {
  font-size: var(--text-body);
  color: var(--ink-soft);
}

.said {
  font: 500 var(--text-lead) var(--heading);
  overflow-wrap: anywhere;
}

.tries {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.acts {
  flex-wrap: wrap;
}
</style>
