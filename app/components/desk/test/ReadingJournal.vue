<script setup lang="ts">
import { computed } from 'vue'
import { entryHistory, slotKey, type HistoryStep } from '#core/entries'
import { wayOf } from '#core/recording'
import { timeWords } from '~/words/dates'
import { useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'

/** Everything that was ever recorded, newest first, with what took its place. */
const store = useLesson()
const recorder = useRecorder('desk')
const steps = computed(() => entryHistory(store.entries).slice(0, 400))
const sources = { sheet: 'Sheet', desk: 'Desk', import: 'file', demo: 'demo' }
const groupOf = (id: string) => store.testers.find((group) => group.id === id)

const typedOf = (entry: HistoryStep['entry']) =>
  Object.entries(entry.fields)
    .filter(([name]) => !wayOf(store.plan).extraFields.includes(name))
    .map(([, field]) => field.typed)
    .join(', ')

function fate({ entry, supersededBy }: HistoryStep): string {
  if (supersededBy) {
    if (supersededBy.status === 'set-aside') return `set aside: ${supersededBy.reason}`
    const same = typedOf(supersededBy) === typedOf(entry)
    return same ? 'counts, with another note' : `corrected to ${typedOf(supersededBy)}`
  }
  if (entry.status === 'set-aside') return `set aside: ${entry.reason}`
  return store.slots.get(slotKey(entry))?.counted ? 'counts' : 'two devices wrote here: choose above'
}

const canCount = ({ entry, supersededBy }: HistoryStep) => {
  const state = store.slots.get(slotKey(entry))
  return (
    entry.status === 'set-aside' &&
    !supersededBy &&
    Object.keys(entry.fields).length > 0 &&
    !state?.counted &&
    !state?.contested.length
  )
}
</script>

<template>
  <VTable density="compact" fixed-header class="journal">
    <thead>
      <tr>
        <th>Time</th>
        <th>Group</th>
        <th colspan="2">What</th>
        <th class="n">Typed</th>
        <th class="n">Value</th>
        <th>From</th>
        <th>Note</th>
        <th>What happened to it</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="step in steps"
        :key="step.entry.id"
        :class="{ gone: step.supersededBy || step.entry.status === 'set-aside' }"
      >
        <td class="number">{{ timeWords(step.entry.takenAt) }}</td>
        <td>
          <GroupEmblem
            v-if="groupOf(step.entry.groupId)"
            :emblem="groupOf(step.entry.groupId)!.emblem"
            named
            :name="groupOf(step.entry.groupId)!.name"
            :size="18"
          />
        </td>
        <td colspan="2">{{ wayOf(store.plan).slotName(store.plan, step.entry) }}</td>
        <td class="n number typed">
          {{ typedOf(step.entry) || (Object.keys(step.entry.fields).length > 0 ? '' : 'nothing') }}
        </td>
        <td class="n number typed">
          {{ wayOf(store.plan).print(store.plan, step.entry) }}
        </td>
        <td>{{ sources[step.entry.source] }}</td>
        <td>{{ step.entry.note }}</td>
        <td>
          {{ fate(step) }}
          <VBtn
            v-if="canCount(step)"
            size="x-small"
            variant="outlined"
            color="primary"
            @click="recorder.countAgain(step.entry)"
            >Count it again</VBtn
          >
        </td>
      </tr>
      <tr v-if="steps.length === 0">
        <td colspan="9" class="soft">
          Nothing is recorded yet. Every number, correction and set-aside try will be listed here.
        </td>
      </tr>
    </tbody>
  </VTable>
</template>

<style scoped>
.journal {
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.n {
  text-align: right !important;
}

.gone .typed {
  text-decoration: line-through;
  color: var(--ink-soft);
}
</style>
