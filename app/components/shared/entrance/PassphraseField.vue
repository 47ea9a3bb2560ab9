<script setup lang="ts">
import { mdiEyeOffOutline, mdiEyeOutline } from '@mdi/js'
import { ref } from 'vue'

/** A passphrase, hidden until somebody wants to look at it. */
const text = defineModel<string>({ required: true })
defineProps<{ label: string; problem?: string; isNew?: boolean }>()
const shown = ref(false)
</script>

<template>
  <VTextField
    v-model="text"
    :label="label"
    :type="shown ? 'text' : 'password'"
    :autocomplete="isNew ? 'new-password' : 'current-password'"
    :error-messages="problem"
    :hint="isNew ? 'Three or four words, at least 12 letters' : undefined"
    :persistent-hint="isNew"
  >
    <template #append-inner>
      <VBtn
        :icon="shown ? mdiEyeOffOutline : mdiEyeOutline"
        variant="text"
        size="x-small"
        :aria-label="shown ? 'Hide it' : 'Show it'"
        @click="shown = !shown"
      />
    </template>
  </VTextField>
</template>
