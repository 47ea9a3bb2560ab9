<script setup lang="ts">
import { ref } from 'vue'
import type { PupilDto } from '#shared/types/api'

/** At the end of a year: takes every child's name out of a class, after a question. */
const pupils = defineModel<PupilDto[]>({ required: true })
defineProps<{ className: string }>()
const asked = ref(false)

function takeOutAll() {
  asked.value = false
  pupils.value = []
}
</script>

<template>
  <VBtn variant="text" color="secondary" @click="asked = true">Take out all names</VBtn>
  <VDialog v-model="asked" max-width="440" aria-label="Take out all names">
    <VCard :title="`Take all ${pupils.length} names out of ${className || 'this class'}?`">
      <VCardText>
        Groups, lessons and readings stay. The names can’t be brought back here; a backup of the school’s
        machine from before today may still hold them.
      </VCardText>
      <VCardActions>
        <VBtn @click="asked = false">Keep the names</VBtn>
        <VBtn color="error" variant="flat" @click="takeOutAll">Take out all names</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>
