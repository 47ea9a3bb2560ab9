<script setup lang="ts">
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import { sideNamed } from '#core/conclusion'
import { levelName, printResult } from '#core/plan'
import { capital, listed } from '#core/quantity'
import { setUps, wayOf } from '#core/recording'
import type { Slot } from '#core/entries'
import { useRecorder } from '~/composables/useRecorder'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { useNotices } from '~/stores/notices'
import { slotWords } from '~/words/slotWords'

/** Readings and groups that stand apart: hints to talk about, never verdicts. */
const store = useLesson()
const results = useResults()
const notices = useNotices()
const recorder = useRecorder('desk')
const asking = ref<Slot | null>(null)
const print = (value: number) => printResult(store.scored, value)
const group = (id: string) => defined(store.testers.find((one) => one.id === id))
const where = (id: string) =>
  store.scored.besides
    ? capital(sideNamed(store.scored, id))
    : `At ${levelName(store.scored, defined(store.scored.levels.find((one) => one.id === id)))}`
const asides = computed(() =>
  [...store.slots.values()].reduce((sum, state) => sum + state.setAside.length, 0),
)

/** What cannot all be right, and where a repeat would settle it. */
const doubts = computed(() => wayOf(store.plan).doubts(store.plan, store.counted))
/** More than one where the set-up changed while the lesson was under way. */
const changedSetUps = computed(() => setUps(store.counted).filter((instruments) => instruments.length > 1))
const odd = computed(() =>
  results.evidence.odd.map((one) => {
    const entry = [...store.slots.values()].find(({ counted }) => counted?.id === one.id)?.counted
    return { ...one, entry }
  }),
)

function setAside(reason: string) {
  const slot = defined(asking.value)
  asking.value = null
  const aside = recorder.setAside(slot, reason)
  if (aside) notices.tell('Set aside. The try is open for a repeat.', () => recorder.countAgain(aside))
}
</script>

<template>
  <div class="stack">
    <h2>Worth a look</h2>
    <article v-for="one in odd" :key="one.id" class="card">
      <p class="head">
        <GroupEmblem :emblem="group(one.groupId).emblem" named :name="group(one.groupId).name" :size="20" /><b
          class="number"
          >{{ print(one.value) }}</b
        >
      </p>
      <p class="small">
        {{ where(one.levelId) }} the other tries gave {{ one.others.map(print).join(' and ') }}.
      </p>
      <VBtn v-if="one.entry" size="small" variant="outlined" color="primary" @click="asking = one.entry!"
        >Set aside and repeat</VBtn
      >
      <NuxtLink v-else :to="`/lessons/${store.open.id}/test`" class="small">Look at its row in Test</NuxtLink>
    </article>
    <article v-for="one in results.evidence.offsets" :key="one.groupId" class="card">
      <p class="head">
        <GroupEmblem :emblem="group(one.groupId).emblem" named :name="group(one.groupId).name" :size="20" />
      </p>
      <p class="small">
        reads about <b>{{ print(Math.abs(one.offset)) }} {{ one.offset > 0 ? 'more' : 'less' }}</b> than the
        others {{ store.scored.besides ? 'each time' : 'at every level' }}. Do they start or read differently?
        It may be the set-up, not a mistake.
      </p>
    </article>
    <article v-for="one in doubts" :key="one.said" class="card">
      <p class="head">
        <GroupEmblem :emblem="group(one.groupId).emblem" named :name="group(one.groupId).name" :size="20" />
      </p>
      <p class="small">{{ one.said }}</p>
      <VBtn size="small" variant="outlined" color="primary" @click="asking = one.slot"
        >Repeat {{ wayOf(store.plan).slotName(store.plan, one.slot) }}</VBtn
      >
    </article>
    <article v-for="(instruments, index) in changedSetUps" :key="index" class="card">
      <p class="small">
        Not everything was read with the same instrument:
        {{ listed(instruments.map((one) => `${one.entries} with the ${one.instrument}`)) }}. A difference
        between those may come from the instruments.
      </p>
    </article>
    <p
      v-if="
        odd.length === 0 &&
        results.evidence.offsets.length === 0 &&
        changedSetUps.length === 0 &&
        doubts.length === 0
      "
      class="small soft"
    >
      Nothing stands out.
    </p>
    <p v-if="asides" class="small soft">
      {{ asides }} {{ asides === 1 ? 'try was' : 'tries were' }} set aside; the journal in Test lists
      {{ asides === 1 ? 'it' : 'them' }}.
    </p>
    <SetAsideDialog
      :model-value="asking !== null"
      :where="asking ? slotWords(store, asking) : ''"
      @update:model-value="asking = null"
      @reason="setAside"
    />
  </div>
</template>

<style scoped>
.card {
  background: var(--surface);
  border: 1px solid var(--line);
  border-left: 4px solid var(--marigold);
  border-radius: 8px;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-items: flex-start;
}

.head {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
