<script setup lang="ts">
import { useNotices } from '~/stores/notices'

const notices = useNotices()

async function undo() {
  const act = notices.current?.undo
  notices.current = null
  if (act) await notices.attempt(async () => act())
}
</script>

<template>
  <!-- One that follows another is shown for its own time, and not for what is left of that one's. -->
  <VSnackbar
    :key="notices.current?.id ?? 0"
    location="bottom left"
    :model-value="notices.current !== null"
    :color="notices.current?.kind === 'problem' ? 'error' : 'secondary'"
    :timeout="notices.current?.kind === 'problem' ? 12_000 : 10_000"
    class="no-print"
    @update:model-value="notices.current = null"
  >
    {{ notices.current?.text }}
    <template #actions>
      <VBtn v-if="notices.current?.undo" variant="text" @click="undo">Undo</VBtn>
      <VBtn variant="text" @click="notices.current = null">Close</VBtn>
    </template>
  </VSnackbar>
</template>
