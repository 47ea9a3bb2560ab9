<script setup lang="ts">
import type { CheckFinding } from '#core/checks'

/** Why a check stumbles, with what would mend it in one press. */
defineProps<{ finding: Omit<CheckFinding, 'refused'> & { refused?: readonly string[] } }>()
/** Where something can be done about a finding that no change of the plan mends. */
const links: Record<string, { to: string; label: string }> = {
  unlisted: { to: '/school?view=supplies', label: 'Open the store cupboard' },
}
</script>

<template>
  <article class="finding" :class="finding.severity">
    <p>{{ finding.reason }}</p>
    <NuxtLink v-if="links[finding.code]" :to="links[finding.code]!.to" class="small">{{
      links[finding.code]!.label
    }}</NuxtLink>
    <RemedyButtons :remedies="finding.remedies" />
    <p v-for="why in finding.refused" :key="why" class="small soft">{{ why }}</p>
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
</style>
