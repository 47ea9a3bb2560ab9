<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { useLesson } from '../../../stores/lesson'

const store = useLesson()
if (store.open.stage === 'plan') void store.setStage('pack')
</script>

<template>
  <div class="stack pack">
    <div class="spread">
      <h1 class="stage-title">
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
    <div class="two-columns">
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
@media (max-width: 1000px) {
}
</style>
