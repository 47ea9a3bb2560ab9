<script setup lang="ts">
import { noteKinds } from '#core/wonder'
import { useLesson } from '~/stores/lesson'

const store = useLesson()
const router = useRouter()

async function onward() {
  await store.setStage('plan')
  await router.push(`/lessons/${store.open.id}/plan`)
}
</script>

<template>
  <div class="wonder">
    <h1 class="stage-title">What do we wonder?</h1>
    <p v-if="store.open.wholeId !== store.open.id" class="panel">
      These groups test their own idea.
      <NuxtLink :to="`/lessons/${store.open.wholeId}/wonder`"
        >The notes are on the board of the whole class.</NuxtLink
      >
    </p>
    <div v-else class="board">
      <StimulusPanel />
      <NoteColumn v-for="kind in noteKinds" :key="kind" :kind="kind" />
    </div>
    <QuestionMaker @onward="onward" />
  </div>
</template>

<style scoped>
.wonder {
  height: 100%;
  min-height: 560px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.board {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 250px repeat(3, minmax(0, 1fr));
  gap: 18px;
}

@media (max-width: 900px) {
  .wonder {
    height: auto;
  }

  .board {
    grid-template-columns: 1fr;
  }
}
</style>
