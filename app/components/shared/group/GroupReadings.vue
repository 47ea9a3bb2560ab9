<script setup lang="ts">
import { computed } from 'vue'
import { levelName, orderedLevels, printResult } from '#core/plan'
import { printReading, unitDefinition } from '#core/quantity'
import { resolutionOf } from '#core/instrument'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** A group's own numbers, level by level. */
const props = withDefaults(defineProps<{ groupId: string; whose?: string }>(), { whose: 'Your readings' })
const store = useLesson()
const results = useResults()
const mark = computed(() => resolutionOf(store.scored).mark)
const ordinal = computed(() => store.scored.measured.scale !== undefined)
const symbol = computed(() => (ordinal.value ? '' : unitDefinition(store.scored.measured.unit).symbol))
const print = (value: number) =>
  ordinal.value
    ? printResult(store.scored, value)
    : printReading(value, mark.value, store.scored.measured.unit)
/** Where one thing is compared with itself at several levels, each of them by itself. */
const tables = computed(() => {
  const { measured } = store.scored
  const own = results.evidence.strands.filter(
    ({ level, plan }) => level !== null && plan.measured.name === measured.name,
  )
  return own.length > 0 ? own : [{ level: null, evidence: results.evidence }]
})
const lines = computed(() =>
  tables.value.flatMap(({ level, evidence }) =>
    orderedLevels(store.scored).flatMap((column) => {
      const cell = evidence.cells.find((one) => one.groupId === props.groupId && one.levelId === column.id)
      if (!cell) return []
      const name = levelName(store.scored, column)
      return [
        {
          id: `${level?.id ?? ''}|${column.id}`,
          name: level ? `${levelName(store.plan, level)}, ${name}` : name,
          values: cell.values.map(print).join('   '),
        },
      ]
    }),
  ),
)
</script>

<template>
  <table>
    <caption class="visually-hidden">
      {{
        whose
      }}
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
