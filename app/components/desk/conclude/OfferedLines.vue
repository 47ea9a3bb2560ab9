<script setup lang="ts">
import { mdiPlus } from '@mdi/js'

/** Sentences that can be taken over with a press. */
defineProps<{ lines: readonly string[]; label: string }>()
const emit = defineEmits<{ take: [line: string] }>()
</script>

<template>
  <div v-if="lines.length" class="offered" role="group" :aria-label="label">
    <VBtn
      v-for="line in lines"
      :key="line"
      size="x-small"
      variant="outlined"
      color="primary"
      :prepend-icon="mdiPlus"
      @click="emit('take', line)"
      >{{ line }}</VBtn
    >
  </div>
</template>

<style scoped>
.offered {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.offered :deep(.v-btn) {
  height: auto;
  max-width: 100%;
  padding: 4px 8px;
  white-space: normal;
  text-align: left;
}
</style>
