<script setup lang="ts">
import { decodeText, notText } from '#core/format'
import { useNotices } from '~/stores/notices'

/** Lines from a file or the clipboard: first what would happen, then all of it or nothing. */
const shown = defineModel<boolean>({ required: true })
const text = defineModel<string>('text', { required: true })
const props = defineProps<{
  title: string
  /** What the file is called to those who do not see it. */
  file: string
  /** What the lines are. */
  lines: string
  placeholder: string
  /** The most bytes, and what is said of a file that has more. */
  largest: number
  tooLarge: string
  /** What is wrong with the whole, if anything. */
  problem: string | null
  ready: boolean
  take: string
}>()
const emit = defineEmits<{ take: [] }>()
const notices = useNotices()

async function read(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  if (file.size > props.largest) return notices.warn(props.tooLarge)
  const bytes = new Uint8Array(await file.arrayBuffer())
  const other = notText(bytes)
  if (other !== null) return notices.warn(other)
  text.value = decodeText(bytes)
}
</script>

<template>
  <VDialog v-model="shown" max-width="760" :aria-label="title">
    <VCard :title="title">
      <VCardText class="stack import">
        <p><slot name="about" /></p>
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
          :aria-label="file"
          @change="read"
        />
        <VTextarea v-model="text" :label="lines" :rows="5" :auto-grow="false" :placeholder="placeholder" />
        <VAlert v-if="problem" type="error" variant="tonal" density="compact">{{ problem }}</VAlert>
        <slot v-else />
      </VCardText>
      <VCardActions>
        <VSpacer />
        <VBtn variant="text" @click="shown = false">Leave it</VBtn>
        <VBtn color="primary" variant="flat" :disabled="!ready" @click="emit('take')">{{ take }}</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.import :slotted(.bad) {
  color: var(--coral);
}

.import :slotted(ul) {
  margin: 0;
  padding-left: 18px;
}
</style>
