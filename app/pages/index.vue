<script setup lang="ts">
import { onMounted } from 'vue'
import { useNotices } from '../stores/notices'
import { useSchool } from '../stores/school'

const school = useSchool()
const notices = useNotices()
onMounted(() => notices.attempt(() => school.load()))
useHead({ title: 'Logbook · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div v-if="school.loaded" class="home">
      <h1 class="visually-hidden">Jolly Beaker</h1>
      <div class="stack wide">
        <WeekStrip :lessons="school.lessons" />
        <LogbookList />
      </div>
      <StartLesson v-if="school.classes.length > 0" />
      <section v-else class="panel stack first">
        <h2>Begin with your class</h2>
        <p>Name the class and split it into groups. After that a lesson is one press away.</p>
        <VBtn color="primary" to="/classes/new">Make a class</VBtn>
      </section>
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
    grid-template-columns: 1fr;
  }
}
</style>
