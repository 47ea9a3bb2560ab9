<script setup lang="ts">
import { noteKinds } from '#core/wonder'
import { useLesson } from '../../stores/lesson'

/** Wondering on the projector: what we look at, large, and the notes to pull between the columns. */
const store = useLesson()
</script>

<template>
  <div class="wonder" :class="{ pictured: store.open.stimulus.picture }">
    <figure v-if="store.open.stimulus.picture || store.open.stimulus.text">
      <img
        v-if="store.open.stimulus.picture"
        :src="`/api/pictures/${store.open.stimulus.picture}`"
        alt="What we look at"
      />
      <figcaption>{{ store.open.stimulus.text }}</figcaption>
    </figure>
    <NoteColumn v-for="kind in noteKinds" :key="kind" :kind="kind" large />
  </div>
</template>

<style scoped>
.wonder {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  grid-template-rows: auto minmax(0, 1fr);
  gap: 16px 20px;
}

/* Words alone are read across the top; a picture gets a column of its own. */
figure {
  grid-column: 1 / -1;
}

.pictured {
  grid-template: minmax(0, 1fr) / 1.3fr repeat(3, minmax(0, 1fr));
}

.pictured figure {
  grid-column: auto;
}

figure {
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-height: 0;
}

img {
  min-height: 0;
  max-height: 70%;
  object-fit: contain;
  border-radius: var(--radius);
}

figcaption {
  font: 500 30px/1.3 var(--heading);
  overflow-y: auto;
}
</style>
