<script setup lang="ts">
import type { Observation } from '#core/observation'
import { useObservations } from '~/stores/observations'

/** The one thing here that cannot be undone is asked about. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ one: Observation }>()
const observations = useObservations()

async function remove() {
  shown.value = false
  await observations.deletePicture(props.one)
}
</script>

<template>
  <VDialog v-model="shown" max-width="440" aria-label="Delete the picture for good">
    <VCard title="Delete this picture for good?">
      <VCardText class="stack">
        <img :src="`/api/pictures/${one.picture}`" :alt="one.text || 'A picture without words'" />
        <p>
          It can’t be brought back. The words stay. A backup of the school’s machine from before today may
          still hold it.
        </p>
      </VCardText>
      <VCardActions>
        <VBtn @click="shown = false">Keep it</VBtn>
        <VBtn color="error" variant="flat" @click="remove">Delete it for good</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
img {
  width: 100%;
  max-height: 34vh;
  object-fit: contain;
}
</style>
