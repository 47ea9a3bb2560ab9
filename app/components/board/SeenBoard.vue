<script setup lang="ts">
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'
import { noteWords } from '~/words/noteWords'

/** What the teacher has put up of what was seen: groups by their signs, never children by their names. */
const store = useLesson()
const observations = useObservations()
const shown = computed(() =>
  observations.onBoard.map((one) => ({
    ...one,
    group: store.groups.find((group) => group.id === one.groupId) ?? null,
  })),
)
</script>

<template>
  <ul class="seen">
    <li v-for="one in shown" :key="one.id" :class="one.kind">
      <p class="head">
        <GroupEmblem v-if="one.group" :emblem="one.group.emblem" named :name="one.group.name" :size="34" />
        <span v-else>the class</span>
        <b>{{ noteWords[one.kind].name }}</b>
      </p>
      <img
        v-if="one.picture"
        :src="`/api/pictures/${one.picture}`"
        :alt="one.text || 'A picture without words'"
      />
      <p v-if="one.text" class="words"><MarkedText :text="one.text" /></p>
    </li>
  </ul>
</template>

<style scoped>
.seen {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(370px, 1fr));
  gap: 18px;
  align-content: start;
}

li {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 18px;
  background: var(--surface);
  border: 3px solid var(--line);
  border-radius: var(--radius);
}

li.guessed {
  border-style: dashed;
  border-color: var(--ink-soft);
}

.head {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  font-size: var(--board-text);
}

img {
  width: 100%;
  max-height: 380px;
  object-fit: contain;
}

.words {
  font: 500 var(--board-text)/1.3 var(--heading);
  overflow-wrap: anywhere;
  white-space: pre-line;
}
</style>
