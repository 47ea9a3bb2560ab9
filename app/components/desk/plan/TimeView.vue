<script setup lang="ts">
import { computed } from 'vue'
import { noWayToFit } from '#core/timetable'
import { useChecks } from '~/stores/checks'
import { useFits } from '~/stores/fits'
import { useLesson } from '~/stores/lesson'
import { dayWords } from '~/words/dates'

/** The plan in time: whether it ends before the bell, what it hangs on, and how long everything takes. */
const store = useLesson()
const fits = useFits()
const checks = useChecks()
const now = computed(() => fits.fits)
const noWay = computed(() => (now.value ? noWayToFit(now.value, fits.ways) : ''))
/** A test that is read again on another day has its dates; testing that is shared out among lessons has none yet. */
function lessonName(index: number): string {
  const day = store.days.length > 1 ? store.days[index] : undefined
  return day ? `Lesson ${index + 1}, ${dayWords(day)}` : `Lesson ${index + 1}`
}
const trouble = computed(() => now.value?.state === 'think' || now.value?.state === 'mend')
</script>

<template>
  <p v-if="!now" class="soft" role="status">
    {{ fits.failed ? 'We couldn’t work out the time. Reload the page.' : 'Working out the time …' }}
  </p>
  <p v-else-if="now.state === 'none'" class="panel">
    There is nothing to test yet. Once the levels and tries are in the plan, their time shows here.
  </p>
  <div v-else class="time">
    <div class="said">
      <p class="sentence" role="status">{{ now.sentence }}</p>
      <p>{{ now.binding.said }} {{ now.besides }}</p>
      <p v-if="now.parts.some((one) => one.kind !== 'home')" class="small soft">
        {{
          now.least < now.takes
            ? `Whatever order the groups go in, it takes at least ${now.least} minutes.`
            : 'No order of the groups makes it a minute shorter.'
        }}
      </p>
    </div>
    <template v-for="(steps, index) in now.lessons" :key="index">
      <h2 v-if="now.lessons.length > 1">{{ lessonName(index) }}</h2>
      <TimeLine :steps="steps" :testing="now.parts[index]!" :lesson="now.minutes.lesson" />
    </template>
    <div class="below">
      <TimesSentence />
      <div v-if="trouble">
        <h2 class="small">{{ now.state === 'mend' ? 'To make it fit' : 'To have more to spare' }}</h2>
        <div class="ways" role="group" aria-label="Ways to fit">
          <RemedyButtons :remedies="checks.resultOf('fits').remedies.slice(0, 4)" />
        </div>
        <p v-if="noWay" class="small" role="status">{{ noWay }}</p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.time {
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.sentence {
  font: 600 var(--text-display)/1.3 var(--heading);
}

.below {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 290px);
  gap: 24px;
}

.below h2 {
  margin-bottom: 6px;
}

.ways {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 4px;
}

@media (max-width: 800px) {
  .below {
    grid-template-columns: 1fr;
  }
}
</style>
