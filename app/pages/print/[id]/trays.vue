<script setup lang="ts">
import { computed } from 'vue'
import { defined } from '#core/defined'
import { amountOf, amountWords, groupJobs, turnsOf, turnWords } from '#core/kit'
import { testingGroups } from '#core/plan'
import { safetyComesFirst } from '#core/safety'
import { paperDay } from '~/words/dates'
import { useJoining } from '~/composables/useJoining'
import { usePrintPack } from '~/composables/usePrintPack'
import { useNetworkAddress } from '~/composables/useNetworkAddress'
import { useCautions } from '~/stores/cautions'

const { store, pack, ready } = usePrintPack()
const care = useCautions()
const route = useRoute()
// By the address: the lesson may come later than who looks at it.
const code = useJoining(() => String(route.params.id), { opens: true })
const { origin } = useNetworkAddress()
const places = computed(() => testingGroups(store.plan, store.groups.length))
const pages = computed(() =>
  places.value.flatMap((_, index) => (index % 2 === 0 ? [places.value.slice(index, index + 2)] : [])),
)
const trayItems = (place: number) => pack.lines.filter((line) => defined(line.perGroup[place]) > 0)
const shared = computed(() =>
  pack.lines.filter((line) => line.shared > 0 && line.material.place !== 'teacher'),
)
/** What goes round, and when each group has it. */
const rotations = computed(() => turnsOf(pack.lines, store.groups.length))
const jobs = computed(() =>
  groupJobs(
    Math.ceil(store.open.class.children / Math.max(1, store.groups.length)) || 4,
    pack.data?.turn ?? 0,
  ),
)
useHead({ title: () => (ready.value ? `Tray cards ${store.plan.title}` : 'Tray cards') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Tray cards" />
      <section v-for="(page, index) in pages" :key="index" class="paper print-page">
        <article v-for="place in page" :key="place" class="card">
          <header>
            <GroupEmblem
              :emblem="store.testers[place]!.emblem"
              :size="40"
              named
              :name="store.testers[place]!.name"
            />
            <QrCode
              v-if="code"
              class="square"
              :text="`${origin}/join#${code}.${store.testers[place]!.id}`"
              :label="`The tablet of ${store.testers[place]!.name} joins with this`"
            />
            <p>
              {{ store.plan.title }}<br /><small
                >{{ store.open.class.name }}, {{ paperDay(store.open.date) }}</small
              >
            </p>
          </header>
          <div class="columns">
            <div>
              <h2>On this tray <span class="legend">□ out · back ⬚</span></h2>
              <ul class="items">
                <li v-for="line in trayItems(place)" :key="line.material.id">
                  <span class="tick" /><b>{{ amountWords(line.perGroup[place]!, line.material.unit) }}</b>
                  {{ line.material.name }}<span class="tick back" />
                </li>
                <li v-if="trayItems(place).length === 0">nothing listed</li>
              </ul>
              <p v-if="shared.length" class="shared">
                At the front:
                {{
                  shared
                    .map((line) => amountOf(line.shared, line.material.unit, line.material.name))
                    .join(', ')
                }}
              </p>
              <p v-if="turnWords(rotations, place).length" class="shared">
                <b>In turns: {{ turnWords(rotations, place).join(', ') }}</b>
              </p>
            </div>
            <div>
              <h2>What to do</h2>
              <ol>
                <li v-for="(step, number) in store.plan.steps.filter((one) => one.trim())" :key="number">
                  {{ step }}
                </li>
              </ol>
              <p class="shared">
                {{ jobs.map((job) => `${job.name}: seat ${job.seat}`).join(' · ') }}
              </p>
            </div>
          </div>
          <div v-if="care.cautions.length" class="care">
            <b>Take care</b>
            <ul>
              <li v-for="caution in care.cautions" :key="caution.hazard">
                <b>{{ caution.heading }}</b>: {{ caution.caution }}
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
  padding-bottom: 4mm;
  margin-bottom: 4mm;
  border-bottom: 1px dashed #777;
  display: flex;
  flex-direction: column;
  gap: 2mm;
  break-inside: avoid;
}

.card:last-child {
  border-bottom: 0;
  margin-bottom: 0;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  font: 600 24px var(--heading);
}

/* Beside the sign of the group, so that its tablet needs no typing. */
.square {
  width: 17mm;
  margin: -2mm auto -2mm 6mm;
}

header p {
  font: 500 14px var(--heading);
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
  margin-bottom: 1.5mm;
}

.legend {
  float: right;
  font: 400 12px var(--text);
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
  padding: 0.35mm 0;
  border-bottom: 1px solid #ccc;
  font-size: 13px;
}

.tick {
  width: 15px;
  height: 15px;
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
  line-height: 1.35;
  font-size: 13px;
}

.shared,
.care {
  font-size: 11.5px;
}

.shared {
  margin-top: 2mm;
}

.care ul {
  margin: 0;
  padding-left: 16px;
}

.care {
  border: 1.5px solid #000;
  border-radius: 6px;
  padding: 1mm 2.5mm;
  line-height: 1.25;
}
</style>
