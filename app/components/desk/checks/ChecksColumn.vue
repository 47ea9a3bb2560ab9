<script setup lang="ts">
import { computed, watch, type Component } from 'vue'
import { checks as allChecks, type Check, type CheckId } from '#core/checks'
import type { Stage } from '#core/lesson'
import { useChecks } from '~/stores/checks'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { usePack } from '~/stores/pack'
import { checkSigns } from './checkSigns'
import FitsDetails from './FitsDetails.vue'
import SafeDetails from './SafeDetails.vue'
import ShowsDetails from './ShowsDetails.vue'

/** The checks of the plan: all at a glance, and beneath it what each has to say at this stage. */
const props = defineProps<{ stage: Stage }>()
const store = useLesson()
const checks = useChecks()
const pack = usePack()
const notices = useNotices()
const route = useRoute()

/** What a check shows beside sentences. */
const details: Partial<Record<CheckId, Component>> = {
  shows: ShowsDetails,
  fits: FitsDetails,
  safe: SafeDetails,
}
const isHere = (check: Check) => (check.stages as readonly Stage[]).includes(props.stage)
/** The time view says all of Fits at large. */
const isBrief = (check: Check) => !isHere(check) || (check.id === 'fits' && route.query.view === 'time')
const concernsNow = (check: Check) =>
  check.gate === props.stage || (isHere(check) && checks.resultOf(check.id).state === 'asked')
/** What this stage waits for comes first. */
const ordered = computed(() => [...allChecks].sort((a, b) => Number(concernsNow(b)) - Number(concernsNow(a))))
watch(
  // Another day has other lessons beside it.
  () => [store.open.id, store.open.date] as const,
  ([id]) => notices.attempt(() => pack.load(id)),
  { immediate: true },
)
</script>

<template>
  <aside class="checks" aria-label="Checks of the plan">
    <h2 class="visually-hidden">Checks</h2>
    <ul class="glance" aria-label="The five checks">
      <li v-for="{ id, name } in allChecks" :key="id" :title="checks.resultOf(id).word">
        <VIcon
          :icon="checkSigns[checks.resultOf(id).state].icon"
          :color="checkSigns[checks.resultOf(id).state].colour"
          size="18"
        />
        <span
          >{{ name }}<span class="visually-hidden">: {{ checks.resultOf(id).word }}</span></span
        >
      </li>
    </ul>
    <CheckSection
      v-for="check in ordered"
      :key="`${store.open.id} ${check.id}`"
      :check="check"
      :result="checks.resultOf(check.id)"
      :brief="isBrief(check)"
    >
      <component :is="details[check.id]" v-if="details[check.id]" :brief="isBrief(check)" />
    </CheckSection>
  </aside>
</template>

<style scoped>
.checks {
  flex: 1;
  padding: 14px 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  overflow-y: auto;
}

.glance {
  list-style: none;
  margin: -14px 0 4px;
  padding: 14px 0 8px;
  background: var(--surface-warm);
  z-index: 1;
  display: flex;
  justify-content: space-between;
  border-bottom: 1px solid var(--line);
  position: sticky;
  top: -14px;
}

.glance li {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  font: 500 var(--text-caption) var(--heading);
}
</style>
