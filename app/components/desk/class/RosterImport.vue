<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ClassDto } from '#shared/types/api'
import { usePreview } from '~/composables/usePreview'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'

/** A roster from a file or the clipboard. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ classId: string }>()
const emit = defineEmits<{ imported: [saved: ClassDto] }>()
const school = useSchool()
const notices = useNotices()
const text = ref('')
const { preview, fresh } = usePreview(text, (lines) =>
  notices.attempt(() => school.previewRoster(props.classId, lines)),
)
const problems = computed(() => preview.value?.rows.filter((row) => row.problem).length ?? 0)
const ready = computed(() => fresh.value && !!preview.value && !preview.value.problem && problems.value === 0)

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
  <ImportDialog
    v-model="shown"
    v-model:text="text"
    title="Import a class list"
    file="Class list file"
    lines="Names"
    placeholder="name,group&#10;Ada,Leaf&#10;Bruno,Bell"
    :largest="20_000"
    too-large="This file is too large for one class list."
    :problem="preview?.problem ?? null"
    :ready="ready"
    take="Add them all"
    @take="take"
  >
    <template #about
      >One child on each line: first name, and the group if you like. From a spreadsheet, copy the two columns
      and paste them here.</template
    >
    <template v-if="preview">
      <p>
        <b v-if="ready">{{ preview.rows.length }} children will be added.</b>
        <b v-else class="bad"
          >{{ problems }} of {{ preview.rows.length }} lines need a look. Nothing is added until you fix them
          above.</b
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
  </ImportDialog>
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
</style>
