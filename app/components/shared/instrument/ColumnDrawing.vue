<script setup lang="ts">
import { computed } from 'vue'
import {
  numberedMarks,
  scaleFraction,
  scaleMarks,
  type Instrument,
  type InstrumentLook,
} from '#core/instrument'

/** A thermometer, a measuring cylinder or a force meter, upright; what was typed is where its column, its water or its pointer stands. */
const props = defineProps<{
  instrument: Instrument
  pointer: number | null
  label: string
  height: number
  look: Extract<InstrumentLook, 'thermometer' | 'spring' | 'cylinder'>
}>()

const small = computed(() => props.height < 140)
const top = computed(() => (props.look === 'spring' ? 20 : 12))
const bottom = computed(() => ({ cylinder: 10, thermometer: 34, spring: 30 })[props.look])
const span = computed(() => props.height - top.value - bottom.value)
const tube = computed(() => ({ cylinder: 44, thermometer: 22, spring: 26 })[props.look])
const marks = computed(() => scaleMarks(props.instrument, Math.max(4, Math.floor(span.value / 2.2))))
const numbered = computed(() => numberedMarks(marks.value, Math.floor(span.value / (small.value ? 11 : 18))))
/** A spring is pulled out downwards, so that its scale begins above. */
const y = (fraction: number) => top.value + (props.look === 'spring' ? fraction : 1 - fraction) * span.value
const left = 8
const right = computed(() => left + tube.value)
const level = computed(() => {
  const fraction = scaleFraction(props.instrument, props.pointer)
  return fraction === null ? null : y(fraction)
})
/** Water climbs a little at the glass; it is read at the lowest point. */
const surface = computed(() =>
  level.value === null
    ? ''
    : `M${left + 2} ${level.value - 4}Q${(left + right.value) / 2} ${level.value + 4} ${right.value - 2} ${level.value - 4}V${props.height - bottom.value}H${left + 2}Z`,
)
const middle = computed(() => (left + right.value) / 2)
</script>

<template>
  <svg
    :width="right + 64"
    :height="height"
    :viewBox="`0 0 ${right + 64} ${height}`"
    role="img"
    :aria-label="label"
  >
    <template v-if="look === 'cylinder'">
      <path v-if="surface" :d="surface" fill="var(--water)" class="moves" />
      <path
        :d="`M${left - 4} 3H${left}V${height - 10}H${right}V3H${right + 4}M${left - 6} ${height - 3}H${right + 6}V${height - 10}H${left - 6}Z`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </template>
    <template v-else-if="look === 'spring'">
      <rect
        :x="left"
        y="12"
        :width="tube"
        :height="height - 34"
        rx="4"
        fill="var(--brass)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <circle :cx="middle" cy="7" r="5" fill="none" stroke="var(--ink)" stroke-width="2" />
      <path
        :d="`M${middle} ${height - 22}v8a5 5 0 1 1 -6 5`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2.4"
        stroke-linecap="round"
      />
      <template v-if="level !== null">
        <line
          :x1="middle"
          :x2="middle"
          y1="13"
          :y2="level"
          stroke="var(--steel)"
          stroke-width="4"
          stroke-dasharray="2 2"
        />
        <line :x1="left + 3" :x2="right - 3" :y1="level" :y2="level" stroke="var(--coral)" stroke-width="4" />
      </template>
    </template>
    <template v-else>
      <rect
        :x="left"
        y="3"
        :width="tube"
        :height="height - 20"
        rx="11"
        fill="var(--surface)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <circle
        :cx="middle"
        :cy="height - 17"
        r="14"
        fill="var(--coral)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <rect
        v-if="level !== null"
        :x="middle - 4"
        :y="level"
        width="8"
        :height="height - 24 - level"
        fill="var(--coral)"
        class="moves"
      />
    </template>
    <g stroke="var(--ink)">
      <line
        v-for="mark in marks"
        :key="mark.value"
        :x1="right + 3"
        :x2="right + (mark.numbered ? 19 : 11)"
        :y1="y(mark.fraction)"
        :y2="y(mark.fraction)"
        :stroke-width="mark.numbered ? 1.6 : 0.8"
      />
    </g>
    <g :font-size="small ? 10 : 13" fill="var(--ink)" class="number">
      <text v-for="mark in numbered" :key="mark.value" :x="right + 23" :y="y(mark.fraction) + 4">
        {{ mark.value }}
      </text>
    </g>
    <path v-if="level !== null" :d="`M2 ${level}l8 -5v10z`" fill="var(--marigold)" />
  </svg>
</template>

<style scoped>
.moves {
  transition:
    y 0.3s ease,
    height 0.3s ease,
    d 0.3s ease;
}
</style>
