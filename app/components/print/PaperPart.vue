<script setup lang="ts">
import type { ReportPart } from '#core/report'

/** One part of a paper under its heading. */
withDefaults(defineProps<{ part: ReportPart; headed?: boolean; chartText?: number }>(), {
  headed: true,
  chartText: 14,
})
</script>

<template>
  <section :class="[part.id, part.body.kind]">
    <h2 v-if="headed">{{ part.heading }}</h2>
    <template v-if="part.body.kind === 'text'">
      <p v-for="(paragraph, place) in part.body.paragraphs" :key="place">{{ paragraph }}</p>
    </template>
    <component :is="part.body.isNumbered ? 'ol' : 'ul'" v-else-if="part.body.kind === 'list'">
      <li v-for="(item, place) in part.body.items" :key="place">{{ item }}</li>
    </component>
    <template v-else-if="part.body.kind === 'tables'">
      <PaperTable v-for="(table, place) in part.body.tables" :key="place" :table="table" />
    </template>
    <WordList v-else-if="part.body.kind === 'words'" :words="part.body.words" />
    <BenchFigure v-else-if="part.body.kind === 'figure'" />
    <div v-else-if="part.body.kind === 'chart'" class="drawn">
      <LessonChart
        v-if="part.body.how !== 'blank'"
        :size="{ text: chartText, symbol: chartText, summary: true }"
        :blank="part.body.how === 'axes'"
      />
      <div v-else class="frame" />
    </div>
    <template v-else-if="part.body.kind === 'room'">
      <div v-for="line in part.body.lines" :key="line" class="line" />
      <div v-if="part.body.lines === 0" class="frame" />
    </template>
    <div v-else class="seen">
      <figure v-for="(one, place) in part.body.items" :key="place">
        <img
          v-if="one.picture"
          :src="`/api/pictures/${one.picture}`"
          :alt="one.text || 'A picture without words'"
        />
        <figcaption><MarkedText :text="one.text" /></figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.06em;
  margin-bottom: 1mm;
  break-after: avoid;
}

section {
  overflow-wrap: anywhere;
}

section.figure,
section.chart,
section.tables,
section.words,
section.room {
  break-inside: avoid;
}

ol,
ul {
  margin: 0;
  padding-left: 6mm;
}

.drawn {
  height: 82mm;
}

.frame {
  border: 1.5px solid #000;
  border-radius: 2mm;
  height: 48mm;
}

.drawn .frame {
  height: 100%;
}

.line {
  border-bottom: 1.5px solid #000;
  height: 11mm;
}

.seen {
  display: flex;
  flex-wrap: wrap;
  gap: 3mm 6mm;
}

.seen figure {
  margin: 0;
  max-width: 100%;
  padding-left: 3mm;
  border-left: 3px solid #000;
  white-space: pre-line;
  break-inside: avoid;
}

.seen img {
  max-width: 56mm;
  max-height: 45mm;
  object-fit: contain;
}
</style>
