<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'

/** The head of a print view; the page has the school's own paper size. */
const props = defineProps<{ title: string; large?: boolean }>()
const store = useLesson()
const usual = computed(() => store.lesson?.school.ways.paper ?? 'A4')
/** The next larger paper is twice as large: A3, and for Letter what is called Tabloid. */
const paper = computed(() =>
  !props.large ? usual.value : usual.value === 'A4' ? 'A3' : ('Tabloid' as const),
)
const pageSize = computed(() => (paper.value === 'Tabloid' ? '11in 17in' : paper.value))
useHead({
  style: [{ innerHTML: computed(() => `@page { size: ${pageSize.value}; margin: 12mm; }`) }],
  htmlAttrs: {
    class: computed(() =>
      [usual.value === 'Letter' && 'letter', props.large && 'large'].filter(Boolean).join(' '),
    ),
  },
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
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 18px;
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
  white-space: nowrap;
}
</style>
