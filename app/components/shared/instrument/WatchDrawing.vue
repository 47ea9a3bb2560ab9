<script setup lang="ts">
import { computed } from 'vue'
import type { Instrument } from '#core/instrument'
import { printNumber, unitDefinition } from '#core/quantity'

/** A stopwatch or a timer: a face of sixty with its hand, and the digits that it shows. */
const props = defineProps<{ instrument: Instrument; pointer: number | null; label: string; size: number }>()

const radius = computed(() => props.size / 2.3)
const middle = computed(() => ({ x: radius.value, y: radius.value * 1.3 }))
const at = (sixtieth: number, from: number) => {
  const angle = ((sixtieth * 6 - 90) * Math.PI) / 180
  return {
    x: middle.value.x + Math.cos(angle) * from * radius.value,
    y: middle.value.y + Math.sin(angle) * from * radius.value,
  }
}
const hand = computed(() => (props.pointer === null ? null : at(props.pointer % 60, 0.72)))
const digits = computed(() =>
  props.pointer === null
    ? `0 ${unitDefinition(props.instrument.unit).symbol}`
    : `${printNumber(props.pointer, props.instrument.smallestMark)} ${unitDefinition(props.instrument.unit).symbol}`,
)
const lines = computed(() =>
  Array.from({ length: 60 }, (_, tick) => ({
    value: tick,
    from: at(tick, 0.9),
    to: at(tick, tick % 5 === 0 ? 0.8 : 0.86),
    width: tick % 5 === 0 ? 2 : 0.8,
  })),
)
const numbers = computed(() => [15, 30, 45, 60].map((value) => ({ value, at: at(value, 0.64) })))
</script>

<template>
  <svg
    :width="2 * radius"
    :height="2.3 * radius"
    :viewBox="`0 0 ${2 * radius} ${2.3 * radius}`"
    role="img"
    :aria-label="label"
  >
    <rect :x="radius * 0.86" y="1" :width="radius * 0.28" :height="radius * 0.34" rx="3" fill="var(--ink)" />
    <circle
      :cx="middle.x"
      :cy="middle.y"
      :r="radius * 0.97 - 2"
      fill="var(--surface)"
      stroke="var(--ink)"
      stroke-width="3"
    />
    <RoundFace
      :middle="middle"
      :marks="lines"
      :numbers="numbers"
      :number-size="Math.max(8, radius / 6)"
      :digits="{ text: digits, y: middle.y + radius * 0.3, size: radius / 4.5 }"
      :hand="hand"
      :hub="radius / 16"
    />
  </svg>
</template>
