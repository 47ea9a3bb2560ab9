<script setup lang="ts">
import { mdiCheckBold } from '@mdi/js'
import { computed } from 'vue'
import { useReviews } from '~/composables/useReviews'

/** Who visits whom, for the whole room to see, and what to look for. */
const { visits } = useReviews()
const now = computed(() => visits.value.filter(({ isNow }) => isNow))
const many = computed(() => now.value.length > 6)
</script>

<template>
  <div class="visits">
    <p class="ask">We look at each other’s work. What convinces us? What do we want to ask?</p>
    <ul :class="{ many }">
      <li v-for="one in now" :key="one.key" :class="{ done: one.isLeft }">
        <GroupEmblem
          class="wraps"
          :emblem="one.visitor.emblem"
          named
          :name="one.visitor.name"
          :size="many ? 40 : 56"
        />
        <svg class="way" viewBox="0 0 60 16" role="img" aria-label="visits">
          <path d="M2 8h50M45 2l8 6-8 6" />
        </svg>
        <GroupEmblem
          class="wraps"
          :emblem="one.host.emblem"
          named
          :name="one.host.name"
          :size="many ? 40 : 56"
        />
        <VIcon v-if="one.isLeft" :icon="mdiCheckBold" color="primary" aria-label="done" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.visits {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 20px;
}

.ask {
  font: 500 var(--board-text)/1.3 var(--heading);
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  flex: 1;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px 26px;
  grid-auto-rows: minmax(min-content, 130px);
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 50px minmax(0, 1fr) 34px;
  align-items: center;
  gap: 12px;
  padding: 6px 20px;
  font: 500 var(--board-title) var(--heading);
  background: var(--surface);
  border: 3px solid var(--line);
  border-radius: var(--radius);
}

ul.many {
  gap: 8px 20px;
  grid-auto-rows: auto;
  align-content: stretch;
}

.many li {
  padding-block: 2px;
  line-height: 1.1;
  font-size: var(--board-text);
}

li.done {
  border-color: var(--teal);
  background: var(--teal-wash);
}

.way path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 3;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
