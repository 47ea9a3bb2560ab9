<script setup lang="ts">
import { computed } from 'vue'
import { numberedMarks, scaleFraction, scaleMarks, type Instrument } from '#core/instrument'

/** A ruler, a stick or a tape, lying: its marks stand where they stand on the real one. */
const props = defineProps<{ instrument: Instrument; pointer: number | null; width: number; label: string }>()

const inset = 18
const span = computed(() => props.width - 2 * inset)
const marks = computed(() => scaleMarks(props.instrument, Math.floor(span.value / 3)))
const numbered = computed(
  () => new Set(numberedMarks(marks.value, Math.floor(span.value / 30)).map((mark) => mark.value)),
)
const x = (fraction: number) => inset + fraction * span.value
const pointerAt = computed(() => {
  const fraction = scaleFraction(props.instrument, props.pointer)
  return fraction === null ? null : x(fraction)
})
</script>

<template>
  <svg :width="width" height="58" :viewBox="`0 0 ${width} 58`" role="img" :aria-label="label">
    <rect
      x="4"
      y="6"
      :width="width - 8"
      height="44"
      rx="6"
      fill="var(--brass)"
      stroke="var(--ink)"
      stroke-width="1.4"
    />
    <g stroke="var(--ink)">
      <line
        v-for="mark in marks"
        :key="mark.value"
        :x1="x(mark.fraction)"
        :x2="x(mark.fraction)"
        y1="7"
        :y2="7 + 18 * mark.height"
        :stroke-width="mark.numbered ? 1.4 : 0.7"
      />
    </g>
    <g font-size="11" text-anchor="middle" fill="var(--ink)" class="number">
      <template v-for="mark in marks" :key="mark.value">
        <text v-if="numbered.has(mark.value)" :x="x(mark.fraction)" y="40">{{ mark.value }}</text>
      </template>
    </g>
    <path v-if="pointerAt !== null" :d="`M${pointerAt} 26l-6 -20h12z`" fill="var(--coral)" />
  </svg>
</template>
