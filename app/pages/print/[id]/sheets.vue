<script setup lang="ts">
import { computed } from 'vue'
import { levelName, levelsForGroup, testingPlaces } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { paperDay } from '../../../words/dates'
import { measuredCaption } from '../../../words/measuredWords'
import { usePrintLesson } from '../../../composables/usePrintLesson'

const { store, ready } = usePrintLesson()
const places = computed(() => testingPlaces(store.plan, store.groups.length))
const symbol = computed(() => unitDefinition(store.plan.measured.unit).symbol)
useHead({ title: () => (ready.value ? `Recording sheets ${store.plan.title}` : 'Recording sheets') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Recording sheets" />
      <section v-for="place in places" :key="place" class="paper print-page">
        <header>
          <GroupEmblem
            :emblem="store.groups[place]!.emblem"
            :size="44"
            named
            :name="store.groups[place]!.name"
          /><span>{{ paperDay(store.open.date) }}</span>
        </header>
        <h2>{{ store.plan.question }}</h2>
        <p>We think that</p>
        <div class="write" />
        <p>because</p>
        <div class="write" />
        <table>
          <caption>
            {{
              measuredCaption(store.plan)
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">{{ store.plan.changed.name }}</th>
              <th v-for="number in store.plan.tries" :key="number" scope="col">try {{ number }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="level in levelsForGroup(store.plan, place)" :key="level.id">
              <th scope="row">{{ levelName(store.plan, level) }}</th>
              <td v-for="number in store.plan.tries" :key="number">
                <span>{{ symbol }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="spoilt">Did a try go wrong? Cross it out, write why, and do it again:</p>
        <div class="write" />
        <p>We found out that</p>
        <div class="write tall" />
      </section>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
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

.write {
  border-bottom: 1.5px solid #000;
  height: 12mm;
  margin-bottom: 3mm;
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

td {
  text-align: right;
  min-width: 26mm;
  color: #555;
}
</style>
