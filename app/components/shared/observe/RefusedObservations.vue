<script setup lang="ts">
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'

/** Observations that the server would not take: it is told why, and they may be sent once more. */
const props = withDefaults(defineProps<{ source?: 'desk' | 'sheet' }>(), { source: 'desk' })
const store = useLesson()
const observations = useObservations()
const size = computed(() => (props.source === 'sheet' ? 'large' : 'small'))
const mine = computed(() => observations.refused.filter((one) => one.lessonId === store.open.id))
</script>

<template>
  <div v-if="mine.length" class="stack" role="alert">
    <div v-for="one in mine" :key="one.id" class="to-settle">
      <p>
        <b>Not saved: {{ one.input.text || 'a picture' }}.</b> {{ one.message }}
      </p>
      <VBtn :size="size" variant="outlined" color="secondary" @click="observations.sendAgain(one)"
        >Send it again</VBtn
      >
      <VBtn :size="size" variant="text" @click="observations.dismiss(one)">Leave it</VBtn>
    </div>
  </div>
</template>
