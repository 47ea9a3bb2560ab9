<script setup lang="ts">
import { mdiBellOutline, mdiBellRingOutline } from '@mdi/js'
import { computed, watch } from 'vue'
import { defined } from '#core/defined'
import { useBell } from '~/composables/useBell'
import { useDues, whenWords } from '~/composables/useDues'

/** What is due next, group by group, by the clock of the class: a bell, a flash, and words. */
const props = withDefaults(defineProps<{ face: 'board' | 'desk'; most?: number }>(), { most: 1 })
const { coming, what } = useDues()
const { ring } = useBell(props.face)
const shown = computed(() => coming.value.slice(0, props.most))
const dueNow = computed(() => coming.value.filter(({ seconds }) => defined(seconds) <= 0))
const keys = computed(() =>
  dueNow.value.map((due) => `${due.kind} ${due.slot.groupId} ${due.slot.levelId} ${due.slot.moment}`),
)
// Once for each, when its time has come.
watch(keys, (now, before) => {
  if (now.some((key) => !before.includes(key))) ring()
})
</script>

<template>
  <ul v-if="shown.length" class="bells" :class="face" role="timer" aria-label="Next bells">
    <li v-for="due in shown" :key="`${due.groupIndex}`" :class="{ now: due.seconds! <= 0 }">
      <VIcon
        :icon="due.seconds! <= 0 ? mdiBellRingOutline : mdiBellOutline"
        :size="face === 'board' ? 40 : 20"
      />
      {{ what(due) }}, {{ whenWords(due.seconds!) }}
    </li>
  </ul>
</template>

<style scoped>
.bells {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  font-variant-numeric: tabular-nums;
}

li {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 10px 2px 4px;
  border: 2px solid transparent;
  border-radius: var(--radius);
}

.board {
  font-size: var(--board-text);
  justify-content: center;
}

.now {
  background: var(--marigold-wash);
  border-color: var(--marigold);
  animation: flash 0.5s ease-in-out 4 alternate;
}

@keyframes flash {
  to {
    background: var(--marigold);
  }
}

@media (prefers-reduced-motion: reduce) {
  .now {
    animation: none;
  }
}
</style>
