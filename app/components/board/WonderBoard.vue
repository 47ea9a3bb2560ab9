<script setup lang="ts">
import { ref } from 'vue'
import { noteKinds } from '#core/wonder'
import { useLesson } from '~/stores/lesson'

/** Wondering on the projector: what we look at, and the notes to pull between the columns. A press makes the picture large. */
const store = useLesson()
const large = ref(false)
</script>

<template>
  <div class="wonder">
    <figure v-if="store.open.stimulus.picture || store.open.stimulus.text">
      <button
        v-if="store.open.stimulus.picture"
        type="button"
        :aria-label="large ? 'Make the picture small' : 'Make the picture large'"
        @click="large = !large"
      >
        <img :src="`/api/pictures/${store.open.stimulus.picture}`" alt="What we look at" />
      </button>
      <figcaption>{{ store.open.stimulus.text }}</figcaption>
    </figure>
    <div class="columns">
      <NoteColumn v-for="kind in noteKinds" :key="kind" :kind="kind" large />
    </div>
    <VDialog v-model="large" fullscreen aria-label="What we look at">
      <button type="button" class="whole" aria-label="Make the picture small" @click="large = false">
        <img :src="`/api/pictures/${store.open.stimulus.picture}`" alt="What we look at, large" />
      </button>
    </VDialog>
  </div>
</template>

<style scoped>
.wonder {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 14px;
}

figure {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 22px;
}

figure img {
  height: 176px;
  max-width: 420px;
  object-fit: contain;
  border-radius: var(--radius);
  display: block;
}

figcaption {
  font: 500 var(--board-text)/1.3 var(--heading);
}

.columns {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 20px;
}

button {
  all: unset;
  cursor: zoom-in;
}

button:focus-visible {
  outline: 3px solid var(--marigold);
}

.whole {
  width: 100%;
  height: 100%;
  display: grid;
  place-items: center;
  background: var(--paper);
  cursor: zoom-out;
}

.whole img {
  width: 94vw;
  height: 94vh;
  object-fit: contain;
}
</style>
