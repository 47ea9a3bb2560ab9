<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { suppliesLimit, type SuppliesPreview } from '#core/format'
import { amountWords } from '#core/kit'
import { useNotices } from '../../../stores/notices'
import { useSupplies } from '../../../stores/supplies'

/** A store cupboard from a file or the clipboard: first what would happen, then all of it or nothing. */
const shown = defineModel<boolean>({ required: true })
const supplies = useSupplies()
const notices = useNotices()
const text = ref('')
const preview = ref<SuppliesPreview | null>(null)
const bad = computed(() => preview.value?.rows.filter((row) => row.problem) ?? [])
const ready = computed(() => preview.value !== null && !preview.value.problem && bad.value.length === 0)

const look = useDebounceFn(async () => {
  if (text.value.trim() === '') return void (preview.value = null)
  preview.value = (await notices.attempt(() => supplies.preview(text.value))) ?? null
}, 250)
watch(text, look)

async function read(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  if (file.size > suppliesLimit * 400) return notices.warn('This file is too large for one store cupboard.')
  text.value = await file.text()
}

async function take() {
  const count = preview.value?.rows.length ?? 0
  const done = await notices.attempt(async () => {
    await supplies.take(text.value)
    return true
  })
  if (!done) return
  notices.tell(`${count} things are in the store cupboard.`)
  text.value = ''
  shown.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="760" aria-label="Read in the store cupboard">
    <VCard title="Read in the store cupboard">
      <VCardText class="stack">
        <p>
          A line for each thing, the columns named in the first: name, unit, amount, place, pack size, price,
          instead, care. Only the name has to be there. What is in the cupboard already is replaced.
        </p>
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          aria-label="Store cupboard file"
          @change="read"
        />
        <VTextarea
          v-model="text"
          label="Lines"
          :rows="5"
          :auto-grow="false"
          placeholder="name,unit,amount,place&#10;card,sheets,40,shelf 2"
        />
        <VAlert v-if="preview?.problem" type="error" variant="tonal" density="compact">{{
          preview.problem
        }}</VAlert>
        <template v-else-if="preview">
          <p>
            <b v-if="ready"
              >{{ preview.rows.filter((row) => !row.known).length }} new things,
              {{ preview.rows.filter((row) => row.known).length }} that are there already.</b
            >
            <b v-else class="bad"
              >{{ bad.length }} of {{ preview.rows.length }} lines cannot be taken in yet.</b
            >
          </p>
          <ul>
            <li v-for="row in (bad.length ? bad : preview.rows).slice(0, 8)" :key="row.line">
              Line {{ row.line }}: {{ row.supply.name || 'no name' }}
              <span v-if="row.problem" class="bad">{{ row.problem }}</span>
              <span v-else class="soft">{{ amountWords(row.supply.amount, row.supply.unit) }}</span>
            </li>
          </ul>
        </template>
      </VCardText>
      <VCardActions>
        <VSpacer />
        <VBtn variant="text" @click="shown = false">Leave it</VBtn>
        <VBtn color="primary" variant="flat" :disabled="!ready" @click="take">Take them in</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.bad {
  color: var(--coral);
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
