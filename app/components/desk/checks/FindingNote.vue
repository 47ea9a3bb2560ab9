<script setup lang="ts">
import type { Finding, Remedy } from '#core/fair'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Why a check stumbles, with what would mend it in one press. */
defineProps<{ finding: Finding }>()
const store = useLesson()
const notices = useNotices()

function mend(remedy: Remedy) {
  store.editPlan(remedy.apply)
  notices.tell(`Done: ${remedy.label}.`, () => store.undoPlan())
}
</script>

<template>
  <article class="finding" :class="finding.severity">
    <p>{{ finding.reason }}</p>
    <VBtn
      v-for="remedy in finding.remedies"
      :key="remedy.label"
      size="small"
      variant="outlined"
      color="primary"
      @click="mend(remedy)"
      >{{ remedy.label }}</VBtn
    >
  </article>
</template>

<style scoped>
.finding {
  border-left: 3px solid var(--marigold);
  padding: 4px 0 6px 10px;
  font-size: var(--text-small);
  line-height: 1.35;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 6px;
}

.finding.mend {
  border-color: var(--coral);
}

.finding .v-btn {
  height: auto;
  min-height: 28px;
  white-space: normal;
  text-align: left;
  padding-block: 3px;
}
</style>
