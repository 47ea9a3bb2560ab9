<script setup lang="ts">
import { ref } from 'vue'
import type { Tester } from '#core/lesson'
import type { ReportPart } from '#core/report'
import { useFittedPage } from '~/composables/useFittedPage'
import { useLesson } from '~/stores/lesson'
import { paperDay } from '~/words/dates'

/** A page for the exercise book of a group, or of one of its children, who writes a name on it. */
const props = defineProps<{ group: Tester; seat: number; parts: readonly ReportPart[] }>()
const store = useLesson()
const page = ref<HTMLElement | null>(null)
useFittedPage(page, () => props.parts, 0.8)
</script>

<template>
  <section class="paper print-page one-page">
    <div ref="page" class="fitted">
      <header>
        <GroupEmblem :emblem="group.emblem" :size="40" named :name="group.name" />
        <span v-if="seat > 0" class="name">My name:</span><span>{{ paperDay(store.open.date) }}</span>
      </header>
      <PaperPart
        v-for="part in parts"
        :key="part.id"
        :part="part"
        :headed="part.id !== 'question' && part.id !== 'tested'"
      />
    </div>
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 8mm;
  justify-content: space-between;
  font: 600 20px var(--heading);
}

.name {
  flex: 1;
  border-bottom: 1.5px solid #000;
  font-size: 16px;
}

.question :deep(p) {
  font: 600 1.35em/1.3 var(--heading);
}

.answer :deep(p) {
  font: 600 1.15em/1.35 var(--heading);
}

.tested :deep(p) {
  font-size: 0.9em;
}

/* What is left of the page is room to draw. */
.draw {
  flex: 1;
  display: flex;
  flex-direction: column;
}

.draw :deep(.frame) {
  flex: 1;
  height: auto;
  min-height: 28mm;
}

/* What does not fit one side goes on at the back, with all the room that is left there to draw. */
.runs-on .draw {
  flex: none;
  break-before: page;
}

.runs-on .draw :deep(.frame) {
  min-height: 110mm;
}
</style>
