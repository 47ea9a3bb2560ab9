<script setup lang="ts">
import { computed } from 'vue'
import { instrumentLook, type Instrument } from '#core/instrument'
import { printPlain, withUnit } from '#core/quantity'

/** An instrument as what it is, from its own definition, with what was typed shown on it. */
const props = withDefaults(
  defineProps<{
    instrument: Instrument
    /** What is read, in the instrument's unit; null while nothing is. */
    pointer?: number | null
    /** How wide one that lies is drawn, and how high one that stands. */
    across?: number
    upright?: number
  }>(),
  { pointer: null, across: 380, upright: 98 },
)
/** What is round needs less height than a column with its numbers. */
const round = computed(() => Math.min(props.upright, 160))
const look = computed(() => instrumentLook(props.instrument))
const label = computed(() => {
  const { name, least, greatest, smallestMark, unit } = props.instrument
  return `${name}, from ${least} to ${withUnit(printPlain(greatest, unit), unit)}, a mark every ${withUnit(printPlain(smallestMark, unit), unit)}`
})
</script>

<template>
  <RuleDrawing v-if="look === 'rule'" v-bind="{ instrument, pointer, label }" :width="across" />
  <ColumnDrawing
    v-else-if="look === 'thermometer' || look === 'spring' || look === 'cylinder'"
    v-bind="{ instrument, pointer, label, look }"
    :height="upright"
  />
  <DialDrawing v-else-if="look === 'dial'" v-bind="{ instrument, pointer, label }" :size="round" />
  <WatchDrawing v-else-if="look === 'watch'" v-bind="{ instrument, pointer, label }" :size="round" />
  <TallyDrawing v-else v-bind="{ pointer, label }" />
</template>
