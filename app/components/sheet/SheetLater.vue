<script setup lang="ts">
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { dayWords } from '~/words/dates'
import { currentDay } from '#shared/lesson/currentDay'

/** That nothing more is read today, and when it goes on. */
const store = useLesson()
const nextDay = computed(() => store.days.find((day) => day > currentDay()) ?? null)
</script>

<template>
  <p role="status">
    {{
      nextDay
        ? `That’s all for today. The next readings are on ${dayWords(nextDay)}.`
        : 'That’s all there is to read now. Your teacher can fill the gaps.'
    }}
  </p>
</template>
