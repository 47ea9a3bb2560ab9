<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js'
import { itemAt } from '#core/defined'
import type { Arrangement, PartId, ReportPart } from '#core/report'

/** What stands on a paper and in which order: parts are left out and moved before it is printed. */
const props = defineProps<{ all: readonly ReportPart[] }>()
const arrangement = defineModel<Arrangement>({ required: true })

const ids = () => props.all.map(({ id }) => id)
const isIn = (id: PartId) => !arrangement.value.leftOut.includes(id)

function toggle(id: PartId) {
  const { leftOut } = arrangement.value
  arrangement.value = {
    order: ids(),
    leftOut: isIn(id) ? [...leftOut, id] : leftOut.filter((one) => one !== id),
  }
}

function move(place: number, by: 1 | -1) {
  const order = ids()
  const other = place + by
  if (other < 0 || other >= order.length) return
  const moved = itemAt(order, place)
  order[place] = itemAt(order, other)
  order[other] = moved
  arrangement.value = { ...arrangement.value, order }
}
</script>

<template>
  <ul class="arrange" aria-label="Parts of the paper">
    <li v-for="(part, place) in all" :key="part.id">
      <VCheckbox
        :model-value="isIn(part.id)"
        :label="part.heading"
        density="compact"
        hide-details
        @update:model-value="toggle(part.id)"
      />
      <VBtn
        :icon="mdiChevronUp"
        size="x-small"
        variant="text"
        :disabled="place === 0"
        :aria-label="`${part.heading}: further up`"
        @click="move(place, -1)"
      />
      <VBtn
        :icon="mdiChevronDown"
        size="x-small"
        variant="text"
        :disabled="place === all.length - 1"
        :aria-label="`${part.heading}: further down`"
        @click="move(place, 1)"
      />
    </li>
  </ul>
</template>

<style scoped>
.arrange {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  align-items: center;
  min-width: min(320px, 80vw);
}
</style>
