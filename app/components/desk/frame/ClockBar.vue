<script setup lang="ts">
import { mdiClockOutline, mdiDotsVertical, mdiPlay } from '@mdi/js'
import { computed } from 'vue'
import { clockLog } from '#core/timetable'
import { useClassClock } from '~/composables/useClassClock'
import { useStepBell } from '~/composables/useStepBell'
import { useLesson } from '~/stores/lesson'
import type { Stage } from '#core/lesson'

/** The clock of the class across the Desk: where the lesson is, what comes next, and everything that can be done with it. */
const props = defineProps<{ stage: Stage }>()
const store = useLesson()
const { shown, left, next, endsAt } = useClassClock()
useStepBell('desk')
const offered = computed(() => shown.value === null && props.stage === 'test' && store.entries.length === 0)
const ended = computed(() => ['over', 'cut'].includes(shown.value?.state ?? ''))
const log = computed(() => (store.open.clock ? clockLog(store.open.clock) : null))
const states: Record<string, string> = {
  ...{ paused: 'paused', left: 'left running', later: 'goes on another day' },
  ...{ over: 'over', cut: 'cut short' },
}
const isLast = computed(() => shown.value?.next === null)
</script>

<template>
  <section v-if="shown || offered" class="clock-bar no-print" aria-label="Class clock">
    <VIcon :icon="mdiClockOutline" size="20" />
    <template v-if="!shown">
      <span>The class clock keeps the time, on the Board and on every Sheet.</span>
      <VBtn size="small" color="primary" :prepend-icon="mdiPlay" @click="store.pressClock({ kind: 'start' })"
        >Start the lesson’s clock</VBtn
      >
    </template>
    <template v-else-if="ended">
      <span>{{ log?.said ?? 'The lesson is over.' }}</span>
      <VBtn size="small" variant="text" @click="store.pressClock({ kind: 'back' })"
        >Carry on with the lesson</VBtn
      >
    </template>
    <template v-else>
      <b>{{ shown.step?.name }}</b>
      <span class="number" role="timer" :class="{ over: shown.left < 0 }">{{ left }}</span>
      <span v-if="states[shown.state]" class="state">{{ states[shown.state] }}</span>
      <span class="soft small next"
        >{{ next || 'the last step' }}<template v-if="endsAt"> · done by {{ endsAt }}</template></span
      >
      <ClockButtons face="desk">
        <VMenu>
          <template #activator="{ props: menu }">
            <VBtn
              v-bind="menu"
              :icon="mdiDotsVertical"
              size="small"
              variant="text"
              aria-label="More with the clock"
            />
          </template>
          <VList density="compact">
            <VListItem
              v-if="store.open.clock?.raceAt == null"
              title="Three, two, one: start all stopwatches"
              @click="store.pressClock({ kind: 'race' })"
            />
            <VListItem v-else title="Cancel the race" @click="store.pressClock({ kind: 'noRace' })" />
            <VListItem
              v-if="shown.state !== 'later'"
              title="Stop here, go on another day"
              @click="store.pressClock({ kind: 'end', how: 'later' })"
            />
            <VListItem
              v-if="!isLast"
              title="Cut the lesson short here"
              @click="store.pressClock({ kind: 'end', how: 'cut' })"
            />
          </VList>
        </VMenu>
      </ClockButtons>
    </template>
  </section>
</template>

<style scoped>
.clock-bar {
  flex: none;
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  padding: 2px 16px;
  background: var(--surface-warm);
  border-bottom: 1px solid var(--line);
}

.number {
  font: 600 var(--text-heading) var(--heading);
  font-variant-numeric: tabular-nums;
}

.over {
  color: var(--coral);
}

.state {
  font-weight: 600;
}

.next {
  margin-right: auto;
}
</style>
