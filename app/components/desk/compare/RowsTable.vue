<script setup lang="ts">
import { computed } from 'vue'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels } from '#core/plan'
import { printNumber } from '#core/quantity'
import { evidenceByLevel } from '#core/comparison'
import { classRows } from '#core/recording'
import { usePicture } from '~/composables/usePicture'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { measuredCaption } from '~/words/measuredWords'

/** What the class read at each moment of a level, and what that comes to. */
const props = withDefaults(defineProps<{ quantity?: number }>(), { quantity: 0 })
const store = useLesson()
const results = useResults()
const { plan, picture } = usePicture(() => props.quantity)
/** What each level comes to by itself, whatever is compared; what is read besides is weighed by itself. */
const byLevel = computed(() =>
  props.quantity === 0 ? results.byLevel : evidenceByLevel(plan.value, store.counted),
)
const scored = computed(() => byLevel.value.plan)
const table = computed(() => {
  const shown = picture.value
  if (shown?.kind !== 'paired' && shown?.kind !== 'stacked') return null
  // Parts must add up in the table too, so they are means.
  return shown.kind === 'paired'
    ? { heads: shown.moments, rows: classRows(shown.rows, 'median'), centre: 'middle of all tries' }
    : {
        heads: [...shown.parts, shown.whole],
        rows: classRows(shown.rows, 'mean'),
        centre: 'mean of all tries',
      }
})
const resultAt = (levelId: string) =>
  byLevel.value.evidence.results.find((result) => result.level.id === levelId)
const scoredMark = computed(() => resolutionOf(scored.value).mark)
const mark = computed(() => resolutionOf(plan.value).mark)
</script>

<template>
  <div v-if="table" class="sideways" role="region" aria-label="Readings and what they come to" tabindex="0">
    <table class="results">
      <caption>
        {{
          measuredCaption(plan)
        }}:
        {{
          table.centre
        }}
        that have every reading
      </caption>
      <thead>
        <tr>
          <th scope="col" />
          <th v-for="head in table.heads" :key="head" scope="col" class="n">{{ head }}</th>
          <th scope="col" class="n">{{ measuredCaption(scored) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="level in orderedLevels(store.plan)" :key="level.id">
          <th scope="row">{{ levelName(store.plan, level) }}</th>
          <td v-for="(head, at) in table.heads" :key="head" class="n number">
            {{
              table.rows.has(level.id)
                ? printNumber(table.rows.get(level.id)![at]!, mark, 1, plan.measured.unit)
                : '–'
            }}
          </td>
          <td class="n number">
            <b>{{
              resultAt(level.id)
                ? printNumber(resultAt(level.id)!.centre, scoredMark, 1, scored.measured.unit)
                : '–'
            }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
