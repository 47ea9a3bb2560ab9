<script setup lang="ts">
import { computed } from 'vue'
import { useFits } from '~/stores/fits'
import { useLesson } from '~/stores/lesson'

/** Whether the lesson ends before the bell, what its time hangs on, and what would make it fit. */
const props = defineProps<{
  sign: { icon: string; colour: string | undefined; word: string }
  brief: boolean
}>()
const store = useLesson()
const fits = useFits()
const trouble = computed(() => fits.fits?.state === 'think' || fits.fits?.state === 'mend')
const route = useRoute()
/** The time view says it all at large. */
const short = computed(() => props.brief || route.query.view === 'time')
</script>

<template>
  <section class="check" aria-label="Fits" aria-live="polite">
    <p class="line">
      <VIcon :icon="sign.icon" :color="sign.colour" size="20" />
      <b>Fits</b><span class="state">{{ sign.word }}</span>
    </p>
    <div v-if="fits.fits?.sentence && (!short || trouble)" class="body">
      <p class="sentence">{{ fits.fits.sentence }}</p>
      <template v-if="!short">
        <p v-if="trouble || fits.fits.binding.thing" class="small soft">{{ fits.fits.binding.said }}</p>
        <p v-if="fits.fits.besides" class="small soft">{{ fits.fits.besides }}</p>
        <WaysToFit v-if="trouble" :most="2" />
        <NuxtLink :to="{ path: `/lessons/${store.open.id}/plan`, query: { view: 'time' } }" class="small"
          >See it as a time line</NuxtLink
        >
      </template>
    </div>
  </section>
</template>

<style scoped>
.body {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 6px;
  margin-top: 6px;
}

.sentence {
  font-size: var(--text-body-small);
  line-height: 1.35;
}
</style>
