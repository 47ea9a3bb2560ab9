<script setup lang="ts">
import { mdiDatabaseAlertOutline, mdiHarddisk, mdiImageRemoveOutline } from '@mdi/js'
import pluralize from 'pluralize'
import { onMounted, ref } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import type { RoomDto } from '#shared/types/machine'
import { dayWords } from '~/words/dates'
import { request } from '~/api/request'

const everyFiveMinutes = 300_000
const room = ref<RoomDto | null>(null)

async function look() {
  // Without an answer nothing is known of the disk; that nobody answers is told elsewhere.
  room.value = await request('GET', '/api/school/room').catch(() => null)
}
onMounted(look)
useIntervalFn(look, everyFiveMinutes)
const megabytes = (bytes: number) => Math.floor(bytes / 1_000_000)
</script>

<template>
  <p v-if="room?.damage" class="banner no-print" role="alert">
    <VIcon :icon="mdiDatabaseAlertOutline" size="20" />
    <span>{{ room.damage }}</span>
  </p>
  <p v-if="room?.low" class="banner no-print" role="status">
    <VIcon :icon="mdiHarddisk" size="20" />
    <span
      >The disk of the school’s machine is nearly full: {{ megabytes(room.free ?? 0) }} MB are left. Make room
      before the next lesson. Once it is full, nothing more can be saved.</span
    >
  </p>
  <p v-if="room?.pictures" class="banner no-print" role="status">
    <VIcon :icon="mdiImageRemoveOutline" size="20" />
    <span
      >{{ pluralize('picture', room.pictures.count, true) }} that children took
      {{ room.pictures.count === 1 ? 'is' : 'are' }} deleted from {{ dayWords(room.pictures.day) }} on. Save
      what you want to keep, or change how long they stay under School.</span
    >
  </p>
</template>
