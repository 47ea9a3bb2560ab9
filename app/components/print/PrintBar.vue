<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'

/** The head of a print view; the page has the school's own paper size. */
defineProps<{ title: string }>()
const store = useLesson()
const paper = computed(() => store.lesson?.school.ways.paper ?? 'A4')
useHead({
  style: [{ innerHTML: computed(() => `@page { size: ${paper.value}; margin: 12mm; }`) }],
  htmlAttrs: { class: computed(() => (paper.value === 'Letter' ? 'letter' : '')) },
})
const print = () => window.print()
</script>

<template>
  <header class="bar no-print">
    <h1>{{ title }}</h1>
    <span class="soft small">{{ paper }}, prints well in black and white</span>
    <slot />
    <VBtn color="primary" :prepend-icon="mdiPrinterOutline" @click="print">Print</VBtn>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 12px 24px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
  position: sticky;
  top: 0;
  z-index: 2;
}

h1 {
  font-size: var(--text-lead);
  flex: 1;
}
</style>
