<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import { ref, watch } from 'vue'

/** The question of the class, as large as two lines let it be, so that what is under it keeps its room. */
const props = defineProps<{ question: string }>()
const heading = ref<HTMLElement | null>(null)
const sizes = ['title', 'lead', 'text'] as const
const lines = 2

function fit() {
  const element = heading.value
  if (!element) return
  for (const size of sizes) {
    element.style.fontSize = `var(--board-${size})`
    const line = Number.parseFloat(getComputedStyle(element).lineHeight)
    if (element.scrollHeight <= lines * line + 1) return
  }
}

useResizeObserver(heading, fit)
watch(() => props.question, fit, { flush: 'post' })
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
