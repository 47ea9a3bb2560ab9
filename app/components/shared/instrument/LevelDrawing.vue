<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Dimension } from '#core/quantity'

/** A level as what it is: a length as a length, a mass as a weight, a count as things, a kind as a swatch of its own. */
const props = defineProps<{
  /** What the number is; null for a kind. */
  dimension: Dimension | null
  /** As a share of the largest level. */
  share: number
  value: number | null
  /** Its place among the kinds, which gives the swatch its pattern. */
  place: number
  baseline?: boolean
}>()
const pattern = useId()
const most = 30
const size = computed(() => Math.min(1, Math.max(0, props.share)))
/** The area, not the width, of a weight is to scale. */
const side = computed(() => 8 + 30 * Math.sqrt(size.value))
const things = computed(() => Math.min(most, Math.max(0, Math.round(props.value ?? 0))))
const perRow = computed(() => (things.value > 15 ? 10 : things.value > 6 ? 5 : 3))
const gap = computed(() => (things.value > 15 ? 6.4 : 9))
const spring = computed(() => {
  const length = 8 + 34 * size.value
  const turns = Array.from(
    { length: 9 },
    (_, index) => `L${32 + (index % 2 ? 6 : -6)} ${4 + ((index + 1) * length) / 10}`,
  )
  return `M32 2V4${turns.join('')}L32 ${4 + length}`
})
const hand = computed(() => {
  const angle = 2 * Math.PI * Math.min(0.999, size.value)
  const [x, y] = [32 + 20 * Math.sin(angle), 24 - 20 * Math.cos(angle)]
  return `M32 24V4A20 20 0 ${angle > Math.PI ? 1 : 0} 1 ${x} ${y}Z`
})
const swatches = [
  'M0 4h8',
  'M2 2h2v2h-2z M6 6h2v2h-2z',
  'M0 8L8 0',
  'M0 4Q2 0 4 4T8 4',
  'M0 4h8M4 0v8',
  'M4 0v8',
  'M0 0L8 8',
  'M4 4m-2 0a2 2 0 1 0 4 0a2 2 0 1 0 -4 0',
  'M0 0L8 8M8 0L0 8',
  'M0 2h5M3 6h5',
  'M0 8L4 0L8 8',
  'M2 0v4M6 4v4',
]
</script>

<template>
  <svg viewBox="0 0 64 50" width="64" height="50" aria-hidden="true" class="level-drawing">
    <template v-if="dimension === null">
      <defs>
        <pattern :id="pattern" width="8" height="8" patternUnits="userSpaceOnUse">
          <path :d="swatches[place % swatches.length]" class="thin" />
        </pattern>
      </defs>
      <rect x="9" y="4" width="46" height="42" rx="5" class="glass" :class="{ dashed: baseline }" />
      <rect v-if="!baseline" x="9" y="4" width="46" height="42" rx="5" :fill="`url(#${pattern})`" />
    </template>
    <template v-else-if="dimension === 'length'">
      <path :d="`M${32 - 29 * size} 25H${32 + 29 * size}`" class="thick" />
      <path :d="`M${32 - 29 * size} 15V35M${32 + 29 * size} 15V35`" class="line" />
    </template>
    <template v-else-if="dimension === 'mass'">
      <path
        class="body"
        :d="`M${32 - side * 0.38} ${46 - side}h${side * 0.76}l${side * 0.14} ${side}h${-side * 1.04}z`"
      />
      <circle class="line" cx="32" :cy="46 - side - 2.5" r="3" />
    </template>
    <template v-else-if="dimension === 'temperature'">
      <rect x="28" y="2" width="8" height="38" rx="4" class="glass" />
      <rect x="29.5" :y="38 - 33 * size" width="5" :height="33 * size + 4" class="warm" />
      <circle cx="32" cy="42" r="6.5" class="warm" />
      <circle cx="32" cy="42" r="6.5" class="line" />
    </template>
    <template v-else-if="dimension === 'count'">
      <circle
        v-for="index in things"
        :key="index"
        :cx="32 + (((index - 1) % perRow) - (Math.min(things, perRow) - 1) / 2) * gap"
        :cy="
          25 + (Math.floor((index - 1) / perRow) - (Math.ceil(things / perRow) - 1) / 2) * Math.max(gap, 7)
        "
        :r="gap * 0.38"
        class="body"
      />
      <rect v-if="things === 0" x="20" y="13" width="24" height="24" rx="5" class="glass dashed" />
    </template>
    <template v-else-if="dimension === 'time'">
      <circle cx="32" cy="24" r="20" class="glass" />
      <path v-if="size > 0" :d="hand" class="body" />
      <circle cx="32" cy="24" r="20" class="line" />
    </template>
    <template v-else-if="dimension === 'force'">
      <path d="M22 2H42" class="line" />
      <path :d="spring" class="line" />
      <circle cx="32" :cy="14 + 34 * size" r="3.5" class="body" />
    </template>
    <template v-else>
      <rect x="17" :y="45 - 38 * size" width="30" :height="38 * size" class="body" />
      <path d="M14 3H50M17 3V41a5 5 0 0 0 5 5H42a5 5 0 0 0 5-5V3" class="line" />
    </template>
  </svg>
</template>

<style scoped>
.level-drawing {
  max-width: 100%;
  display: block;
  margin: 0 auto;
}

.body {
  fill: var(--teal-soft);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.warm {
  fill: var(--coral);
}

.glass {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.dashed {
  stroke-dasharray: 4 3;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.7;
  stroke-linecap: round;
}

.thin {
  fill: none;
  stroke: var(--teal-soft);
  stroke-width: 1.3;
}

.thick {
  stroke: var(--teal-soft);
  stroke-width: 5;
}
</style>
