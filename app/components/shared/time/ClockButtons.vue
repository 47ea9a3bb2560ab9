<script setup lang="ts">
import { mdiPause, mdiPlay, mdiSkipNext, mdiSkipPrevious, mdiTimerPlusOutline } from '@mdi/js'
import { computed } from 'vue'
import { useClassClock } from '~/composables/useClassClock'
import { useLesson } from '~/stores/lesson'

/** What can be done with the clock of the class. */
const props = defineProps<{ face: 'board' | 'desk' }>()
const store = useLesson()
const { shown } = useClassClock()
const twoMinutes = 120
const size = computed(() => (props.face === 'board' ? 'x-large' : 'small'))
const stands = computed(() => ['paused', 'left', 'later'].includes(shown.value?.state ?? ''))
const ended = computed(() => ['over', 'cut'].includes(shown.value?.state ?? ''))
const goOn = computed(() => (shown.value?.state === 'later' ? 'Go on where it stopped' : 'Go on'))
const isLast = computed(() => shown.value !== null && shown.value.next === null)
</script>

<template>
  <div class="clock-buttons" :class="face" role="group" aria-label="The clock">
    <template v-if="!ended">
      <VBtn
        v-if="stands"
        :prepend-icon="mdiPlay"
        :size="size"
        color="primary"
        @click="store.pressClock({ kind: 'goOn' })"
        >{{ goOn }}</VBtn
      >
      <template v-if="shown?.state !== 'later'">
        <VBtn
          v-if="!stands"
          :prepend-icon="mdiPause"
          :size="size"
          variant="outlined"
          @click="store.pressClock({ kind: 'pause' })"
          >Pause</VBtn
        >
        <VBtn
          :prepend-icon="mdiTimerPlusOutline"
          :size="size"
          variant="outlined"
          @click="store.pressClock({ kind: 'more', seconds: twoMinutes })"
          >2 minutes more</VBtn
        >
        <VBtn
          :icon="mdiSkipPrevious"
          :size="size"
          variant="text"
          aria-label="Back to the step before"
          title="Back to the step before"
          :disabled="store.open.clock?.at === 0"
          @click="store.pressClock({ kind: 'back' })"
        />
        <VBtn
          :prepend-icon="mdiSkipNext"
          :size="size"
          color="primary"
          @click="store.pressClock({ kind: 'next' })"
          >{{ isLast ? 'The lesson is over' : 'Next step' }}</VBtn
        >
      </template>
    </template>
    <BellMute :face="face" :size="size" />
    <slot />
  </div>
</template>

<style scoped>
.clock-buttons {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.board :deep(.v-btn) {
  font-size: var(--board-text);
  height: auto;
  min-height: 1.8em;
}

.board :deep(.v-btn .v-icon) {
  font-size: 1.2em;
}
</style>
