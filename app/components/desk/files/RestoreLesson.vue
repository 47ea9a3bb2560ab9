<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { newId } from '#core/plan'
import type { ArchivePreviewDto } from '#shared/types/archive'
import { request } from '~/api/request'
import { useNotices } from '~/stores/notices'
import { restoreWords } from '~/words/restoreWords'

/** A lesson file that somebody has chosen: what it holds, and one press to restore it. */
const file = defineModel<File | null>({ required: true })
const notices = useNotices()
const router = useRouter()
const preview = ref<ArchivePreviewDto | null>(null)
const busy = ref(false)
/** As which lesson it comes back; the same however often it is pressed, so that it comes once. */
let id = newId()
const shown = computed({
  get: () => preview.value !== null,
  set: (open) => {
    if (!open) preview.value = file.value = null
  },
})

watch(file, async (chosen) => {
  preview.value = null
  if (!chosen) return
  id = newId()
  const read = await notices.attempt(() =>
    request('POST', '/api/lessons/archive/preview', { body: chosen, takes: 'picture' }),
  )
  if (file.value !== chosen) return
  if (read) preview.value = read
  else file.value = null
})

async function restore() {
  const chosen = file.value
  if (busy.value || !chosen) return
  busy.value = true
  const made = await notices.attempt(() =>
    request('PUT', '/api/lessons/archive/:id', { params: { id }, body: chosen, takes: 'picture' }),
  )
  busy.value = false
  if (made) await router.push(`/lessons/${made.id}/compare`)
}
</script>

<template>
  <VDialog v-model="shown" max-width="460" aria-label="Restore this lesson?">
    <VCard v-if="preview" title="Restore this lesson?">
      <VCardText class="stack">
        <p v-for="sentence in restoreWords(preview)" :key="sentence">{{ sentence }}</p>
      </VCardText>
      <VCardActions>
        <VBtn variant="text" @click="shown = false">Cancel</VBtn>
        <VBtn color="primary" variant="elevated" :loading="busy" @click="restore">Restore it</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>
