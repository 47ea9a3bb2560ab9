<script setup lang="ts">
import { formatISO, startOfWeek } from 'date-fns'
import { onMounted } from 'vue'
import { useNotices } from '../stores/notices'
import { useSchool } from '../stores/school'
import { useWeek } from '../stores/week'

const school = useSchool()
const week = useWeek()
const notices = useNotices()
const monday = formatISO(startOfWeek(new Date(), { weekStartsOn: 1 }), { representation: 'date' })
onMounted(() => notices.attempt(() => Promise.all([school.load(), week.load(monday)])))
useHead({ title: 'Logbook · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div v-if="school.loaded" class="home">
      <h1 class="visually-hidden">Jolly Beaker</h1>
      <div class="stack wide">
        <div class="stack this-week">
          <div class="spread">
            <h2>This week</h2>
            <NuxtLink to="/week">Pack for several lessons</NuxtLink>
          </div>
          <WeekStrip :lessons="school.lessons" :week="week.data" />
        </div>
        <LogbookList class="logbook" />
      </div>
      <StartLesson class="start" />
    </div>
  </VMain>
</template>

<style scoped>
.home {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: 28px;
  padding: 22px 28px;
  align-items: start;
  max-width: 1400px;
  margin: 0 auto;
}

.wide {
  gap: 24px;
}

@media (max-width: 960px) {
  .home {
    grid-template-columns: minmax(0, 1fr);
    padding: 16px clamp(12px, 3vw, 28px);
  }

  /* This week first, then a new lesson; the logbook may be long. */
  .wide {
    display: contents;
  }

  .this-week,
  .start,
  .logbook {
    min-width: 0;
  }

  .start {
    order: 1;
  }

  .logbook {
    order: 2;
  }
}
</style>
