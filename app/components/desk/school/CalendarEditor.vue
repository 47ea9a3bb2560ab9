<script setup lang="ts">
import { currentDay } from '#shared/lesson/currentDay'
import { mdiPlus, mdiUpload } from '@mdi/js'
import { ref } from 'vue'
import { saysStaffIn, type ClosedDays, type SchoolCalendar } from '#core/calendar'
import type { FieldProblem } from '#shared/schemas'
import { request } from '~/api/request'
import { paperDay } from '~/words/dates'
import { useNotices } from '~/stores/notices'

/** When the school is open: things are got ready, read and watered on these days. */
const calendar = defineModel<SchoolCalendar>({ required: true })
const props = defineProps<{ problems: FieldProblem[] }>()
const notices = useNotices()
const file = ref<HTMLInputElement | null>(null)
const notes = ref<string[]>([])
const names = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat']
const order = [1, 2, 3, 4, 5, 6, 0]

const set = (changes: Partial<SchoolCalendar>) => (calendar.value = { ...calendar.value, ...changes })
const toggle = (day: number) =>
  set({
    weekend: calendar.value.weekend.includes(day)
      ? calendar.value.weekend.filter((one) => one !== day)
      : [...calendar.value.weekend, day],
  })
const change = (index: number, changes: Partial<ClosedDays>) =>
  set({ closed: calendar.value.closed.map((one, at) => (at === index ? { ...one, ...changes } : one)) })

/** A training day says by its name that teachers are in. */
const rename = (index: number, name: string) => {
  const before = calendar.value.closed[index]?.name ?? ''
  const told = saysStaffIn(name) !== saysStaffIn(before)
  change(index, { name, ...(told ? { staffIn: saysStaffIn(name) } : {}) })
}

function takeOut(index: number, name: string) {
  const before = calendar.value.closed
  set({ closed: before.filter((_, at) => at !== index) })
  notices.tell(`${name} is taken out.`, () => void set({ closed: before }))
}

function add() {
  const today = currentDay()
  set({ closed: [...calendar.value.closed, { from: today, to: today, name: '' }] })
}

async function read(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  if (chosen.size > 1_000_000) return notices.warn('This calendar is too large. Save only the holidays.')
  const answer = await notices.attempt(async () =>
    request('POST', '/api/school/calendar-preview', { body: { text: await chosen.text() } }),
  )
  input.value = ''
  if (!answer) return
  if (answer.problem) return notices.warn(answer.problem)
  const known = new Set(calendar.value.closed.map((one) => `${one.from} ${one.to}`))
  const fresh = answer.closed
    .filter((one) => !known.has(`${one.from} ${one.to}`))
    .map((one) => ({ ...one, staffIn: saysStaffIn(one.name) }))
  const before = calendar.value.closed
  set({ closed: [...before, ...fresh].sort((a, b) => (a.from < b.from ? -1 : 1)) })
  notes.value = answer.notes
  notices.tell(`${fresh.length} closed days or holidays imported.`, () => {
    set({ closed: before })
  })
}

const problemAt = (index: number) =>
  props.problems.find(({ path }) => path.startsWith(`closed.${index}`))?.message
</script>

<template>
  <div class="stack">
    <div class="spread">
      <div class="row" role="group" aria-label="Days with lessons">
        <span>Lessons on</span>
        <VBtn
          v-for="day in order"
          :key="day"
          size="small"
          :variant="calendar.weekend.includes(day) ? 'outlined' : 'flat'"
          :color="calendar.weekend.includes(day) ? undefined : 'primary'"
          :aria-pressed="!calendar.weekend.includes(day)"
          @click="toggle(day)"
          >{{ names[day] }}</VBtn
        >
      </div>
      <VSwitch
        :model-value="calendar.weekendHelp"
        label="Somebody can get things ready at weekends"
        color="primary"
        hide-details
        density="compact"
        @update:model-value="set({ weekendHelp: $event === true })"
      />
    </div>
    <div class="spread">
      <h2>Closed</h2>
      <div class="row">
        <input
          ref="file"
          type="file"
          hidden
          accept=".csv,.ics,text/csv,text/calendar"
          aria-label="Calendar file"
          @change="read"
        />
        <VBtn variant="text" :prepend-icon="mdiUpload" @click="file?.click()"
          >Import a calendar (iCalendar or CSV)</VBtn
        >
      </div>
    </div>
    <p v-for="note in notes" :key="note" class="small soft">{{ note }}</p>
    <table v-if="calendar.closed.length" class="typed-in">
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col">To (including that day)</th>
          <th scope="col">What</th>
          <th scope="col">Teachers are in</th>
          <th scope="col"><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, index) in calendar.closed" :key="index">
          <td data-head="From">
            <VTextField
              type="date"
              :model-value="one.from"
              aria-label="Closed from"
              :error-messages="problemAt(index)"
              @update:model-value="change(index, { from: $event })"
            />
          </td>
          <td data-head="To (including that day)" class="to">
            <VTextField
              type="date"
              :model-value="one.to"
              aria-label="Closed to"
              @update:model-value="change(index, { to: $event })"
            />
          </td>
          <td data-head="What" class="what">
            <VTextField
              :model-value="one.name"
              aria-label="What it is"
              placeholder="spring holiday"
              :maxlength="60"
              @update:model-value="rename(index, $event)"
            />
          </td>
          <td data-head="Teachers are in" class="staff">
            <input
              type="checkbox"
              :checked="one.staffIn === true"
              :aria-label="`Teachers are in on ${one.name || paperDay(one.from)}`"
              @change="change(index, { staffIn: ($event.target as HTMLInputElement).checked })"
            />
          </td>
          <td>
            <TakeOut
              :what="one.name || paperDay(one.from)"
              @click="takeOut(index, one.name || paperDay(one.from))"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft">There are no holidays yet. Add them so that nothing is planned on a closed day.</p>
    <VBtn variant="text" color="primary" :prepend-icon="mdiPlus" class="add" @click="add"
      >Add closed days</VBtn
    >
  </div>
</template>

<style scoped>
.staff {
  text-align: center;
  vertical-align: middle;
}

.staff input {
  width: 18px;
  height: 18px;
}

.what {
  min-width: 240px;
}

table {
  max-width: 960px;
}

@media (max-width: 760px) {
  td:first-child,
  .to {
    grid-column: span 3 !important;
  }

  .what {
    grid-column: span 5;
  }

  td:last-child {
    grid-column: span 1;
  }
}

.add {
  align-self: flex-start;
}
</style>
