<script setup lang="ts">
import { computed } from 'vue'
import { levelName, orderedLevels, printResult } from '#core/plan'
import { printReading, unitDefinition } from '#core/quantity'
import { resolutionOf } from '#core/instrument'
import { useLesson } from '../../../stores/lesson'
import { useResults } from '../../../stores/results'

/** A group's own numbers, level by level. */
const props = defineProps<{ groupId: string }>()
const store = useLesson()
const results = useResults()
const mark = computed(() => resolutionOf(store.scored).mark)
const ordinal = computed(() => store.scored.measured.scale !== undefined)
const symbol = computed(() => (ordinal.value ? '' : unitDefinition(store.scored.measured.unit).symbol))
const lines = computed(() =>
  orderedLevels(store.plan).flatMap((level) => {
    const cell = results.evidence.cells.find(
      (one) => one.groupId === props.groupId && one.levelId === level.id,
    )
    return cell
      ? [
          {
            id: level.id,
            name: levelName(store.plan, level),
            values: cell.values
              .map((value) =>
                ordinal.value
                  ? printResult(store.scored, value)
                  : printReading(value, mark.value, store.scored.measured.unit),
              )
              .join('   '),
          },
        ]
      : []
  }),
)
</script>

<template>
  <table>
    <caption class="visually-hidden">
      Your readings
    </caption>
    <tbody>
      <tr v-for="line in lines" :key="line.id">
        <th scope="row">{{ line.name }}</th>
        <td class="number">{{ line.values }} {{ symbol }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  background: var(--surface);
  border: 1px solid var(--line);
}

th,
td {
  text-align: left;
  padding: 10px 14px;
  border-bottom: 1px solid var(--line);
  white-space: pre-wrap;
}
</style>
