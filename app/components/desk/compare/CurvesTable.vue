<script setup lang="ts">
import { computed } from 'vue'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels } from '#core/plan'
import { printNumber } from '#core/quantity'
import { classCurves, curveKey, positionOf, wayOf } from '#core/recording'
import { usePicture } from '../../../composables/usePicture'
import { useLesson } from '../../../stores/lesson'
import { measuredCaption } from '../../../words/measuredWords'

/** The curves as a table: the middle of the groups at each moment; what nobody read is a gap. */
const store = useLesson()
const { picture } = usePicture()
const moments = computed(() => [
  ...new Set(
    wayOf(store.plan)
      .columns(store.plan)
      .map((column) => column.moment),
  ),
])
const lines = computed(() => classCurves(picture.value?.kind === 'curves' ? picture.value.curves : []))
const mark = computed(() => resolutionOf(store.plan).mark)
const at = (levelId: string, moment: string) =>
  lines.value.get(curveKey(levelId, positionOf(moment)))?.find((point) => point.moment === moment)
</script>

<template>
  <div class="sideways">
    <table class="results">
      <caption>
        {{
          measuredCaption(store.plan)
        }}: middle of the groups at each moment
      </caption>
      <thead>
        <tr>
          <th scope="col" />
          <th v-for="moment in moments" :key="moment" scope="col" class="n">{{ moment }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="level in orderedLevels(store.plan)" :key="level.id">
          <th scope="row">{{ levelName(store.plan, level) }}</th>
          <td v-for="moment in moments" :key="moment" class="n number">
            {{
              at(level.id, moment)
                ? printNumber(at(level.id, moment)!.value, mark, 1, store.plan.measured.unit)
                : '–'
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
