<script setup lang="ts">
import type { Remedy } from '#core/plan'
import { useChecks } from '~/stores/checks'

/** What mends a plan, each in one press, with what it gains and costs. */
defineProps<{ remedies: readonly Remedy[] }>()
const checks = useChecks()
</script>

<template>
  <template v-for="remedy in remedies" :key="remedy.label">
    <VBtn size="small" variant="outlined" color="primary" class="remedy" @click="checks.mend(remedy)">{{
      remedy.label
    }}</VBtn>
    <p v-if="remedy.note" class="small soft">{{ remedy.note }}</p>
  </template>
</template>

<style scoped>
.remedy {
  height: auto;
  min-height: 28px;
  white-space: normal;
  text-align: left;
  padding-block: 3px;
}

.remedy :deep(.v-btn__content) {
  white-space: normal;
}
</style>
