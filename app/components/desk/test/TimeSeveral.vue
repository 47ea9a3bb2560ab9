<script setup lang="ts">
import { onKeyStroke, useRafFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { defined, firstOf } from '#core/defined'
import { levelName, orderedLevels } from '#core/plan'
import { listed, unitDefinition } from '#core/quantity'
import { slotKey, type Slot } from '#core/entries'
import { timedReading, wayOf } from '#core/recording'
import { valueFields, useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Several that run at once, timed by the keys of one laptop: the space bar starts, a runner's own key stops it. */
const shown = defineModel<boolean>({ required: true })
const store = useLesson()
const notices = useNotices()
const recorder = useRecorder('desk')
const keys = '1234567890qwertyuiop'

interface Runner {
  key: string
  name: string
  slot: Slot
}
/** Where the class tests together its levels run side by side; else a group each. */
const runners = computed<Runner[]>(() => {
  const way = wayOf(store.plan)
  const slots =
    store.plan.whoTests === 'whole-class'
      ? orderedLevels(store.plan).flatMap((level) => {
          const own = way
            .slots(store.plan, store.groups[0]?.id ?? '', 0)
            .filter((slot) => slot.levelId === level.id)
          return own.find(isOpen) ?? []
        })
      : store.progress.flatMap(({ next }) => next ?? [])
  return slots.slice(0, keys.length).map((slot, index) => {
    const group = store.groups.find((one) => one.id === slot.groupId)?.name ?? ''
    const level = store.plan.levels.find((one) => one.id === slot.levelId)
    const what = level ? levelName(store.plan, level) : way.slotName(store.plan, slot)
    const name = store.plan.whoTests === 'whole-class' ? what : `${group}, ${what}`
    return { key: defined(keys[index]), name: `${name}, ${way.tryWord[0]} ${slot.tryNumber}`, slot }
  })
})
const field = computed(() => firstOf(wayOf(store.plan).fields(store.plan)))

const startedAt = ref<number | null>(null)
const taken = ref<Record<string, number>>({})
/** Those that run are kept as they were when the start was pressed. */
const running = ref<Runner[]>([])
const now = ref(Date.now())
useRafFn(() => (now.value = Date.now()), { fpsLimit: 20 })
const list = computed(() => (startedAt.value === null ? runners.value : running.value))
const secondsOf = ({ key }: Runner) =>
  taken.value[key] ?? (startedAt.value === null ? 0 : (now.value - startedAt.value) / 1000)
const isOpen = (slot: Slot) => {
  const state = store.slots.get(slotKey(slot))
  return !state?.counted && !state?.contested.length
}
const read = (seconds: number) =>
  `${timedReading(field.value, seconds).typed} ${unitDefinition(field.value.unit).symbol}`
const allIn = computed(() => running.value.length > 0 && running.value.every(({ key }) => key in taken.value))

function start() {
  if (startedAt.value !== null || runners.value.length === 0) return
  running.value = runners.value
  taken.value = {}
  startedAt.value = Date.now()
}

/** Stops a runner, or lets it run on where the wrong key was pressed. */
function press(key: string) {
  if (startedAt.value === null || !running.value.some((one) => one.key === key)) return
  const { [key]: before, ...others } = taken.value
  taken.value = before === undefined ? { ...others, [key]: (Date.now() - startedAt.value) / 1000 } : others
}

function cancel() {
  startedAt.value = null
  taken.value = {}
}

/** Writes the times down; where another device has filled a try meanwhile, its own stands and this one is told. */
function writeDown() {
  const done = running.value.filter(({ key }) => key in taken.value)
  const [open, filled] = [done.filter(({ slot }) => isOpen(slot)), done.filter(({ slot }) => !isOpen(slot))]
  recorder.recordAll(
    open.map(({ key, slot }) => {
      const { typed, value } = timedReading(field.value, defined(taken.value[key]))
      return { slot, fields: valueFields(typed, 'typed', value) }
    }),
  )
  const written = `${open.length === 1 ? 'One time is' : `${open.length} times are`} written down.`
  const others = filled.map(({ key, name }) => `${name} (${read(defined(taken.value[key]))} here)`)
  const told = filled.length === 0 ? '' : ` Another device got in first with ${listed(others)}; that stands.`
  notices.tell(written + told)
  cancel()
}

onKeyStroke(true, (event) => {
  if (!shown.value || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
  if (event.key === ' ') start()
  else if (keys.includes(event.key.toLowerCase()) && event.key.length === 1) press(event.key.toLowerCase())
  else return
  event.preventDefault()
  event.stopPropagation()
})
</script>

<template>
  <VDialog v-model="shown" max-width="620" aria-label="Time several at once" :persistent="startedAt !== null">
    <VCard title="Time several at once">
      <VCardText>
        <p>
          {{
            startedAt === null
              ? 'The space bar starts all of them. Each is stopped by its own key.'
              : 'Press its key when it comes in; press again to let it run on.'
          }}
        </p>
        <p v-if="list.length === 0" class="panel">Every try already has its time.</p>
        <ul class="runners">
          <li v-for="one in list" :key="one.key" :class="{ in: one.key in taken }">
            <VBtn
              class="key"
              size="large"
              :variant="one.key in taken ? 'flat' : 'outlined'"
              color="secondary"
              :disabled="startedAt === null"
              :aria-label="`${one.key in taken ? 'Let it run on' : 'Stop'}: ${one.name}`"
              @click="press(one.key)"
              >{{ one.key }}</VBtn
            >
            <span>{{ one.name }}</span>
            <b class="number">{{ read(secondsOf(one)) }}</b>
          </li>
        </ul>
      </VCardText>
      <VCardActions>
        <VBtn v-if="startedAt === null" @click="shown = false">Close</VBtn>
        <VBtn v-else @click="cancel">Cancel this run</VBtn>
        <VSpacer />
        <VBtn
          v-if="startedAt === null"
          color="primary"
          variant="flat"
          :disabled="list.length === 0"
          @click="start"
          >Start all (space)</VBtn
        >
        <VBtn
          v-else
          color="primary"
          variant="flat"
          :disabled="Object.keys(taken).length === 0"
          @click="writeDown"
          >{{ allIn ? 'Write them down' : 'Write down those that are in' }}</VBtn
        >
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.runners {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

li {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  align-items: center;
  gap: 12px;
  font-size: var(--text-lead);
}

.number {
  font-variant-numeric: tabular-nums;
  font-size: var(--text-heading);
}

.in .number {
  color: var(--teal);
}
</style>
