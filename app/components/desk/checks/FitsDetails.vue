<script setup lang="ts">
import { useFits } from '~/stores/fits'
import { useLesson } from '~/stores/lesson'

/** Where the time is shown at large. */
defineProps<{ brief: boolean }>()
const store = useLesson()
const fits = useFits()
</script>

<template>
  <NuxtLink
    v-if="!brief && fits.fits?.sentence"
    :to="{ path: `/lessons/${store.open.id}/plan`, query: { view: 'time' } }"
    class="small"
    >See it as a time line</NuxtLink
  >
</template>
