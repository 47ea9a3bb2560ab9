<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { RosterPreview } from '#core/format'
import type { ClassDto } from '#shared/types/api'
import { useNotices } from '../../../stores/notices'
import { useSchool } from '../../../stores/school'

/** A roster from a file or the clipboard: first what would happen, then all of it or nothing. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ classId: string }>()
const emit = defineEmits<{ imported: [saved: ClassDto] }>()
const school = useSchool()
const notices = useNotices()
const text = ref('')
const preview = ref<RosterPreview | null>(null)
const problems = computed(() => preview.value?.rows.filter((row) => row.problem).length ?? 0)
const ready = computed(() => preview.value !== null && !preview.value.problem && problems.value === 0)

const look = useDebounceFn(async () => {
  if (text.value.trim() === '') return void (preview.value = null)
  preview.value = (await notices.attempt(() => school.previewRoster(props.classId, text.value))) ?? null
}, 250)
watch(text, look)

async function read(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  if (file.size > 20_000) return notices.warn('This file is too large for one class list.')
  text.value = await file.text()
}

async function take() {
  const saved = await notices.attempt(() => school.importRoster(props.classId, text.value))
  if (!saved) return
  notices.tell(`${preview.value?.rows.length} children added.`)
  text.value = ''
  shown.value = false
  emit('imported', saved)
}
</script>

<template>
  <VDialog v-model="shown" max-width="760" aria-label="Read in a class list">
    <VCard title="Read in a class list">
      <VCardText class="stack">
        <p>
          One child on each line: first name, and the group if you like. From a spreadsheet, copy the two
          columns and paste them here.
        </p>
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          aria-label="Class list file"
          @change="read"
        />
        <VTextarea
          v-model="text"
          label="Names"
          :rows="5"
          :auto-grow="false"
          placeholder="name,group&#10;Ada,Leaf&#10;Bruno,Bell"
        />
        <VAlert v-if="preview?.problem" type="error" variant="tonal" density="compact">{{
          preview.problem
        }}</VAlert>
        <template v-else-if="preview">
          <p>
            <b v-if="ready">{{ preview.rows.length }} children will be added.</b>
            <b v-else class="bad"
              >{{ problems }} of {{ preview.rows.length }} lines need a look. Nothing is added until they are
              mended above.</b
            >
          </p>
          <div class="lines">
            <table>
              <thead>
                <tr>
                  <th>Line</th>
                  <th>Name</th>
                  <th>Group</th>
                  <th>What will happen</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in preview.rows" :key="row.line" :class="{ bad: row.problem }">
                  <td>{{ row.line }}</td>
                  <td>{{ row.name }}</td>
                  <td>{{ row.group || 'no group' }}</td>
                  <td>
                    {{
                      row.problem
                        ? `${row.problem}${row.suggestion ? ` Try “${row.suggestion}”.` : ''}`
                        : 'is added'
                    }}
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
        </template>
      </VCardText>
      <VCardActions>
        <VBtn @click="shown = false">Not now</VBtn>
        <VBtn color="primary" variant="flat" :disabled="!ready" @click="take">Add them all</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.lines {
  max-height: 240px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: 8px;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: var(--text-small);
}

th,
td {
  text-align: left;
  padding: 4px 10px;
}

.bad {
  color: var(--coral);
}
</style>
