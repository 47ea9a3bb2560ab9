<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { usualCalendar, type SchoolCalendar } from '#core/calendar'
import type { CupboardInstrument } from '#core/instrument'
import type { SchoolWays } from '#core/plan'
import type { FieldProblem } from '#shared/schemas'
import type { SchoolDto } from '#shared/types/api'
import { request, RequestProblem } from '../api/request'
import { useNotices } from '../stores/notices'

const notices = useNotices()
const ways = ref<SchoolWays | null>(null)
const cupboard = ref<CupboardInstrument[]>([])
const calendar = ref<SchoolCalendar>(usualCalendar)
const saved = ref('')
const problems = ref<FieldProblem[]>([])
const views = ['ways', 'cupboard', 'supplies', 'calendar', 'backups'] as const
const asked = views.find((one) => one === useRoute().query.view)
const view = ref<(typeof views)[number]>(asked ?? 'ways')
const now = computed(() => JSON.stringify([ways.value, cupboard.value, calendar.value]))
const changed = computed(() => now.value !== saved.value)

function take(school: SchoolDto) {
  ways.value = school.ways
  cupboard.value = school.cupboard
  calendar.value = school.calendar
  saved.value = now.value
}

onMounted(() => notices.attempt(async () => take(await request('GET', '/api/school'))))

async function save() {
  if (!ways.value) return
  problems.value = []
  try {
    await request('PUT', '/api/school/ways', { body: ways.value })
    await request('PUT', '/api/school/calendar', { body: calendar.value })
    take(await request('PUT', '/api/school/cupboard', { body: { cupboard: cupboard.value } }))
    notices.tell('Saved. New plans begin like this; plans that are there stay as they are.')
  } catch (error) {
    if (error instanceof RequestProblem) {
      problems.value = error.problem.fields
      if (problems.value.some(({ path }) => path.startsWith('cupboard'))) view.value = 'cupboard'
      else if (problems.value.some(({ path }) => /^(closed|weekend)/.test(path))) view.value = 'calendar'
    }
    notices.warn(error)
  }
}
useHead({ title: 'Our school · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div v-if="ways" class="page stack">
      <div class="spread">
        <h1>Our school</h1>
        <div class="row">
          <VBtnToggle v-model="view" mandatory color="secondary" density="compact" variant="outlined" divided>
            <VBtn value="ways" size="small">How we work</VBtn>
            <VBtn value="cupboard" size="small">Cupboard of instruments</VBtn>
            <VBtn value="supplies" size="small">Store cupboard</VBtn>
            <VBtn value="calendar" size="small">Calendar</VBtn>
            <VBtn value="backups" size="small">Backups</VBtn>
          </VBtnToggle>
          <VBtn color="primary" :disabled="!changed" @click="save">{{ changed ? 'Save' : 'Saved' }}</VBtn>
        </div>
      </div>
      <section v-if="view === 'ways'" class="panel stack">
        <p class="soft">What a new class and a new plan begin with. Any lesson can do otherwise.</p>
        <WaysEditor v-model="ways" />
      </section>
      <section v-else-if="view === 'supplies'" class="panel"><SuppliesEditor /></section>
      <section v-else-if="view === 'calendar'" class="panel">
        <CalendarEditor v-model="calendar" :problems="problems" />
      </section>
      <section v-else-if="view === 'backups'" class="panel"><BackupsPanel /></section>
      <section v-else class="panel"><CupboardEditor v-model="cupboard" :problems="problems" /></section>
    </div>
  </VMain>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 20px 28px 40px;
}
</style>
