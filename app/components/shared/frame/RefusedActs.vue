<script setup lang="ts">
import { computed } from 'vue'
import type { PendingAct } from '~/stores/sending/pendingActs'
import { useLesson } from '~/stores/lesson'
import { useOutbox } from '~/stores/sending/outbox'

/** Predictions, notes and words for other groups that the server would not take: it is told why, and they may be sent once more. */
const props = withDefaults(defineProps<{ source?: 'desk' | 'sheet' }>(), { source: 'desk' })
const store = useLesson()
const outbox = useOutbox()
const size = computed(() => (props.source === 'sheet' ? 'large' : 'small'))
const mine = computed(() => outbox.refused.filter(({ act }) => act.lessonId === store.open.id))

function nameOf({ act }: PendingAct): string {
  if (act.kind === 'note') return act.note.text
  if (act.kind === 'note-removed') return `taking off “${act.note.text}”`
  const called = (id: string) => store.groups.find((one) => one.id === id)?.name ?? 'a group'
  if (act.kind === 'review')
    return `what was left with ${called(act.ofGroupId)}: “${act.convinced || act.question}”`
  if (act.kind === 'review-answer') return `the answer to ${called(act.byGroupId)}: “${act.answer}”`
  const group = store.groups.find((one) => one.id === act.groupId)
  const who = group ? `the prediction of ${group.name}` : 'a prediction'
  return act.because ? `${who}, because ${act.because}` : who
}
</script>

<template>
  <div v-if="mine.length" class="stack" :class="{ across: source === 'desk' }" role="alert">
    <div v-for="one in mine" :key="one.at" class="to-settle">
      <p>
        <b>Not saved: {{ nameOf(one) }}.</b> {{ one.message }}
      </p>
      <VBtn :size="size" variant="outlined" color="secondary" @click="outbox.sendAgain(one)"
        >Send it again</VBtn
      >
      <VBtn :size="size" variant="text" @click="outbox.dismiss(one)">Leave it</VBtn>
    </div>
  </div>
</template>

<style scoped>
.across {
  padding: 8px 28px 0;
}
</style>
