<script setup lang="ts">
import { computed } from 'vue'
import { testingPlaces } from '#core/plan'
import { cautionsFor, safetyComesFirst } from '#core/safety'
import { paperDay } from '../../../words/dates'
import { usePrintLesson } from '../../../composables/usePrintLesson'

const { store, ready } = usePrintLesson()
const pairs = computed(() => {
  const places = testingPlaces(store.plan, store.groups.length)
  return Array.from({ length: Math.ceil(places.length / 2) }, (_, page) =>
    places.slice(page * 2, page * 2 + 2),
  )
})
const trayItems = (place: number) => store.kit.filter((line) => line.perGroup[place]! > 0)
const shared = computed(() => store.kit.filter((line) => line.material.per === 'class'))
const cautions = computed(() => cautionsFor(store.plan.hazards, store.open.class.ageBand))
useHead({ title: () => (ready.value ? `Tray cards ${store.plan.title}` : 'Tray cards') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Tray cards" />
      <section v-for="(pair, page) in pairs" :key="page" class="paper print-page">
        <article v-for="place in pair" :key="place" class="card">
          <header>
            <GroupEmblem
              :emblem="store.groups[place]!.emblem"
              :size="52"
              named
              :name="store.groups[place]!.name"
            />
            <p>
              {{ store.plan.title }}<br /><small
                >{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</small
              >
            </p>
          </header>
          <div class="columns">
            <div>
              <h2>On this tray</h2>
              <ul class="items">
                <li v-for="line in trayItems(place)" :key="line.material.id">
                  <span class="tick" /><b>{{ line.perGroup[place] }} {{ line.material.unit }}</b>
                  {{ line.material.name }}<span class="tick back" />
                </li>
                <li v-if="trayItems(place).length === 0">nothing listed</li>
              </ul>
              <p v-if="shared.length" class="shared">
                Shared:
                {{
                  shared.map((line) => `${line.total} ${line.material.unit} ${line.material.name}`).join(', ')
                }}
              </p>
            </div>
            <div>
              <h2>What to do</h2>
              <ol>
                <li v-for="(step, index) in store.plan.steps.filter((one) => one.trim())" :key="index">
                  {{ step }}
                </li>
              </ol>
            </div>
          </div>
          <div v-if="cautions.length" class="care">
            <b>Take care</b>
            <ul>
              <li v-for="caution in cautions" :key="caution.hazard">
                {{ caution.heading }}: {{ caution.caution }}
              </li>
            </ul>
            {{ safetyComesFirst }}
          </div>
        </article>
      </section>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.card {
  min-height: 118mm;
  padding-bottom: 6mm;
  margin-bottom: 6mm;
  border-bottom: 1px dashed #777;
  display: flex;
  flex-direction: column;
  gap: 4mm;
}

.card:last-child {
  border-bottom: 0;
  margin-bottom: 0;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  font: 600 26px var(--heading);
}

header p {
  font: 500 16px var(--heading);
  text-align: right;
}

.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8mm;
  flex: 1;
}

h2 {
  font-size: 15px;
  margin-bottom: 2mm;
}

.items {
  list-style: none;
  margin: 0;
  padding: 0;
}

.items li {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 1.4mm 0;
  border-bottom: 1px solid #ccc;
}

.tick {
  width: 16px;
  height: 16px;
  border: 1.5px solid #000;
  border-radius: 3px;
  flex: none;
}

.back {
  margin-left: auto;
  border-style: dashed;
}

ol {
  margin: 0;
  padding-left: 20px;
  line-height: 1.5;
}

.shared,
.care {
  font-size: 13px;
}

.care ul {
  margin: 0;
  padding-left: 16px;
}

.care {
  border: 1.5px solid #000;
  border-radius: 6px;
  padding: 2mm 3mm;
}
</style>
