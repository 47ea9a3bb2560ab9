<script setup lang="ts">
import { computed } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { amountOf } from '#core/kit'
import { safetyComesFirst } from '#core/safety'
import { checkFits, clockSteps, type StepKind } from '#core/timetable'
import { usePrintPack } from '~/composables/usePrintPack'
import { useCautions } from '~/stores/cautions'
import { paperDay } from '~/words/dates'

/** One page for whoever takes the lesson in the teacher's place. */
const { store, pack, ready } = usePrintPack()
const care = useCautions()
const fits = computed(() => checkFits(store.plan, store.timeContext))
const rows = computed(() => {
  let from = 0
  return clockSteps(fits.value.lessons).map((step) => {
    const at = from
    from += step.seconds / 60
    return { ...step, from: Math.round(at), to: Math.round(from) }
  })
})
const says: Record<StepKind, string> = {
  talk: 'Read the question out. What do they think, and what have they seen before?',
  predict: 'Each group says what it thinks will happen, and why. Nobody is wrong yet.',
  handOut: 'One child of each group fetches its tray and counts what is on it.',
  test: 'The groups work through their tries with the recording sheet. Go round, but let them do the reading.',
  turn: 'Each group works at its station. When the time is up, everybody moves on together.',
  clear: 'Count everything back onto the tray. Wipe up what is wet.',
  share: 'What do the numbers say? Were the predictions met? What would they do better?',
}
const who: Record<StepKind, string> = {
  ...{ talk: 'whole class', predict: 'groups', handOut: 'one child of each group', test: 'groups' },
  ...{ turn: 'groups, in turns', clear: 'groups', share: 'whole class' },
}
/** Where everything is that lies on no tray. */
const elsewhere = computed(() =>
  pack.lines
    .filter((line) => line.shared > 0 || line.material.place !== 'tray')
    .map((line) => ({
      id: line.material.id,
      what: amountOf(line.total, line.material.unit, line.material.name),
      where: [
        line.material.place === 'teacher' ? 'with the teacher' : 'at the front',
        pack.shelfOf(line) ? `from ${pack.shelfOf(line)}` : '',
      ]
        .filter(Boolean)
        .join(', '),
    })),
)
useHead({ title: () => (ready.value ? `Run sheet ${store.plan.title}` : 'Run sheet') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Run sheet" />
      <section class="paper print-page">
        <header>
          <h1>{{ store.plan.question || store.plan.title }}</h1>
          <p>
            {{ store.open.class.name }}, {{ paperDay(store.open.date) }} · {{ store.groups.length }} groups,
            {{ store.open.class.children }} children · {{ fits.sentence }}
          </p>
        </header>
        <table>
          <thead>
            <tr>
              <th scope="col">minute</th>
              <th scope="col">step</th>
              <th scope="col">who</th>
              <th scope="col">what happens</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.id">
              <td class="number">{{ row.from }}–{{ row.to }}</td>
              <th scope="row">{{ row.name }}</th>
              <td>{{ who[row.kind] }}</td>
              <td>{{ says[row.kind] }}</td>
            </tr>
          </tbody>
        </table>
        <div class="columns">
          <div>
            <h2>{{ isDoneForAll(store.plan) ? 'What we do' : 'What a group does' }}</h2>
            <ol>
              <li v-for="(step, number) in store.plan.steps.filter((one) => one.trim())" :key="number">
                {{ step }}
              </li>
            </ol>
            <h2>Where the kit is</h2>
            <p v-if="isDoneForAll(store.plan)">On one tray at the front.</p>
            <p v-else>On {{ store.groups.length }} trays, one with each group’s emblem.</p>
            <ul>
              <li v-for="one in elsewhere" :key="one.id">{{ one.what }}: {{ one.where }}</li>
            </ul>
          </div>
          <div class="care">
            <h2>Say about safety</h2>
            <ul>
              <li v-for="caution in care.cautions" :key="caution.hazard">
                <b>{{ caution.heading }}</b>: {{ caution.caution }}
              </li>
            </ul>
            <p v-if="store.open.safety?.stands">
              {{ store.open.safety.initials }} has checked the school’s own risk assessment for this plan.
            </p>
            <p v-else>
              <b>Nobody has checked the school’s own risk assessment for this plan yet. Do that first.</b>
            </p>
            <p class="first">{{ safetyComesFirst }}</p>
          </div>
        </div>
        <p class="short">
          No time left, or the fire bell: press “Cut the lesson short here” beside the clock, or write down
          how far each group came. What is in counts; it can carry on another day.
        </p>
      </section>
    </template>
  </VMain>
</template>

<style scoped>
h1 {
  font-size: 20pt;
}

h2 {
  font-size: 12pt;
  margin: 10px 0 4px;
}

.paper {
  font-size: 10.5pt;
  line-height: 1.35;
}

table {
  width: 100%;
  border-collapse: collapse;
  margin: 10px 0;
}

th,
td {
  border: 1px solid #444;
  padding: 4px 6px;
  text-align: left;
  vertical-align: top;
}

.number {
  white-space: nowrap;
}

.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}

ol,
ul {
  padding-left: 20px;
  margin: 0;
}

.care {
  border: 2px solid #444;
  padding: 2px 12px 8px;
}

.first,
.short {
  margin-top: 8px;
}
</style>
