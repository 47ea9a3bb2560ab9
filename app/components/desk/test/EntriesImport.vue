<script setup lang="ts">
import pluralize from 'pluralize'
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import { previewEntries } from '#core/format'
import { request } from '~/api/request'
import { usePreview } from '~/composables/usePreview'
import { isDoneForAll } from '#core/lesson'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { slotWords } from '~/words/slotWords'

/** Entries from a file or the clipboard. */
const shown = defineModel<boolean>({ required: true })
const store = useLesson()
const notices = useNotices()
const text = ref('')
/** How many are in already while they are sent; null while nothing is. */
const sent = ref<number | null>(null)
/** So many fit into one request. */
const atOnce = 200
const { preview, fresh } = usePreview(text, (lines) =>
  previewEntries(lines, {
    lessonId: store.open.id,
    plan: store.plan,
    // A file may be from before the class tested as one.
    groups: isDoneForAll(store.plan) ? [...store.testers, ...store.groups] : store.groups,
    entries: store.entries,
    now: new Date().toISOString(),
  }),
)
const ready = computed(() => {
  const seen = preview.value
  return fresh.value && !!seen && !seen.problem && seen.problems.length === 0 && seen.entries.length > 0
})

/** Sending what is there already changes nothing, so whoever was interrupted presses once more. */
async function take() {
  const { entries } = defined(preview.value)
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
  notices.tell(`${pluralize('reading', entries.length, true)} imported. The journal shows each.`)
  text.value = ''
  shown.value = false
}
</script>

<template>
  <ImportDialog
    v-model="shown"
    v-model:text="text"
    title="Readings from a file"
    file="File of readings"
    lines="Lines"
    placeholder="group,level,try,value&#10;Leaf,20 cm,1,13"
    :largest="4_000_000"
    too-large="This file is too large for the readings of one lesson."
    :problem="preview?.problem ?? null"
    :ready="ready && sent === null"
    take="Import them"
    @take="take"
  >
    <template #about
      >A line for each reading (group, level, try, moment, value, note), or a column for each level, group,
      try or moment, as your spreadsheet has it. The first line holds the headings. Cells can be pasted below.
      Readings that are here already stay as they are, so a file saved from here can be imported
      again.</template
    >
    <template v-if="preview">
      <p v-if="preview.readAs">{{ preview.readAs }}</p>
      <p role="status">
        <b v-if="preview.problems.length === 0"
          >{{ preview.entries.length }} new, {{ preview.known }} there already.</b
        >
        <b v-else class="bad"
          >{{ preview.problems.length }} {{ preview.problems.length === 1 ? 'line' : 'lines' }} can’t be
          imported yet. Fix the file and choose it again.</b
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
      <VProgressLinear
        v-if="sent !== null"
        :model-value="(100 * sent) / preview.entries.length"
        color="primary"
        height="8"
        aria-label="Imported"
      />
    </template>
  </ImportDialog>
</template>
