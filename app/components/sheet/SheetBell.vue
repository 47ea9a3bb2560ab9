<script setup lang="ts">
import { mdiBellOutline } from '@mdi/js'
import { watch } from 'vue'
import { useBell } from '~/composables/useBell'

/** Something that is due in a while, or now: in words, by its colour, and with a bell when its time has come. */
const props = defineProps<{ due: boolean }>()
const { ring } = useBell('sheet')
watch(
  () => props.due,
  (due) => due && ring(),
)
</script>

<template>
  <p class="bell" :class="{ due }" role="status"><VIcon :icon="mdiBellOutline" size="26" /> <slot /></p>
</template>

<style scoped>
.bell {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 500 var(--text-title) var(--heading);
  font-variant-numeric: tabular-nums;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  padding: 10px 14px;
}

.due {
  background: var(--marigold-wash);
  border-color: var(--marigold);
}
</style>
