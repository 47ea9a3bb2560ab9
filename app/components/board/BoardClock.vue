<script setup lang="ts">
import { mdiPlay } from '@mdi/js'
import { computed } from 'vue'
import { clockLog } from '#core/timetable'
import { useClassClock } from '~/composables/useClassClock'
import { useAccess } from '~/stores/access'
import { useLesson } from '~/stores/lesson'

/** The clock of the class, to be read from the back of the room: the present step large, what comes next, and the bells. */
const store = useLesson()
/** A Board that a link has opened only shows. */
const access = useAccess()
const isTeachers = computed(() => access.visitor?.kind !== 'board')
const { shown, left, next } = useClassClock()
const over = computed(() => shown.value !== null && shown.value.left <= 0)
const ended = computed(() => ['over', 'cut'].includes(shown.value?.state ?? ''))
const said: Record<string, string> = {
  ...{ paused: 'Pause', left: 'Left running', later: 'Carries on another day' },
  ...{ over: 'The lesson is over', cut: 'We stop here' },
}
const result = computed(() =>
  store.open.clock && ended.value ? (clockLog(store.open.clock)?.said ?? '') : '',
)
</script>

<template>
  <section class="board-clock" aria-label="Class clock">
    <template v-if="!shown">
      <p class="words">The clock has not been started.</p>
      <VBtn
        v-if="isTeachers"
        size="x-large"
        color="primary"
        :prepend-icon="mdiPlay"
        class="start"
        @click="store.pressClock({ kind: 'start' })"
        >Start the lesson’s clock</VBtn
      >
    </template>
    <template v-else>
      <p class="step">{{ ended ? said[shown.state] : shown.step?.name }}</p>
      <p v-if="!ended" class="left number" role="timer" :class="{ over }">{{ left }}</p>
      <p class="words">
        <b v-if="!ended && said[shown.state]">{{ said[shown.state] }}. </b
        >{{ ended ? result : next || 'the last step' }}
      </p>
      <BoardTurn v-if="!ended" />
      <NextBell face="board" :most="4" />
      <ClockButtons v-if="isTeachers" face="board" />
    </template>
  </section>
</template>

<style scoped>
.board-clock {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 14px;
  text-align: center;
}

.step {
  font: 600 var(--board-title) var(--heading);
}

.left {
  font: 600 clamp(120px, 22vh, 300px) / 1 var(--heading);
  font-variant-numeric: tabular-nums;
}

.left.over {
  color: var(--coral);
}

.words {
  font-size: var(--board-lead);
}

.board-clock .start,
.board-clock > .v-btn {
  font-size: var(--board-text);
  height: auto;
  min-height: 1.8em;
}
</style>
