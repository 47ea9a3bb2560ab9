<script setup lang="ts">
import { computed } from 'vue'
import { levelName, orderedLevels, printResult } from '#core/plan'
import { usePicture } from '~/composables/usePicture'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'
import { measuredCaption } from '~/words/measuredWords'

/** Round by round what each group reached, what it altered before, and which round was its best. */
const store = useLesson()
const observations = useObservations()
const { picture } = usePicture()
const rounds = computed(() => orderedLevels(store.plan))
const lines = computed(() =>
  (picture.value?.kind === 'steps' ? picture.value.steps : []).flatMap((steps) => {
    const group = store.testers.find((one) => one.id === steps.groupId)
    return group ? [{ group, ...steps }] : []
  }),
)
/** What a group drew or photographed of a round. */
const sketchesOf = (groupId: string, levelId: string) =>
  observations.at({ groupId, levelId, tryNumber: 1, moment: '' }).filter((one) => one.picture !== null)
</script>

<template>
  <div class="sideways" role="region" aria-label="Round by round" tabindex="0">
    <table class="results">
      <caption>
        {{
          measuredCaption(store.plan)
        }}: the best of each group in bold; in small print, what was altered before
      </caption>
      <thead>
        <tr>
          <th scope="col" />
          <th v-for="round in rounds" :key="round.id" scope="col" class="n">
            {{ levelName(store.plan, round) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in lines" :key="line.groupId">
          <th scope="row">
            <GroupEmblem :emblem="line.group.emblem" named :name="line.group.name" :size="18" />
          </th>
          <td v-for="(result, place) in line.results" :key="place" class="n number">
            <template v-if="result !== null"
              ><b v-if="place === line.best">{{ printResult(store.plan, result, 1) }}</b
              ><template v-else>{{ printResult(store.plan, result, 1) }}</template></template
            ><span v-else class="soft">–</span>
            <small v-if="line.altered[place]">{{ line.altered[place] }}</small>
            <img
              v-for="one in sketchesOf(line.groupId, rounds[place]!.id)"
              :key="one.id"
              :src="`/api/pictures/${one.picture}`"
              :alt="`${line.group.name}, ${levelName(store.plan, rounds[place]!)}: ${one.text || 'sketch'}`"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
small {
  display: block;
  color: var(--ink-soft);
}

img {
  height: 44px;
  margin-left: 4px;
  border: 1px solid var(--line);
  border-radius: 4px;
}
</style>
