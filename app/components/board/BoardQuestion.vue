<script setup lang="ts">
import { ref } from 'vue'
import { useFittedText } from '~/composables/useFittedText'

/** The question of the class, as large as two lines let it be, so that what is under it keeps its room. */
const props = defineProps<{ question: string }>()
const heading = ref<HTMLElement | null>(null)
useFittedText(
  heading,
  [
    ['board-title', 2],
    ['board-lead', 2],
    ['board-text', 2],
  ],
  () => props.question,
)
</script>

<template>
  <h1 ref="heading" :title="question">{{ question }}</h1>
</template>

<style scoped>
/* What is longer still ends in dots. */
h1 {
  flex: 1;
  min-width: 0;
  font-size: var(--board-title);
  line-height: 1.25;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
</style>
