<script setup lang="ts">
import { computed } from 'vue'
import { levelName } from '#core/plan'
import { readingHistory, slotKey, type HistoryEntry } from '#core/record'
import { unitDefinition } from '#core/quantity'
import { timeWords } from '../../words/dates'
import { useRecorder } from '../../composables/useRecorder'
import { useLesson } from '../../stores/lesson'

/** Everything that was ever recorded, newest first, with what took its place. */
const store = useLesson()
const recorder = useRecorder('desk')
const entries = computed(() => readingHistory(store.readings).slice(0, 400))
const symbol = computed(() => unitDefinition(store.plan.measured.unit).symbol)
const sources = { sheet: 'Sheet', desk: 'Desk', import: 'file', demo: 'demo' }
const groupOf = (id: string) => store.groups.find((group) => group.id === id)
const levelOf = (id: string) => store.plan.levels.find((level) => level.id === id)

function fate({ reading, supersededBy }: HistoryEntry): string {
  if (supersededBy)
    return supersededBy.status === 'set-aside'
      ? `set aside: ${supersededBy.reason}`
      : `corrected to ${supersededBy.typed}`
  return reading.status === 'counted' ? 'counts' : `set aside: ${reading.reason}`
}

const canCount = ({ reading, supersededBy }: HistoryEntry) =>
  reading.status === 'set-aside' &&
  !supersededBy &&
  reading.value !== null &&
  !store.slots.get(slotKey(reading))?.counted
</script>

<template>
  <VTable density="compact" fixed-header class="journal">
    <thead>
      <tr>
        <th>Time</th>
        <th>Group</th>
        <th>Level</th>
        <th>Try</th>
        <th class="n">Typed</th>
        <th class="n">Value</th>
        <th>From</th>
        <th>What became of it</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="entry in entries"
        :key="entry.reading.id"
        :class="{ gone: entry.supersededBy || entry.reading.status === 'set-aside' }"
      >
        <td class="number">{{ timeWords(entry.reading.takenAt) }}</td>
        <td>
          <GroupEmblem
            v-if="groupOf(entry.reading.groupId)"
            :emblem="groupOf(entry.reading.groupId)!.emblem"
            named
            :name="groupOf(entry.reading.groupId)!.name"
            :size="18"
          />
        </td>
        <td>
          {{
            levelOf(entry.reading.levelId)
              ? levelName(store.plan, levelOf(entry.reading.levelId)!)
              : 'no longer in the plan'
          }}
        </td>
        <td>{{ entry.reading.tryNumber }}</td>
        <td class="n number typed">{{ entry.reading.typed || 'nothing' }}</td>
        <td class="n number typed">
          {{ entry.reading.value === null ? '' : `${entry.reading.value} ${symbol}` }}
        </td>
        <td>{{ sources[entry.reading.source] }}</td>
        <td>
          {{ fate(entry) }}
          <VBtn
            v-if="canCount(entry)"
            size="x-small"
            variant="outlined"
            color="primary"
            @click="recorder.countAgain(entry.reading)"
            >Count it again</VBtn
          >
        </td>
      </tr>
      <tr v-if="entries.length === 0">
        <td colspan="8" class="soft">
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
