<script setup lang="ts">
import { currentDay } from '#shared/lesson/currentDay'
import { mdiPrinterOutline } from '@mdi/js'
import { computed, onMounted, ref } from 'vue'
import { addDays } from '#core/calendar'
import { amountWords, availability, combinedNeeds, isAlwaysThere, shoppingList } from '#core/kit'
import { dayWords } from '../words/dates'
import { useNotices } from '../stores/notices'
import { useWeek } from '../stores/week'

/** Several lessons and classes together: one list to pack from and one to shop from. */
const week = useWeek()
const notices = useNotices()
const today = currentDay()
const chosen = ref<string[]>([])
onMounted(() =>
  notices.attempt(async () => {
    await week.load(today)
    chosen.value = lessons.value
      .filter((one) => one.reservation.from <= addDays(today, 7))
      .map((one) => one.reservation.lessonId)
  }),
)
const lessons = computed(() => week.data?.lessons.filter((one) => !one.countedBack) ?? [])
const reservations = computed(() =>
  lessons.value.map((one) => one.reservation).filter((one) => chosen.value.includes(one.lessonId)),
)
const all = computed(() => {
  if (!week.data || reservations.value.length === 0) return []
  const together = {
    lessonId: '',
    title: '',
    from: today,
    to: today,
    madeAt: '',
    needs: combinedNeeds(reservations.value),
  }
  return availability(together, [], week.data.supplies)
})
const rows = computed(() =>
  [...all.value]
    .sort((a, b) => a.need.name.localeCompare(b.need.name))
    .map((one) => ({
      ...one,
      lessons: reservations.value.filter((lesson) => lesson.needs.some((need) => need.key === one.need.key)),
    })),
)
const shopping = computed(() =>
  shoppingList(
    all.value.filter((one) => !isAlwaysThere(one.need.name)),
    week.data?.offers ?? [],
  ),
)
const tasks = computed(() =>
  lessons.value
    .filter((one) => chosen.value.includes(one.reservation.lessonId))
    .flatMap((one) => one.tasks.map((task) => ({ ...task, title: one.reservation.title })))
    .sort((a, b) => ((a.day ?? '') < (b.day ?? '') ? -1 : 1)),
)
const print = () => window.print()
useHead({ title: 'Packing for several lessons · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div class="page stack">
      <div class="spread">
        <h1>Packing for several lessons</h1>
        <VBtn class="no-print" color="primary" :prepend-icon="mdiPrinterOutline" @click="print">Print</VBtn>
      </div>
      <div class="lessons no-print" role="group" aria-label="Lessons on the list">
        <VCheckbox
          v-for="one in lessons"
          :key="one.reservation.lessonId"
          v-model="chosen"
          :value="one.reservation.lessonId"
          :label="`${dayWords(one.reservation.from)}: ${one.reservation.title}`"
          density="compact"
          hide-details
        />
        <p v-if="week.data && lessons.length === 0" class="soft">
          No lessons coming up. <NuxtLink to="/">Start one from the logbook.</NuxtLink>
        </p>
      </div>
      <div class="columns">
        <section class="panel">
          <h2>To fetch</h2>
          <table>
            <tbody>
              <tr v-for="row in rows" :key="row.need.key + row.need.unit + row.need.use">
                <th scope="row"><span class="tick" />{{ row.need.name }}</th>
                <td class="number">{{ amountWords(row.need.amount, row.need.unit) }}</td>
                <td class="soft small">{{ row.supply?.shelf }}</td>
                <td class="small">{{ row.lessons.map((one) => one.title.split(',')[0]).join(', ') }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <div class="stack">
          <section class="panel stack">
            <h2>To do</h2>
            <p v-if="tasks.length === 0" class="soft">There is nothing to do before the lesson.</p>
            <ul>
              <li v-for="task in tasks" :key="task.title + task.id">
                <b>{{ task.day ? dayWords(task.day) : 'no school day' }}</b> {{ task.what }}
                <span class="small soft">{{ task.title }}</span>
              </li>
            </ul>
          </section>
          <section class="panel"><ShoppingList :lines="shopping" /></section>
        </div>
      </div>
    </div>
  </VMain>
</template>

<style scoped>
.page {
  max-width: 1280px;
  margin: 0 auto;
  padding: 18px clamp(12px, 3vw, 28px) 40px;
}

.lessons {
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
}

th,
td {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--line);
}

td.number {
  text-align: right;
  white-space: nowrap;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

ul .small {
  display: block;
}

.tick {
  display: inline-block;
  width: 13px;
  height: 13px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  margin-right: 8px;
  vertical-align: -1px;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
