<script setup lang="ts">
import { computed } from 'vue'
import { benchLevels } from '#core/lesson'
import { usesInstrument } from '#core/recording'
import { useLesson } from '~/stores/lesson'

/** The test drawn for paper: each level as what it is, and what it is read with. */
const store = useLesson()
const levels = computed(() => benchLevels(store.plan))
</script>

<template>
  <div class="bench">
    <figure v-for="level in levels" :key="level.id">
      <img v-if="level.picture" :src="`/api/pictures/${level.picture}`" alt="" />
      <LevelDrawing
        v-else
        :dimension="level.dimension"
        :share="level.share"
        :value="level.value"
        :place="level.place"
        :baseline="level.baseline"
      />
      <figcaption>{{ level.name }}</figcaption>
    </figure>
    <InstrumentDrawing
      v-if="usesInstrument(store.plan)"
      :instrument="store.plan.measured.instrument"
      :across="260"
      :upright="110"
    />
  </div>
</template>

<style scoped>
.bench {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4mm 6mm;
}

figure {
  margin: 0;
  max-width: 34mm;
  text-align: center;
  overflow-wrap: anywhere;
}

img {
  max-width: 30mm;
  max-height: 22mm;
  object-fit: contain;
}

figcaption {
  font-size: var(--text-small);
}
</style>
