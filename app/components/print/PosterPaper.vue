<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PartId, ReportPart } from '#core/report'
import { useFittedPage } from '~/composables/useFittedPage'
import { useLesson } from '~/stores/lesson'
import { paperDay } from '~/words/dates'

/** A poster that fills its one page: the chart takes what the texts leave. */
const props = defineProps<{ parts: readonly ReportPart[] }>()
const store = useLesson()
const page = ref<HTMLElement | null>(null)
useFittedPage(page, () => props.parts)

const plain: ReadonlySet<PartId> = new Set(['question', 'bench', 'chart'])
const narrow: ReadonlySet<PartId> = new Set(['showed', 'wrong', 'why', 'dissent', 'better', 'next'])
/** Short texts stand two beside each other, all else by itself. */
const rows = computed(() => {
  const found: ReportPart[][] = []
  for (const part of props.parts) {
    const last = found.at(-1)
    if (last?.[0] && narrow.has(last[0].id) && narrow.has(part.id)) last.push(part)
    else found.push([part])
  }
  return found
})
</script>

<template>
  <article class="paper print-page one-page poster">
    <div ref="page" class="fitted">
      <p class="who">{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</p>
      <div
        v-for="row in rows"
        :key="row[0]?.id"
        class="band"
        :class="{ texts: row[0] && narrow.has(row[0].id), grows: row[0]?.id === 'chart' }"
      >
        <PaperPart
          v-for="part in row"
          :key="part.id"
          :part="part"
          :headed="!plain.has(part.id)"
          :chart-text="16"
        />
      </div>
    </div>
  </article>
</template>

<style scoped>
.poster {
  --larger: 1;

  zoom: var(--larger);
}

.large .poster {
  --high: 279mm;
  --larger: 1.41;
}

.letter.large .poster {
  --high: 305mm;
  --larger: 1.32;
}

.who {
  font-family: var(--heading);
}

.band.texts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: calc(3mm * var(--fit)) 7mm;
}

.band.texts > :only-child {
  grid-column: 1 / -1;
}

.band.grows {
  position: relative;
  flex: 1;
  min-height: 70mm;
}

/* A height of its own, also where the page runs on; a chart that is still as large as it was must not hold the page open. */
.grows > * {
  position: absolute;
  inset: 0;
  overflow: hidden;
}

.grows :deep(.drawn) {
  height: 100%;
}

.question :deep(p) {
  font: 600 1.8em/1.2 var(--heading);
}

.answer {
  border: 2.5px solid #000;
  border-radius: 3mm;
  padding: 3mm 5mm;
}

.answer :deep(p) {
  font: 600 1.4em/1.3 var(--heading);
}

.next :deep(p) {
  font-weight: 600;
}

.tested :deep(p) {
  font-size: 0.9em;
}
</style>
