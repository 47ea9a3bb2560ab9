<script setup lang="ts">
import { mdiCalendarExport } from '@mdi/js'
import { computed, ref } from 'vue'
import { understandTask } from '#core/kit'
import { newId, planLimits } from '#core/plan'
import { dayWords } from '~/words/dates'
import { useLesson } from '~/stores/lesson'
import { usePack } from '~/stores/pack'

/** What to do before the lesson, each on the last open day on which it can be done. */
const store = useLesson()
const pack = usePack()
const text = ref('')
const problem = ref<string | null>(null)
const days = computed(() => {
  const all = new Map<string | null, typeof pack.tasks>()
  for (const task of pack.tasks) all.set(task.day, [...(all.get(task.day) ?? []), task])
  return [...all].map(([day, tasks]) => ({ day, tasks }))
})
/** What is done again and again is known by its task and its day. */
const ownId = (id: string) =>
  store.plan.preparing.find((one) => one.id === id || (one.due === 'every' && id.startsWith(`${one.id}-`)))
    ?.id ?? null
const isOwn = (id: string) => ownId(id) !== null

function add() {
  const read = understandTask(text.value)
  if (!read.ok) {
    problem.value = read.message
    return
  }
  store.editPlan((plan) => ({ ...plan, preparing: [...plan.preparing, { ...read.task, id: newId() }] }))
  text.value = ''
}

/** A task whose day is closed is begun on the open day before it. */
const begin = (id: string, nights: number) =>
  store.editPlan((plan) => ({
    ...plan,
    preparing: plan.preparing.map((one) => (one.id === id ? { ...one, nights, due: undefined } : one)),
  }))

const remove = (id: string) =>
  store.editPlan((plan) => ({ ...plan, preparing: plan.preparing.filter((one) => one.id !== ownId(id)) }))
</script>

<template>
  <section class="stack dated" aria-label="Before the lesson">
    <div class="spread">
      <h2>Before the lesson</h2>
      <VBtn
        v-if="pack.tasks.some((one) => one.day) || store.days.length > 1"
        size="small"
        variant="text"
        :prepend-icon="mdiCalendarExport"
        :href="`/api/lessons/${store.open.id}/preparing.ics`"
        >Calendar file</VBtn
      >
    </div>
    <ol>
      <li v-for="{ day, tasks } in days" :key="day ?? 'none'" :class="{ none: day === null }">
        <b>{{ day === null ? 'no school day' : dayWords(day) }}</b>
        <ul>
          <li v-for="task in tasks" :key="task.id" :data-task="task.id">
            <label :class="{ done: pack.isDone(task.id) }">
              <input
                type="checkbox"
                :checked="pack.isDone(task.id)"
                @change="pack.tick(task.id, 'shared', pack.isDone(task.id) ? 0 : 1)"
              />
              <span>{{ task.what }}</span></label
            >
            <TakeOut v-if="isOwn(task.id)" :what="task.what" density="compact" @click="remove(task.id)" />
            <span v-if="task.note" class="small soft">{{ task.note }}</span>
            <VBtn
              v-if="task.instead && isOwn(task.id)"
              size="small"
              variant="outlined"
              color="secondary"
              @click="begin(task.id, task.instead.nights)"
              >Do it on {{ dayWords(task.instead.day) }}</VBtn
            >
          </li>
        </ul>
      </li>
      <li v-if="days.length === 0" class="soft">There is nothing to do before the lesson.</li>
    </ol>
    <form v-if="store.plan.preparing.length < planLimits.preparing" @submit.prevent="add">
      <VTextField
        v-model="text"
        label="Add, like “freeze ice 1 night before”"
        density="compact"
        :maxlength="140"
        :error-messages="problem ?? undefined"
        @update:model-value="problem = null"
      />
    </form>
  </section>
</template>

<style scoped>
form {
  align-self: stretch;
  width: 100%;
}

ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

ol {
  display: grid;
  gap: 8px;
}

ol > li {
  border-left: 3px solid var(--teal);
  padding-left: 10px;
  line-height: 1.35;
}

ol > li.none {
  border-color: var(--coral);
}

label {
  display: inline-flex;
  gap: 8px;
  align-items: flex-start;
}

input {
  flex: none;
  width: 18px;
  height: 18px;
  margin: 2px 0 0;
  accent-color: var(--teal);
}

.done {
  color: var(--ink-soft);
  text-decoration: line-through;
}

ul .small {
  display: block;
}
</style>
