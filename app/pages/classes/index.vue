<script setup lang="ts">
import { onMounted } from 'vue'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'

const school = useSchool()
const notices = useNotices()
onMounted(() => notices.attempt(() => school.load()))
useHead({ title: 'Classes · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div class="page stack">
      <div class="spread">
        <h1>Classes</h1>
        <VBtn color="primary" to="/classes/new">Make a class</VBtn>
      </div>
      <NuxtLink
        v-for="one in school.classes"
        :key="one.id"
        :to="`/classes/${one.id}`"
        class="panel spread class"
      >
        <span>
          <b>{{ one.name }}</b><br />
          <span class="soft small"
            >ages {{ one.ageBand.replace('-', ' to ') }} · {{ one.pupils.length || 'no' }} children
            listed</span
          >
        </span>
        <span class="row"
          ><GroupEmblem
            v-for="group in one.groups"
            :key="group.id"
            :emblem="group.emblem"
            named
            :name="group.name"
        /></span>
      </NuxtLink>
      <p v-if="school.loaded && school.classes.length === 0" class="panel">
        No class yet. A class needs a name and at least two groups; children’s names are not needed.
      </p>
    </div>
  </VMain>
</template>

<style scoped>
.page {
  max-width: 980px;
  margin: 0 auto;
  padding: 24px 28px;
}

.class {
  color: var(--ink);
  text-decoration: none;
}

.class:hover {
  border-color: var(--teal);
}
</style>
