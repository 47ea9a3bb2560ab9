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
const at = (fraction: number, from: number) => {
  const angle = ((135 + fraction * turn) * Math.PI) / 180
  return {
    x: radius.value + Math.cos(angle) * from * radius.value,
    y: radius.value + Math.sin(angle) * from * radius.value,
  }
}
const lines = computed(() =>
  marks.value.map(({ value, fraction, numbered }) => ({
    value,
    from: at(fraction, 0.95),
    to: at(fraction, numbered ? 0.84 : 0.9),
    width: numbered ? 1.6 : 0.7,
  })),
)
const numbers = computed(() =>
  numberedMarks(marks.value, Math.floor(radius.value / 9)).map(({ value, fraction }) => ({
    value,
    at: at(fraction, 0.68),
  })),
)
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
    <RoundFace
      :middle="{ x: radius, y: radius }"
      :marks="lines"
      :numbers="numbers"
      :number-size="Math.max(8, radius / 9)"
      :digits="{ text: digits, y: radius * 1.55, size: radius / 4.2 }"
      :hand="needle"
      :hub="radius / 14"
    />
  </svg>
</template>
