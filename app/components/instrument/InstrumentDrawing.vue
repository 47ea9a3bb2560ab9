<script setup lang="ts">
import { computed } from 'vue'
import { instrumentLook, type Instrument } from '#core/instrument'
import { unitDefinition } from '#core/quantity'

/** An instrument as what it is, from its own definition, with what was typed shown on it. */
const props = withDefaults(
  defineProps<{
    instrument: Instrument
    /** What is read, in the instrument's unit; null while nothing is. */
    pointer?: number | null
    /** The width of one that lies and the height of one that stands. */
    length?: number
  }>(),
  { pointer: null, length: 380 },
)
const look = computed(() => instrumentLook(props.instrument))
const label = computed(() => {
  const { name, least, greatest, smallestMark, unit } = props.instrument
  const { symbol } = unitDefinition(unit)
  const scale = `from ${least} to ${greatest} ${symbol}, a mark every ${smallestMark} ${symbol}`
  return `${name}, ${scale}`.replace(/ (?=,|$)/g, '')
})
</script>

<template>
  <RuleDrawing v-if="look === 'rule'" v-bind="{ instrument, pointer, label }" :width="length" />
  <ColumnDrawing
    v-else-if="look === 'thermometer' || look === 'spring' || look === 'cylinder'"
    v-bind="{ instrument, pointer, label, look }"
    :height="length"
  />
  <DialDrawing v-else-if="look === 'dial'" v-bind="{ instrument, pointer, label }" :size="length" />
  <WatchDrawing v-else-if="look === 'watch'" v-bind="{ instrument, pointer, label }" :size="length" />
  <TallyDrawing v-else v-bind="{ pointer, label }" />
</template>
