<script setup lang="ts">
import { computed } from 'vue'
import { levelName, type Level } from '#core/plan'
import { listed, unitSaid } from '#core/quantity'
import type { GridColumn } from '~/composables/useGridLayout'
import { usesInstrument, wayOf } from '#core/recording'
import { useLesson } from '~/stores/lesson'

/** The head of the grid: levels with their tries, or moments where each level has a row of its own. */
const props = defineProps<{
  columns: GridColumn[]
  levels: Level[]
  layout: 'levels-across' | 'levels-beneath' | 'together'
  /** The head of what is worked out; null where nothing is. */
  worked: string | null
}>()
const store = useLesson()
const quantities = computed(() => wayOf(store.plan).quantities(store.plan))
const measured = computed(() => listed(quantities.value.map((one) => one.measured.name)))
/** Where several are read, each column says its own unit. */
const inUnit = computed(() => {
  if (quantities.value.length > 1) return ''
  if (!usesInstrument(store.plan)) return 'its word'
  const unit = unitSaid(store.plan.measured.unit)
  return unit ? `in ${unit}` : 'how many'
})
const triesOf = (levelId: string) => props.columns.filter((column) => column.levelId === levelId).length
</script>

<template>
  <thead v-if="layout === 'levels-beneath'">
    <tr>
      <th scope="col">
        {{ measured }}<br /><span class="soft">{{ inUnit }}</span>
      </th>
      <th scope="col">{{ store.plan.changed.name }}</th>
      <template v-for="(column, index) in columns" :key="index">
        <th scope="col" class="try" :class="{ first: column.first }">
          {{ column.head }}<br v-if="column.under" /><span class="under">{{ column.under }}</span>
        </th>
        <th v-if="column.worked" scope="col" class="try">{{ worked }}</th>
      </template>
    </tr>
  </thead>
  <thead v-else-if="layout === 'together'">
    <tr>
      <th scope="col">{{ measured }}</th>
      <th
        v-for="(column, index) in columns"
        :key="index"
        scope="col"
        class="try"
        :class="{ first: column.first }"
      >
        {{ column.head }}
      </th>
      <th scope="col" class="done">done</th>
    </tr>
  </thead>
  <thead v-else>
    <tr>
      <th scope="col" rowspan="2">
        {{ measured }}<br /><span class="soft">{{ inUnit }}</span>
      </th>
      <th
        v-for="level in levels"
        :key="level.id"
        scope="colgroup"
        :colspan="triesOf(level.id)"
        class="level first"
      >
        {{ levelName(store.plan, level) }}
      </th>
      <th scope="col" rowspan="2" class="done">done</th>
    </tr>
    <tr>
      <th
        v-for="(column, index) in columns"
        :key="index"
        scope="col"
        class="try"
        :class="{ first: column.first }"
      >
        {{ column.tryNumber }}
      </th>
    </tr>
  </thead>
</template>

<style scoped>
th {
  font: 500 var(--text-small) var(--heading);
  text-align: left;
  padding: 3px 8px;
  white-space: nowrap;
}

.level {
  text-align: center;
}

.try {
  text-align: center;
  color: var(--ink-soft);
  font-weight: 400;
}

.first {
  border-left: 2px solid var(--line);
}

.under {
  font-size: var(--text-tiny);
}

.done {
  text-align: right;
  padding-right: 10px;
  color: var(--ink-soft);
}
</style>
