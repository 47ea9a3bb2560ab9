<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { planDifferences } from '#core/logbook'
import type { LastTimeDto } from '#shared/types/lastTime'
import { request } from '~/api/request'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { dayWords } from '~/words/dates'

/** How the same investigation went when it was last tested, and what is different in this plan. */
const store = useLesson()
const notices = useNotices()
const last = shallowRef<LastTimeDto | null>(null)
onMounted(() =>
  notices.attempt(async () => {
    const params = { id: store.open.id }
    last.value = (await request('GET', '/api/lessons/:id/last-time', { params })).last
  }),
)
const differences = computed(() => (last.value ? planDifferences(last.value.plan, store.plan) : []))
</script>

<template>
  <section v-if="last" class="panel stack last" aria-label="Last time">
    <h2>
      <NuxtLink :to="`/lessons/${last.id}/compare`">Last time</NuxtLink>: {{ dayWords(last.date) }},
      {{ last.className }}
    </h2>
    <ul>
      <li v-for="line in last.said" :key="line">{{ line }}</li>
      <li v-if="last.better">What the class would do better: “{{ last.better }}”</li>
      <li v-for="line in differences" :key="line">{{ line }}</li>
      <li v-if="differences.length === 0">
        Levels, instrument, tries and what is kept the same are as they were.
      </li>
    </ul>
  </section>
</template>

<style scoped>
.last {
  margin-top: 22px;
  max-width: 62ch;
  gap: 6px;
}

h2 {
  font-size: var(--text-lead);
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
