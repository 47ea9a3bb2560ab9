<script setup lang="ts">
import { computed } from 'vue'
import { usePicture } from '~/composables/usePicture'
import { useLesson } from '~/stores/lesson'

/** The tiles as a table: the same words and places, group by group or look by look. */
const store = useLesson()
const { picture } = usePicture()
const tiles = computed(() => (picture.value?.kind === 'tiles' ? picture.value.tiles : null))
const groupOf = (id: string | null) => store.testers.find((group) => group.id === id) ?? null
const stepOf = (row: number) => tiles.value?.podium?.find((step) => step.row === row)
const at = (row: number, column: number) =>
  tiles.value?.cells.find((cell) => cell.row === row && cell.column === column)?.text ?? '–'
</script>

<template>
  <div v-if="tiles" class="sideways" role="region" aria-label="Words and places" tabindex="0">
    <table class="results">
      <caption>
        {{
          store.plan.measured.name
        }}:
        {{
          tiles.of.rows
        }}
        by
        {{
          tiles.of.columns
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col" />
          <th v-if="tiles.podium" scope="col">mean</th>
          <th v-for="(column, index) in tiles.columns" :key="index" scope="col">
            <GroupEmblem
              v-if="groupOf(column.groupId)"
              :emblem="groupOf(column.groupId)!.emblem"
              named
              :name="groupOf(column.groupId)!.name"
              :size="16"
            />
            {{ column.head }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(name, row) in tiles.rows" :key="name">
          <th scope="row">{{ name }}</th>
          <td v-if="tiles.podium">{{ stepOf(row)?.text ?? '–' }}</td>
          <td v-for="(_, column) in tiles.columns" :key="column">{{ at(row, column) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
