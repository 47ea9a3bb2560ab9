<script setup lang="ts">
import { mdiStop, mdiVolumeHigh } from '@mdi/js'
import { useReadAloud } from '~/composables/useReadAloud'

/** Reads what stands on the step of a Sheet, or on what is open above it, with all that can be pressed there. */
const props = withDefaults(defineProps<{ from?: string }>(), { from: '.sheet .step, .sheet .words' })
const { canRead, speaking, read, stop } = useReadAloud()

function press() {
  const step = globalThis.document.querySelector<HTMLElement>(props.from)
  if (speaking.value || !step) stop()
  else read(step.innerText)
}
</script>

<template>
  <VBtn
    v-if="canRead"
    :icon="speaking ? mdiStop : mdiVolumeHigh"
    variant="text"
    size="small"
    :aria-label="speaking ? 'Stop reading' : 'Read aloud'"
    @click="press"
  />
</template>
