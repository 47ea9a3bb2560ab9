<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { previewEntries, type EntriesPreview } from '#core/format'
import { request } from '../../../api/request'
import { useLesson } from '../../../stores/lesson'
import { useNotices } from '../../../stores/notices'
import { slotWords } from '../../../words/slotWords'

/** Entries from a file or the clipboard: first what would happen, then all of it or nothing. */
const shown = defineModel<boolean>({ required: true })
const store = useLesson()
const notices = useNotices()
const text = ref('')
const preview = ref<EntriesPreview | null>(null)
/** How many are in already while they are sent; null while nothing is. */
const sent = ref<number | null>(null)
/** So many fit into one request. */
const atOnce = 200
const largest = 4_000_000

const look = useDebounceFn(() => {
  preview.value =
    text.value.trim() === ''
      ? null
      : previewEntries(text.value, {
          lessonId: store.open.id,
          plan: store.plan,
          groups: store.groups,
          entries: store.entries,
          now: new Date().toISOString(),
        })
}, 250)
watch(text, look)

const ready = () =>
  preview.value !== null &&
  !preview.value.problem &&
  preview.value.problems.length === 0 &&
  preview.value.entries.length > 0

async function read(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  if (file.size > largest) return notices.warn('This file is too large for the readings of one lesson.')
  text.value = await file.text()
}

/** Sending what is there already changes nothing, so whoever was interrupted presses once more. */
async function take() {
  const { entries } = preview.value!
  sent.value = 0
  const done = await notices.attempt(async () => {
    for (let from = 0; from < entries.length; from += atOnce) {
      await request('POST', '/api/lessons/:id/entries', {
        params: { id: store.open.id },
        body: { entries: entries.slice(from, from + atOnce) },
      })
      sent.value = Math.min(entries.length, from + atOnce)
    }
    return true
  })
  sent.value = null
  if (!done) return
  notices.tell(
    `${entries.length} ${entries.length === 1 ? 'reading is' : 'readings are'} in. The journal shows each.`,
  )
  text.value = ''
  shown.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="760" aria-label="Readings from a file">
    <VCard title="Readings from a file">
      <VCardText class="stack">
        <p>
          A line for each reading, the columns named in the first: group, level, try, moment, value, note.
          What this lesson has already is left as it is. A file of readings saved from here comes back as it
          was.
        </p>
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          aria-label="File of readings"
          @change="read"
        />
        <VTextarea
          v-model="text"
          label="Lines"
          :rows="5"
          :auto-grow="false"
          placeholder="group,level,try,value&#10;Leaf,20 cm,1,13"
        />
        <VAlert v-if="preview?.problem" type="error" variant="tonal" density="compact">{{
          preview.problem
        }}</VAlert>
        <template v-else-if="preview">
          <p role="status">
            <b v-if="preview.problems.length === 0"
              >{{ preview.entries.length }} new, {{ preview.known }} there already.</b
            >
            <b v-else class="bad"
              >{{ preview.problems.length }} {{ preview.problems.length === 1 ? 'line' : 'lines' }} cannot be
              taken in yet. Mend the file, and read it once more.</b
            >
          </p>
          <ul>
            <li v-for="problem in preview.problems.slice(0, 8)" :key="problem.line">
              Line {{ problem.line }}: <span class="bad">{{ problem.message }}</span>
            </li>
            <template v-if="preview.problems.length === 0">
              <li v-for="entry in preview.entries.slice(0, 5)" :key="entry.id">
                {{ slotWords(store, entry) }}:
                {{
                  Object.values(entry.fields)
                    .map((field) => field.typed)
                    .join(', ') || entry.reason
                }}
              </li>
            </template>
          </ul>
        </template>
        <VProgressLinear
          v-if="sent !== null && preview"
          :model-value="(100 * sent) / preview.entries.length"
          color="primary"
          height="8"
          aria-label="Taken in"
        />
      </VCardText>
      <VCardActions>
        <VSpacer />
        <VBtn variant="text" @click="shown = false">Leave it</VBtn>
        <VBtn color="primary" variant="flat" :disabled="!ready() || sent !== null" @click="take"
          >Take them in</VBtn
        >
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
