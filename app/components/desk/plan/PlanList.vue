<script setup lang="ts">
import { useMethod } from '~/composables/useMethod'

/** The same words as in the paragraph, each beside what it stands for. */
const { words } = useMethod()
</script>

<template>
  <dl class="list">
    <div v-for="word in words" :key="word.id">
      <dt class="small soft">{{ word.label }}</dt>
      <dd><PlanWord :word="word" listed /></dd>
    </div>
  </dl>
</template>

<style scoped>
.list {
  margin: 0;
  columns: 2;
  column-gap: 32px;
  font-size: var(--text-body);
}

.list > div {
  break-inside: avoid;
  padding: 4px 0 5px;
  border-bottom: 1px solid var(--line);
}

dd {
  margin: 0;
}
</style>
