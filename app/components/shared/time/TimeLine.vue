<script setup lang="ts">
import { mdiBellOutline } from '@mdi/js'
import { computed } from 'vue'
import { lastOf } from '#core/defined'
import { levelName } from '#core/plan'
import {
  minutesWords,
  type ActivityKind,
  type LessonStep,
  type PlacedActivity,
  type Testing,
} from '#core/timetable'
import { useLesson } from '~/stores/lesson'

/** A lesson along time: the steps of the class above, beneath them what each group does while they test, and the bell. */
const props = defineProps<{ steps: readonly LessonStep[]; testing: Testing; lesson: number }>()
const store = useLesson()
const words: Record<ActivityKind, string> = {
  'set-up': 'sets up',
  run: 'waits for it',
  read: 'reads',
  reset: 'clears',
}

const takes = computed(() => props.steps.reduce((sum, step) => sum + step.seconds, 0))
const bell = computed(() => props.lesson * 60)
/** A lesson much longer than what is done in it would leave the line no room. */
const whole = computed(() => Math.max(takes.value, Math.min(bell.value, 1.4 * takes.value), 60))
const share = (seconds: number) => `${(100 * seconds) / whole.value}%`
const placed = computed(() => {
  let from = 0
  return props.steps.map((step) => {
    const at = from
    from += step.seconds
    return { ...step, from: at }
  })
})
const testsFrom = computed(
  () => placed.value.find(({ kind }) => kind === 'test' || kind === 'turn')?.from ?? 0,
)
const minutes = (seconds: number) => Math.round(seconds / 60)

/** Neighbouring acts of the same try as one block where a line would be crowded with them. */
const lanes = computed(() =>
  store.groups.map((group, index) => ({ group, acts: props.testing.groups[index] ?? [] })),
)
const level = (act: PlacedActivity) => store.plan.levels.find((one) => one.id === act.levelId)
function said(act: PlacedActivity): string {
  const one = level(act)
  const what = [
    one ? levelName(store.plan, one) : '',
    act.tryNumber === 0 ? 'practice' : `try ${act.tryNumber}`,
    act.moment,
  ]
  return `${words[act.kind]}: ${what.filter(Boolean).join(', ')}, from ${clock(act.from)} to ${clock(act.to)}`
}
const clock = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`
const laneSaid = (acts: readonly PlacedActivity[]) =>
  acts.length === 0
    ? 'looks on'
    : `${acts.filter((act) => act.kind === 'read').length} readings, done after ${minutesWords(lastOf(acts).to)}`
</script>

<template>
  <div class="time-line">
    <div class="axis steps" role="list" aria-label="Steps of the lesson">
      <div
        v-for="step in placed"
        :key="step.id"
        role="listitem"
        class="step"
        :class="step.kind"
        :style="{ left: share(step.from), width: share(step.seconds) }"
        :title="`${step.name}: ${minutes(step.seconds)} minutes`"
      >
        <span class="name">{{ step.name }}</span><b class="number"
          >{{ minutes(step.seconds) }}<span class="visually-hidden"> minutes</span></b
        >
      </div>
    </div>
    <ul class="lanes">
      <li v-for="{ group, acts } in lanes" :key="group.id">
        <GroupEmblem :emblem="group.emblem" :size="20" named :name="group.name" />
        <div class="axis lane" role="img" :aria-label="`${group.name}: ${laneSaid(acts)}`">
          <i
            v-for="(act, index) in acts"
            :key="index"
            class="act"
            :class="[act.kind, { practice: act.tryNumber === 0 }]"
            :style="{ left: share(testsFrom + act.from), width: share(act.to - act.from) }"
            :title="said(act)"
          />
        </div>
      </li>
    </ul>
    <div class="axis over" aria-hidden="true">
      <div v-if="bell <= whole" class="bell" :style="{ left: share(bell) }">
        <span><VIcon :icon="mdiBellOutline" size="18" /> {{ lesson }}</span>
      </div>
    </div>
    <ul class="legend small soft">
      <li v-for="(word, kind) in words" :key="kind"><i class="act" :class="kind" /> {{ word }}</li>
    </ul>
  </div>
</template>

<style scoped>
.time-line {
  --names: 104px;
  position: relative;
  padding-top: 22px;
}

.axis {
  position: relative;
  margin-left: var(--names);
}

.steps {
  height: 50px;
}

.step {
  position: absolute;
  top: 0;
  bottom: 0;
  border: 1px solid var(--line);
  border-left: 3px solid var(--ink-soft);
  background: var(--surface);
  padding: 2px 1px 2px 3px;
  overflow: hidden;
  font-size: var(--text-tiny);
  line-height: 1.15;
  display: flex;
  flex-direction: column;
}

.step.test,
.step.turn {
  border-left-color: var(--teal);
  background: var(--teal-wash);
}

.step b {
  font-size: var(--text-small);
  margin-top: auto;
}

.lanes {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 3px;
}

.lanes li {
  display: flex;
  align-items: center;
  font-size: var(--text-small);
}

.lanes :deep(.emblem) {
  width: var(--names);
  flex: none;
}

.lane {
  flex: 1;
  margin-left: 0;
  height: 20px;
  border-bottom: 1px solid var(--line);
}

.act {
  position: absolute;
  top: 2px;
  bottom: 2px;
  background: var(--line);
  border-right: 1px solid var(--surface-warm);
}

.act.run {
  background: repeating-linear-gradient(135deg, var(--line) 0 2px, transparent 2px 5px);
}

.act.read {
  background: var(--teal);
}

.act.reset {
  top: 8px;
  background: var(--ink-soft);
  opacity: 0.45;
}

.act.practice {
  opacity: 0.5;
}

.over {
  position: absolute;
  inset: 0 0 30px var(--names);
  margin-left: 0;
  pointer-events: none;
}

.bell {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px dashed var(--coral);
}

.bell span {
  position: absolute;
  right: 4px;
  top: 0;
  color: var(--coral);
  white-space: nowrap;
  font-weight: 600;
  font-size: var(--text-small);
}

@media (max-width: 760px) {
  .time-line {
    --names: 76px;
  }
}

.legend {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 0 var(--names);
  padding: 0;
}

.legend li {
  display: flex;
  align-items: center;
  gap: 6px;
}

.legend .act {
  position: static;
  width: 18px;
  height: 12px;
}
</style>
