<script setup lang="ts">
import { mdiAlertCircle, mdiCheckCircle, mdiCircleOutline, mdiLightbulbOn } from '@mdi/js'
import { computed, watch } from 'vue'
import { showsCheck, unrehearsedBecause, type RankedNeighbour } from '#core/rehearsal'
import { useRehearsal } from '~/composables/useRehearsal'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Will the test show anything? Rehearsed in many virtual classes before the real one; in brief once planned. */
defineProps<{ brief: boolean }>()
const emit = defineEmits<{ state: [state: 'good' | 'think' | 'mend' | 'none'] }>()
const store = useLesson()
const notices = useNotices()
const { rehearsal, neighbours, running, share, stop } = useRehearsal()
/** Why this way cannot be rehearsed, and what to look at instead. */
const unrehearsed = computed(() => unrehearsedBecause(store.plan))
const check = computed(() =>
  rehearsal.value ? showsCheck(rehearsal.value, store.plan.measured.instrument.name) : null,
)
const looks = {
  good: { icon: mdiCheckCircle, colour: 'primary', word: 'will show' },
  think: { icon: mdiLightbulbOn, colour: 'accent', word: 'may stay hidden' },
  mend: { icon: mdiAlertCircle, colour: 'error', word: 'mostly hidden' },
  none: { icon: mdiCircleOutline, colour: undefined, word: 'not rehearsed yet' },
} as const
const state = computed(() => check.value?.state ?? 'none')
const look = computed(() => looks[state.value])
watch(state, (now) => emit('state', now), { immediate: true })

/** The chances behind the sentence, in whole hundredths. */
const shares = computed(() => {
  if (!rehearsal.value) return ''
  const { classes, right, wrong, open } = rehearsal.value
  const of = (count: number) => `${Math.round((100 * count) / classes)}\u202f%`
  return `right ${of(right)}, wrong ${of(wrong)}, open ${of(open)}`
})

function price({ gain, extraMinutes }: RankedNeighbour): string {
  const minutes = Math.round(extraMinutes)
  const cost = minutes > 0 ? `${minutes} min more` : minutes < 0 ? `${-minutes} min less` : 'no extra time'
  return `${Math.max(1, Math.round(12 * gain))} more of 12 see it, ${cost}`
}

function take(neighbour: RankedNeighbour) {
  store.editPlan((plan) => ({
    ...plan,
    levels: neighbour.plan.levels,
    tries: neighbour.plan.tries,
    measured: neighbour.plan.measured,
    expected: neighbour.expected,
  }))
  notices.tell(`Done: ${neighbour.label}.`, () => store.undoPlan())
}
</script>

<template>
  <section class="check" aria-label="Shows">
    <p class="line">
      <VIcon :icon="look.icon" :color="look.colour" size="20" />
      <b>Shows</b><span class="state">{{ unrehearsed ? 'check it yourself' : look.word }}</span>
    </p>
    <p v-if="brief && check && check.state !== 'good'" class="sentence brief">{{ check.sentence }}</p>
    <div v-if="!brief" class="body">
      <template v-if="check && rehearsal">
        <p class="sentence" role="status">{{ check.sentence }}</p>
        <p class="small soft">{{ shares }}</p>
        <p v-if="check.clipping" class="sentence">{{ check.clipping }}</p>
        <div v-for="neighbour in neighbours.slice(0, 2)" :key="neighbour.label" class="neighbour">
          <VBtn size="small" variant="outlined" color="primary" @click="take(neighbour)">{{
            neighbour.label
          }}</VBtn>
          <span class="small soft">{{ price(neighbour) }}</span>
        </div>
        <ExampleClasses :examples="rehearsal.examples" />
        <p v-if="running" class="small soft running">
          <VProgressLinear :model-value="100 * share" color="primary" aria-label="Rehearsal" />
          {{ rehearsal.classes }} classes
          <VBtn size="x-small" variant="text" @click="stop">Stop</VBtn>
        </p>
      </template>
      <p v-if="unrehearsed" class="sentence">{{ unrehearsed }}</p>
      <ExpectationFields v-else />
    </div>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  gap: 8px;
}

.state {
  margin-left: auto;
  font-size: var(--text-small);
  color: var(--ink-soft);
}

.body {
  display: flex;
  flex-direction: column;
  gap: 8px;
  margin-top: 8px;
}

.sentence {
  font-size: var(--text-body-small);
  line-height: 1.35;
}

.brief {
  margin-top: 6px;
}

.running {
  display: flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
}

.neighbour {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
}
</style>
