<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '#core/quantity'
import { wayOf } from '#core/recording'
import { turnAt, volunteerGroup } from '#core/timetable'
import { useStations } from '~/composables/useStations'
import { useLesson } from '~/stores/lesson'

/** What happens now where the class acts together: the next try and which group a volunteer comes from, or who is at which station. */
const store = useLesson()
const { stations } = useStations()
const next = computed(() =>
  store.plan.whoTests === 'whole-class' ? (store.progress[0]?.next ?? null) : null,
)
const volunteer = computed(() =>
  next.value ? store.groups[volunteerGroup(turnAt(store.plan, 0, next.value), store.groups.length)] : null,
)
</script>

<template>
  <p v-if="next && volunteer" class="turn">
    {{ capital(wayOf(store.plan).slotName(store.plan, next)) }}. A volunteer from
    <GroupEmblem :emblem="volunteer.emblem" :size="44" named :name="volunteer.name" />
  </p>
  <ul v-else-if="stations" class="turn" aria-label="Who is where">
    <li v-for="(group, index) in store.groups" :key="group.id">
      <GroupEmblem :emblem="group.emblem" :size="36" named :name="group.name" />
      <b>{{ stations[index] ?? 'waits' }}</b>
    </li>
  </ul>
</template>

<style scoped>
.turn {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  align-items: center;
  gap: 8px 36px;
  font-size: var(--board-text);
}

li {
  display: flex;
  align-items: center;
  gap: 14px;
}
</style>
