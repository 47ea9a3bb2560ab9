<script setup lang="ts">
import { computed } from 'vue'
import { useFits, type WeighedWay } from '~/stores/fits'

/** What would make the lesson shorter: what it gains, what it costs, and one press. */
const props = withDefaults(defineProps<{ most?: number }>(), { most: 3 })
const fits = useFits()
const isTooLong = computed(() => fits.fits?.state === 'mend')

function price({ gains, takes, fits: then, shows }: WeighedWay): string {
  const time = gains > 0 ? `${gains} min shorter` : `${takes} min`
  const seen =
    shows === null || shows === 0
      ? ''
      : shows > 0
        ? `; ${shows} more of 12 classes see the answer`
        : `; ${-shows} fewer of 12 classes see the answer`
  return `${time}${then && isTooLong.value ? ', then it fits' : ''}${seen}`
}
</script>

<template>
  <ul class="ways" aria-label="Ways to fit">
    <li v-for="way in fits.ways.slice(0, props.most)" :key="way.id">
      <VBtn size="small" variant="outlined" color="primary" @click="fits.take(way)">{{ way.label }}</VBtn>
      <span class="small soft">{{ price(way) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.ways {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

li {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
}
</style>
