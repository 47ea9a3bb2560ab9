<script setup lang="ts">
import { computed } from 'vue'
import { numberedMarks, scaleFraction, scaleMarks, type Instrument } from '#core/instrument'
import { printNumber } from '#core/quantity'

/** A balance or a kitchen scale: a round dial with a needle, and the number beneath. */
const props = defineProps<{ instrument: Instrument; pointer: number | null; label: string; size: number }>()

/** The scale runs three quarters round, from lower left to lower right. */
const turn = 270
const radius = computed(() => props.size / 2)
const marks = computed(() => scaleMarks(props.instrument, Math.floor(radius.value * 1.2)))
const numbered = computed(() => numberedMarks(marks.value, Math.floor(radius.value / 9)))
const at = (fraction: number, from: number) => {
  const angle = ((135 + fraction * turn) * Math.PI) / 180
  return {
    x: radius.value + Math.cos(angle) * from * radius.value,
    y: radius.value + Math.sin(angle) * from * radius.value,
  }
}
const needle = computed(() => {
  const fraction = scaleFraction(props.instrument, props.pointer)
  return fraction === null ? null : at(fraction, 0.66)
})
const digits = computed(() =>
  props.pointer === null ? '' : printNumber(props.pointer, props.instrument.smallestMark),
)
</script>

<template>
  <svg
    :width="2 * radius"
    :height="2 * radius"
    :viewBox="`0 0 ${2 * radius} ${2 * radius}`"
    role="img"
    :aria-label="label"
  >
    <circle
      :cx="radius"
      :cy="radius"
      :r="radius - 2"
      fill="var(--brass)"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <g stroke="var(--ink)">
      <line
        v-for="mark in marks"
        :key="mark.value"
        :x1="at(mark.fraction, 0.95).x"
        :y1="at(mark.fraction, 0.95).y"
        :x2="at(mark.fraction, mark.numbered ? 0.84 : 0.9).x"
        :y2="at(mark.fraction, mark.numbered ? 0.84 : 0.9).y"
        :stroke-width="mark.numbered ? 1.6 : 0.7"
      />
    </g>
    <g
      :font-size="Math.max(8, radius / 9)"
      text-anchor="middle"
      dominant-baseline="central"
      fill="var(--ink)"
      class="number"
    >
      <text
        v-for="mark in numbered"
        :key="mark.value"
        :x="at(mark.fraction, 0.68).x"
        :y="at(mark.fraction, 0.68).y"
      >
        {{ mark.value }}
      </text>
      <text :x="radius" :y="radius * 1.55" :font-size="radius / 4.2" font-weight="600">{{ digits }}</text>
    </g>
    <line
      v-if="needle"
      :x1="radius"
      :y1="radius"
      :x2="needle.x"
      :y2="needle.y"
      stroke="var(--coral)"
      stroke-width="3"
      stroke-linecap="round"
    />
    <circle :cx="radius" :cy="radius" :r="radius / 14" fill="var(--ink)" />
  </svg>
</template>
