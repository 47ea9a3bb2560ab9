<script setup lang="ts">
import { computed } from 'vue'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels } from '#core/plan'
import { printNumber } from '#core/quantity'
import { classCurves, curveKey, positionOf, wayOf } from '#core/recording'
import { usePicture } from '~/composables/usePicture'
import { useLesson } from '~/stores/lesson'
import { measuredCaption } from '~/words/measuredWords'

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
/** The place is in the row, so a column is a minute or a day. */
const times = computed(() => [...new Set(moments.value.map(timeOf))])
const rows = computed(() => {
  const places = [...new Set(moments.value.map(positionOf))]
  return orderedLevels(store.plan).flatMap((level) =>
    places.map((place) => ({
      key: curveKey(level.id, place),
      name: [levelName(store.plan, level), place].filter(Boolean).join(', '),
    })),
  )
})
const lines = computed(() => classCurves(picture.value?.kind === 'curves' ? picture.value.curves : []))
const timeOf = (moment: string) => moment.replace(/, .*$/su, '')
const mark = computed(() => resolutionOf(store.plan).mark)
const at = (key: string, time: string) => lines.value.get(key)?.find((point) => timeOf(point.moment) === time)
</script>

<template>
  <div class="sideways" role="region" aria-label="Readings over time" tabindex="0">
    <table class="results">
      <caption>
        {{
          measuredCaption(store.plan)
        }}: middle of the groups at each moment
      </caption>
      <thead>
        <tr>
          <th scope="col" />
          <th v-for="time in times" :key="time" scope="col" class="n">{{ time }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key">
          <th scope="row">{{ row.name }}</th>
          <td v-for="time in times" :key="time" class="n number">
            {{
              at(row.key, time)
                ? printNumber(at(row.key, time)!.value, mark, 1, store.plan.measured.unit)
                : '–'
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
