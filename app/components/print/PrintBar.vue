<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'

defineProps<{ title: string }>()
const print = () => window.print()
</script>

<template>
  <header class="bar no-print">
    <h1>{{ title }}</h1>
    <span class="soft small">A4, prints well in black and white</span>
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
  font-size: 1.1rem;
  flex: 1;
}
</style>
