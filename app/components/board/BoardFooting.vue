<script setup lang="ts">
import { ref } from 'vue'
import { useFittedText } from '~/composables/useFittedText'

/** What was found, or how far the class is: the longer, the smaller, so that the chart keeps half of the wall. */
const props = defineProps<{ said: string }>()
const line = ref<HTMLElement | null>(null)
useFittedText(
  line,
  [
    ['board-lead', 2],
    ['board-text', 3],
    ['board-small', 4],
  ],
  () => props.said,
)
</script>

<template>
  <p ref="line" class="footing" role="status">{{ said }}</p>
</template>

<style scoped>
.footing {
  flex: 1;
  min-width: 0;
  font: 600 var(--board-lead)/1.25 var(--heading);
}
</style>
