<script setup lang="ts">
import { computed } from 'vue'
import { emblemWord, type EmblemId } from '#core/class'
import { emblemLooks } from '../../../theme/emblems'

const props = withDefaults(
  defineProps<{ emblem: EmblemId; size?: number; named?: boolean; name?: string }>(),
  { size: 22, named: false, name: undefined },
)
const look = computed(() => emblemLooks[props.emblem])
const word = computed(() => props.name ?? emblemWord(props.emblem))
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

svg {
  flex: none;
  print-color-adjust: exact;
}
</style>
