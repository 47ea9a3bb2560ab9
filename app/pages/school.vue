<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { SchoolCalendar } from '#core/calendar'
import type { CupboardInstrument } from '#core/instrument'
import type { SchoolWays } from '#core/plan'
import { request } from '../api/request'
import { useAutosave } from '../composables/useAutosave'
import { useSaveOnLeave } from '../composables/useSaveOnLeave'
import { useAccess } from '../stores/access'
import { useNotices } from '../stores/notices'

const notices = useNotices()
const access = useAccess()
/** Until it is known who is here, all is shown; the server decides. */
const isAdmin = computed(() => access.data === null || access.isAdmin)
const ways = useAutosave<SchoolWays>((body) => request('PUT', '/api/school/ways', { body }))
const calendar = useAutosave<SchoolCalendar>((body) => request('PUT', '/api/school/calendar', { body }))
const cupboard = useAutosave<CupboardInstrument[]>((all) =>
  request('PUT', '/api/school/cupboard', { body: { cupboard: all } }),
)
const saves = [ways, calendar, cupboard]
useSaveOnLeave(...saves)
const { value: waysNow } = ways
const { value: calendarNow } = calendar
const { value: cupboardNow } = cupboard
const views = ['ways', 'cupboard', 'supplies', 'calendar', 'people', 'backups'] as const
const asked = views.find((one) => one === useRoute().query.view)
const view = ref<(typeof views)[number]>(asked ?? 'ways')

onMounted(() =>
  notices.attempt(async () => {
    const school = await request('GET', '/api/school')
    ways.take(school.ways)
    calendar.take(school.calendar)
    cupboard.take(school.cupboard)
  }),
)
useHead({ title: 'Our school · Jolly Beaker' })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div v-if="waysNow && calendarNow && cupboardNow" class="page stack">
      <div class="spread">
        <div class="row">
          <h1>Our school</h1>
          <SavedStatus :of="saves" />
        </div>
        <VBtnToggle v-model="view" mandatory color="secondary" density="compact" variant="outlined" divided>
          <VBtn value="ways" size="small">How we work</VBtn>
          <VBtn value="cupboard" size="small">Cupboard of instruments</VBtn>
          <VBtn value="supplies" size="small">Store cupboard</VBtn>
          <VBtn value="calendar" size="small">Calendar</VBtn>
          <VBtn value="people" size="small">People</VBtn>
          <VBtn v-if="isAdmin" value="backups" size="small">Backups</VBtn>
        </VBtnToggle>
      </div>
      <p v-if="!isAdmin && (view === 'ways' || view === 'calendar')" class="soft">
        An admin of your school can change this.
      </p>
      <section v-if="view === 'ways'" class="panel stack" :inert="!isAdmin">
        <p class="soft">
          New classes and new plans start with these. You can change them in any lesson; plans you already
          have stay as they are.
        </p>
        <WaysEditor v-model="waysNow" />
      </section>
      <section v-else-if="view === 'supplies'" class="panel"><SuppliesEditor /></section>
      <section v-else-if="view === 'calendar'" class="panel" :inert="!isAdmin">
        <CalendarEditor v-model="calendarNow" :problems="calendar.fields.value" />
      </section>
      <section v-else-if="view === 'people'" class="panel"><PeoplePanel /></section>
      <section v-else-if="view === 'backups'" class="panel"><BackupsPanel /></section>
      <section v-else class="panel">
        <CupboardEditor v-model="cupboardNow" :problems="cupboard.fields.value" />
      </section>
    </div>
  </VMain>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 20px clamp(12px, 3vw, 28px) 40px;
}
</style>
