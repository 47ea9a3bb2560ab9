<script setup lang="ts">
import { computed } from 'vue'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels, printResult } from '#core/plan'
import { printNumber } from '#core/quantity'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { measuredCaption } from '~/words/measuredWords'

/** Groups by levels: the one number of each cell with its wobble, and the class result beneath. */
const store = useLesson()
const results = useResults()
const levels = computed(() => orderedLevels(store.scored))
const dotsOnly = computed(() => store.scored.summary === 'none')
/** Places and words have no distances, so no wobble. */
const ordinal = computed(() => store.scored.measured.scale !== undefined)
const summaryWords = computed(
  () =>
    ({ mean: 'mean', median: 'middle value', 'most-common': 'most common', none: 'tries' })[
      store.scored.summary
    ],
)
const cellAt = (groupId: string, levelId: string) =>
  results.evidence.cells.find((cell) => cell.groupId === groupId && cell.levelId === levelId)
const resultAt = (levelId: string) => results.evidence.results.find((result) => result.level.id === levelId)
const print = (value: number) =>
  ordinal.value
    ? printResult(store.scored, value)
    : printNumber(value, resolutionOf(store.scored).mark, 1, store.scored.measured.unit)
</script>

<template>
  <table class="results">
    <caption>
      {{
        measuredCaption(store.scored)
      }}:
      {{
        summaryWords
      }}<template v-if="!dotsOnly && !ordinal">, small: wobble</template>
    </caption>
    <thead>
      <tr>
        <th scope="col" />
        <th v-for="level in levels" :key="level.id" scope="col" class="n">
          {{ levelName(store.scored, level) }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="group in store.testers" :key="group.id">
        <th scope="row"><GroupEmblem :emblem="group.emblem" named :name="group.name" :size="18" /></th>
        <td v-for="level in levels" :key="level.id" class="n number">
          <template v-if="cellAt(group.id, level.id)">
            <template v-if="dotsOnly">{{ cellAt(group.id, level.id)!.values.map(print).join(' ') }}</template>
            <template v-else
              >{{ print(cellAt(group.id, level.id)!.summary.centre) }}
              <small v-if="!ordinal">{{ print(cellAt(group.id, level.id)!.summary.wobble) }}</small></template
            >
          </template>
          <span v-else class="soft">–</span>
        </td>
      </tr>
    </tbody>
    <tfoot v-if="!dotsOnly">
      <tr>
        <th scope="row">All groups</th>
        <td v-for="level in levels" :key="level.id" class="n number">
          {{ resultAt(level.id) ? print(resultAt(level.id)!.centre) : '–' }}
        </td>
      </tr>
    </tfoot>
  </table>
</template>

<style scoped>
small {
  color: var(--ink-soft);
  margin-left: 6px;
}

tfoot td,
tfoot th {
  border-bottom: 0;
  font-weight: 600;
}
</style>
