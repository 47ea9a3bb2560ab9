<script setup lang="ts">
import { computed } from 'vue'
import { defined } from '#core/defined'

/** A tally: strokes in fives, as they are made while counting. */
const props = defineProps<{ pointer: number | null; label: string }>()

const most = 60
/** Nothing counted yet: a pale bundle shows how it is done. */
const pale = computed(() => props.pointer === null)
const known = computed(() => (pale.value ? 5 : Math.max(0, Math.floor(defined(props.pointer)))))
const shown = computed(() => Math.min(most, known.value))
const bundles = computed(() => Math.max(1, Math.ceil(shown.value / 5)))
const strokes = computed(() =>
  Array.from({ length: shown.value }, (_, index) => ({
    index,
    across: index % 5 === 4,
    x: (Math.floor(index / 5) % 6) * 56 + 10 + (index % 5) * 10,
    y: Math.floor(index / 30) * 46,
  })),
)
</script>

<template>
  <svg
    width="350"
    :height="bundles > 6 ? 96 : 50"
    :viewBox="`0 0 350 ${bundles > 6 ? 96 : 50}`"
    role="img"
    :aria-label="label"
  >
    <line x1="4" x2="346" y1="44" y2="44" stroke="var(--line)" />
    <g :stroke="pale ? 'var(--line)' : 'var(--ink)'" stroke-width="3" stroke-linecap="round">
      <line
        v-for="one in strokes"
        :key="one.index"
        :x1="one.across ? one.x - 46 : one.x"
        :x2="one.across ? one.x - 4 : one.x"
        :y1="one.y + (one.across ? 32 : 8)"
        :y2="one.y + (one.across ? 14 : 38)"
      />
    </g>
    <text v-if="known > most" x="346" y="36" text-anchor="end" font-size="14" fill="var(--ink)">
      and more
    </text>
  </svg>
</template>
