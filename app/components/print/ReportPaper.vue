<script setup lang="ts">
import type { ReportPart } from '#core/report'
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'
import { paperDay } from '~/words/dates'

/** A paper made of a lesson's parts, as they were arranged. */
defineProps<{ parts: readonly ReportPart[] }>()
const store = useLesson()
const observations = useObservations()
/** Pictures that are on the Board: what all may see. */
const photos = computed(() => observations.onBoard.filter(({ picture }) => picture !== null))
</script>

<template>
  <article class="paper print-page report">
    <p class="who">{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</p>
    <template v-for="part in parts" :key="part.id">
      <section
        v-if="part.body.kind !== 'figure' || part.body.figure !== 'photos' || photos.length > 0"
        :class="[part.id, part.body.kind]"
      >
        <h2>{{ part.heading }}</h2>
        <template v-if="part.body.kind === 'text'">
          <p v-for="(paragraph, place) in part.body.paragraphs" :key="place">{{ paragraph }}</p>
        </template>
        <component :is="part.body.isNumbered ? 'ol' : 'ul'" v-else-if="part.body.kind === 'list'">
          <li v-for="(item, place) in part.body.items" :key="place">{{ item }}</li>
        </component>
        <table v-else-if="part.body.kind === 'table'">
          <caption>
            {{
              part.body.caption
            }}
          </caption>
          <thead>
            <tr>
              <th v-for="(cell, place) in part.body.head" :key="place" scope="col">{{ cell }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, index) in part.body.rows" :key="index">
              <component :is="place === 0 ? 'th' : 'td'" v-for="(cell, place) in row" :key="place">{{
                cell
              }}</component>
            </tr>
          </tbody>
        </table>
        <WordList v-else-if="part.body.kind === 'words'" :words="part.body.words" />
        <BenchFigure v-else-if="part.body.figure === 'bench'" />
        <div v-else-if="part.body.figure === 'chart'" class="drawn">
          <LessonChart :size="{ text: 14, symbol: 14, summary: true }" />
        </div>
        <div v-else class="photos">
          <figure v-for="one in photos" :key="one.id">
            <img :src="`/api/pictures/${one.picture}`" :alt="one.text || 'A picture without words'" />
            <figcaption>{{ one.text }}</figcaption>
          </figure>
        </div>
      </section>
    </template>
  </article>
</template>

<style scoped>
.report {
  display: flex;
  flex-direction: column;
  gap: 4mm;
  line-height: 1.45;
}

.who {
  font-family: var(--heading);
}

h2 {
  font-size: 17px;
  margin-bottom: 1mm;
  break-after: avoid;
}

section {
  overflow-wrap: anywhere;
}

section.figure,
section.table,
section.words {
  break-inside: avoid;
}

.question p {
  font: 600 24px/1.25 var(--heading);
}

.found p:first-of-type {
  font: 600 18px/1.35 var(--heading);
}

ol,
ul {
  margin: 0;
  padding-left: 6mm;
}

table {
  border-collapse: collapse;
  width: 100%;
}

caption {
  text-align: left;
  font-size: var(--text-small);
}

th,
td {
  border: 1px solid #000;
  padding: 1mm 2mm;
  text-align: left;
  font-size: var(--text-small);
}

.drawn {
  height: 82mm;
}

.photos {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 4mm;
}

.photos figure {
  margin: 0;
  break-inside: avoid;
}

.photos img {
  width: 100%;
  max-height: 50mm;
  object-fit: contain;
}

figcaption {
  font-size: var(--text-small);
}
</style>
