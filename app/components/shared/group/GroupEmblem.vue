<script setup lang="ts">
import { computed } from 'vue'
import { emblemWord } from '#core/class'
import { classTester, type Sign } from '#core/lesson'
import { emblemLooks } from '~/theme/emblems'

const props = withDefaults(defineProps<{ emblem: Sign; size?: number; named?: boolean; name?: string }>(), {
  size: 22,
  named: false,
  name: undefined,
})
const look = computed(() => emblemLooks[props.emblem])
const word = computed(() => props.name ?? (props.emblem === 'class' ? classTester : emblemWord(props.emblem)))
</script>

<template>
  <span class="emblem">
    <svg
      :width="size"
      :height="size"
      viewBox="0 0 24 24"
      :aria-hidden="named"
      :role="named ? undefined : 'img'"
      :aria-label="named ? undefined : word"
    >
      <path :d="look.path" :fill="look.colour" />
    </svg>
    <span v-if="named">{{ word }}</span>
  </span>
</template>

<style scoped>
.emblem {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  white-space: nowrap;
}

/* A name that is longer than its place goes on in a second line. */
.emblem.wraps {
  min-width: 0;
  white-space: normal;
  overflow-wrap: anywhere;
}

svg {
  flex: none;
  print-color-adjust: exact;
}
</style>
