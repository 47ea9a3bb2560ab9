<script setup lang="ts">
import { computed } from 'vue'
import { benchChoices } from '#core/lesson'
import { useLesson } from '~/stores/lesson'

/** Where nothing is read off an instrument: the words that are seen, or the letters of what is set against each other. */
const store = useLesson()
const shown = computed(() => benchChoices(store.plan))
</script>

<template>
  <ol class="seen">
    <li
      v-for="one in shown"
      :key="one.key"
      :title="one.name"
      :style="{ background: `color-mix(in srgb, var(--teal) ${Math.round(55 * one.share)}%, #fff)` }"
    >
      {{ one.short }}<small v-if="one.short !== one.name">{{ one.name }}</small>
    </li>
  </ol>
</template>

<style scoped>
.seen {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: flex;
  gap: 4px;
}

small {
  display: block;
  font-size: var(--text-tiny);
  overflow: hidden;
  text-overflow: ellipsis;
}

li {
  flex: 1;
  min-width: 0;
  padding: 10px 4px;
  text-align: center;
  border: 1px solid var(--line);
  border-radius: 8px;
  font: 500 var(--text-body-small) var(--heading);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
