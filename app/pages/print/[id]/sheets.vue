<script setup lang="ts">
import { computed } from 'vue'
import { levelName, levelsForGroup, testingGroups } from '#core/plan'
import { listed, unitDefinition } from '#core/quantity'
import { besideOneAnother, sheetColumns } from '#core/report'
import { alteredField, dayOfMoment, wayOf } from '#core/recording'
import { columnDay, paperDay } from '~/words/dates'
import { measuredCaption } from '~/words/measuredWords'
import { usePrintLesson } from '~/composables/usePrintLesson'

const mostColumns = 10
const { store, ready } = usePrintLesson()
const groupIndices = computed(() => testingGroups(store.plan, store.groups.length))
/** Ten columns fit beside one another on the paper; more go beneath, whole tries where a try has room. */
const parts = computed(() =>
  besideOneAnother(sheetColumns(store.plan, store.plan.sumUp === 'children'), mostColumns),
)
/** The date of a day, where it is read by the day. */
function dayOf(moment: string): string {
  const day = dayOfMoment(store.plan, store.days, moment)
  return day ? columnDay(day) : ''
}
const symbolAt = (moment: string) =>
  unitDefinition(wayOf(store.plan).planAt(store.plan, moment).measured.unit).symbol
/** All that is read, and in what. */
const caption = computed(() =>
  listed(
    wayOf(store.plan)
      .quantities(store.plan)
      .map((own) => measuredCaption(own)),
  ),
)
/** A table of the way's own, such as heats by places. */
const paperOf = (groupIndex: number) => wayOf(store.plan).paper?.(store.plan, groupIndex) ?? null
/** The words that are written in place of numbers. */
const words = computed(() => wayOf(store.plan).fields(store.plan)[0]?.choices ?? [])
const keepsAltered = computed(() => wayOf(store.plan).extraFields.includes(alteredField))
/** Strokes are made while things are counted; what is counted afterwards is written down at once. */
const counts = computed(() => wayOf(store.plan).fields(store.plan)[0]?.whole ?? false)
useHead({ title: () => (ready.value ? `Recording sheets ${store.plan.title}` : 'Recording sheets') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Recording sheets" />
      <section v-for="groupIndex in groupIndices" :key="groupIndex" class="paper print-page">
        <header>
          <GroupEmblem
            :emblem="store.testers[groupIndex]!.emblem"
            :size="44"
            named
            :name="store.testers[groupIndex]!.name"
          /><span>{{ paperDay(store.open.date) }}</span>
        </header>
        <h2>{{ store.plan.question }}</h2>
        <PlanMethod class="method" />
        <p>We think that</p>
        <div class="write" />
        <p>because</p>
        <div class="write" />
        <p v-if="words.length > 0" class="words">
          {{ store.plan.measured.name }}, one of:
          <span v-for="(word, index) in words" :key="word.typed"
            ><b>{{ index + 1 }} {{ word.label }}</b
            ><template v-if="word.like"> ({{ word.like }})</template></span
          >
        </p>
        <template v-if="paperOf(groupIndex)">
          <table :class="{ many: paperOf(groupIndex)!.heads.length > 6 }">
            <caption>
              {{
                store.plan.measured.name
              }}
            </caption>
            <thead>
              <tr>
                <th scope="col">{{ paperOf(groupIndex)!.corner }}</th>
                <th v-for="head in paperOf(groupIndex)!.heads" :key="head" scope="col">{{ head }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in paperOf(groupIndex)!.rows" :key="row.head">
                <th scope="row">{{ row.head }}</th>
                <td v-for="(cell, index) in row.cells" :key="index" :class="cell" />
              </tr>
            </tbody>
          </table>
          <p class="spoilt">{{ paperOf(groupIndex)!.note }}</p>
        </template>
        <table
          v-for="(part, index) in paperOf(groupIndex) ? [] : parts"
          :key="index"
          :class="{ many: part.length > 5 }"
        >
          <caption>
            {{
              caption
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">{{ store.plan.changed.name }}</th>
              <th v-if="keepsAltered" scope="col" class="altered">what we altered</th>
              <th v-for="column in part" :key="column.head" scope="col">
                {{ column.head
                }}<template v-if="dayOf(column.moment)"><br />{{ dayOf(column.moment) }}</template>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="level in levelsForGroup(store.plan, groupIndex)" :key="level.id">
              <th scope="row">{{ levelName(store.plan, level) }}</th>
              <td v-if="keepsAltered" class="altered" />
              <td v-for="column in part" :key="column.head">
                <span>{{ symbolAt(column.moment) }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="counts" class="spoilt strokes">
          Make a stroke for each one, and every fifth across the four before:
          <svg viewBox="0 0 48 20" width="72" height="30" role="img" aria-label="five strokes">
            <path d="M6 2v16M16 2v16M26 2v16M36 2v16M1 16 43 4" stroke="#000" stroke-width="2" />
          </svg>
        </p>
        <p class="spoilt">Did a try go wrong? Cross it out, write why, and do it again:</p>
        <div class="write" />
        <p>We found out that</p>
        <div class="write tall" />
      </section>
      <section v-if="store.plan.whoTests !== 'whole-class'" class="paper print-page roles-page">
        <h2>Who does what: cut apart, one for each group</h2>
        <div v-for="groupIndex in groupIndices" :key="groupIndex" class="strip">
          <GroupEmblem
            :emblem="store.testers[groupIndex]!.emblem"
            :size="24"
            named
            :name="store.testers[groupIndex]!.name"
          />
          <RolesTable :group-index="groupIndex" />
        </div>
      </section>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.altered {
  min-width: 45mm;
}

.strokes {
  display: flex;
  gap: 4mm;
  align-items: center;
}

.strip {
  break-inside: avoid;
  border-bottom: 1px dashed #888;
  padding-block: 6px;
}

header {
  display: flex;
  justify-content: space-between;
  font: 600 22px var(--heading);
  margin-bottom: 4mm;
}

h2 {
  font-size: 19px;
  margin-bottom: 4mm;
}

.method {
  margin-bottom: 4mm;
}

.write {
  border-bottom: 1.5px solid #000;
  height: 12mm;
  margin-bottom: 3mm;
}

td.blank {
  background: repeating-linear-gradient(45deg, #ddd 0 1px, transparent 1px 6px);
}

td.write,
td.blank {
  min-width: 0;
}

.words span + span::before {
  content: ' < ';
}

.tall {
  height: 20mm;
}

table {
  width: 100%;
  border-collapse: collapse;
  margin: 5mm 0;
}

caption {
  text-align: left;
  font-weight: 700;
}

th,
td {
  border: 1.5px solid #000;
  height: 13mm;
  padding: 0 4mm;
  text-align: left;
}

table.many th,
table.many td {
  padding: 0 1.5mm;
  min-width: 0;
  font-size: 12px;
}

td {
  text-align: right;
  min-width: 26mm;
  color: #555;
}
</style>
