<script setup lang="ts">
import type { ScienceWord } from '#core/plan'

/** The words of a lesson with their meanings, for paper. */
defineProps<{ words: readonly ScienceWord[] }>()
</script>

<template>
  <dl>
    <template v-for="one in words" :key="one.word"
      ><dt>{{ one.word }}</dt>
      <dd>{{ one.meaning }}</dd></template
    >
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 1mm 4mm;
  margin: 0;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}
</style>
