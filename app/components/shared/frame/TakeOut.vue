<script setup lang="ts">
import { mdiClose } from '@mdi/js'

/** Takes one thing out of a list. */
defineProps<{ what: string }>()
</script>

<template>
  <VBtn :icon="mdiClose" size="x-small" variant="text" :aria-label="`Take out ${what}`" />
</template>
