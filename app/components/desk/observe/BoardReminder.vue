<script setup lang="ts">
import type { Observation } from '#core/observation'
import { useObservations } from '~/stores/observations'

/** Before the whole room sees it, somebody looks once more at what a photo shows besides the thing. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ one: Observation }>()
const observations = useObservations()

async function show() {
  if (await observations.change(props.one, { onBoard: true })) shown.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="560" aria-label="Before it goes on the Board">
    <VCard title="The whole room will see this">
      <VCardText class="stack">
        <img
          v-if="one.picture"
          :src="`/api/pictures/${one.picture}`"
          :alt="one.text || 'A picture without words'"
        />
        <p v-if="one.text" class="words">{{ one.text }}</p>
        <p v-if="one.picture" role="note">
          <b>Look for faces first.</b> If a child could be recognised by face, name or clothes, keep the
          picture off the Board. Your school’s own rules for photos come first.
        </p>
        <p v-else role="note">Keep children’s names off the Board; it shows the group’s emblem.</p>
      </VCardText>
      <VCardActions>
        <VBtn @click="shown = false">Leave it off</VBtn>
        <VBtn color="primary" variant="flat" @click="show">Show it on the Board</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
img {
  width: 100%;
  max-height: 46vh;
  object-fit: contain;
}

.words {
  font: 500 var(--text-lead)/1.35 var(--heading);
  overflow-wrap: anywhere;
  white-space: pre-line;
}
</style>
