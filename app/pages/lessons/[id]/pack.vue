<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
if (store.open.stage === 'plan') void store.setStage('pack')
</script>

<template>
  <div class="stack pack">
    <div class="spread">
      <h1>
        Kit for {{ store.groups.length }} groups<template v-if="store.open.class.children"
          >, {{ store.open.class.children }} children</template
        >
      </h1>
      <div class="row">
        <VBtn
          :prepend-icon="mdiPrinterOutline"
          variant="outlined"
          color="primary"
          :href="`/print/${store.open.id}/sheets`"
          target="_blank"
          >Recording sheets</VBtn
        >
        <VBtn
          :prepend-icon="mdiPrinterOutline"
          color="primary"
          :href="`/print/${store.open.id}/trays`"
          target="_blank"
          >Tray cards</VBtn
        >
      </div>
    </div>
    <section class="panel"><KitTable /></section>
    <div class="columns">
      <section class="panel stack">
        <h2>What a group does</h2>
        <StepsEditor />
      </section>
      <section class="panel stack">
        <h2>Care</h2>
        <HazardsEditor />
      </section>
    </div>
  </div>
</template>

<style scoped>
h1 {
  font-size: 1.25rem;
}

.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px;
  align-items: start;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
