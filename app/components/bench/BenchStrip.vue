<script setup lang="ts">
import { mdiPin } from '@mdi/js'
import { computed } from 'vue'
import { amountWords } from '#core/kit'
import { levelName, levelStep, moveLevel, orderedLevels, printResult, type Level } from '#core/plan'
import { convertUnit, unitDefinition } from '#core/quantity'
import { levelProgress, usesInstrument, wayOf } from '#core/recording'
import type { Stage } from '#shared/types/api'
import { useShownReading } from '../../composables/useShownReading'
import { useLesson } from '../../stores/lesson'
import { useResults } from '../../stores/results'
import { usePack } from '../../stores/pack'

/** The one test, drawn as one row: what is changed, what it is measured with, what is kept the same. */
const props = defineProps<{ stage: Stage }>()
const store = useLesson()
const results = useResults()
const pack = usePack()

const levels = computed(() => orderedLevels(store.plan))
const largest = computed(() => Math.max(1e-9, ...levels.value.map((level) => Math.abs(level.value ?? 0))))
const unit = computed(() => unitDefinition(store.plan.measured.instrument.unit).symbol)

/** What is typed in the grid, as the instrument would show it. */
const shownReading = useShownReading()
const pointer = computed(() => {
  const { instrument, unit: own } = store.plan.measured
  const same = unitDefinition(own).dimension === unitDefinition(instrument.unit).dimension
  return shownReading.value === null || !same ? null : convertUnit(shownReading.value, own, instrument.unit)
})
const tested = computed(() =>
  levelProgress(
    store.plan,
    store.groups.map((group) => group.id),
    store.standing,
  ),
)

const dimension = computed(() => {
  const { kind, unit: own } = store.plan.changed
  return kind === 'kinds' ? null : own ? unitDefinition(own).dimension : 'count'
})
const drawn = computed(() =>
  levels.value.map((level, place) => ({
    id: level.id,
    name: levelName(store.plan, level),
    dimension: dimension.value,
    value: level.value,
    share: Math.abs(level.value ?? 0) / largest.value,
    largest: largest.value,
    place,
    baseline: level.baseline,
    picture: level.picture,
    ...saysOf(level),
  })),
)

/** What a level says beneath its drawing, and how far its bar is filled, at each stage. */
function saysOf(level: Level): {
  note: string
  fill?: number
  tone?: 'progress' | 'result'
  step?: number | null
} {
  switch (props.stage) {
    case 'test': {
      const { done, needed } = tested.value.get(level.id)!
      return { note: `${done} of ${needed}`, fill: needed ? done / needed : 0, tone: 'progress' }
    }
    case 'compare':
    case 'conclude': {
      const result = results.evidence.results.find((one) => one.level.id === level.id)
      if (!result) return { note: 'no result', fill: 0, tone: 'result' }
      const top = Math.max(
        1e-9,
        ...results.evidence.results.map((one) => Math.abs(one.centre)).filter(Number.isFinite),
      )
      return {
        note: printResult(store.scored, result.centre, 1),
        // Places and words have no size that a bar could show.
        ...(store.scored.measured.scale ? {} : { fill: Math.min(1, Math.abs(result.centre) / top) }),
        tone: 'result',
      }
    }
    case 'pack':
      return { note: ownThings(level.id) }
    default:
      return {
        note: level.baseline ? 'the baseline' : '',
        step: props.stage === 'plan' && dimension.value ? levelStep(store.plan) : null,
      }
  }
}
/** What a level alone needs, in the place where the kit is packed. */
function ownThings(levelId: string): string {
  const own = pack.lines.find((line) => line.material.level === levelId && line.total > 0)
  return own ? amountWords(own.total, own.material.unit) : ''
}
const ownAmounts = computed(() => levels.value.some((level) => ownThings(level.id) !== ''))
const legend = computed(
  () =>
    ({
      pack: ownAmounts.value ? 'with what to fetch' : '',
      test: 'filled by readings',
      compare: 'with their results',
      conclude: 'with their results',
    })[props.stage as string] ?? '',
)
</script>

<template>
  <section class="strip" aria-label="The test on one bench">
    <div class="part changed">
      <p class="what">
        We change <b>{{ store.plan.changed.name || '…' }}</b>
        <span v-if="legend" class="soft legend">{{ legend }}</span>
      </p>
      <div class="levels">
        <BenchLevel
          v-for="{ id, ...level } in drawn"
          :key="id"
          v-bind="level"
          @move="store.editPlan((plan) => moveLevel(plan, id, $event), `pull-${id}`)"
        />
        <p v-if="drawn.length === 0" class="soft small">No levels yet.</p>
      </div>
    </div>
    <div class="part measured">
      <p class="what">
        We {{ wayOf(store.plan).verb }} <b>{{ store.plan.measured.name || '…' }}</b>
        <template v-if="usesInstrument(store.plan)">
          with a {{ store.plan.measured.instrument.name || '…' }}{{ unit && ` (${unit})` }}</template
        >
      </p>
      <SeenDrawing v-if="!usesInstrument(store.plan)" />
      <InstrumentDrawing v-else :instrument="store.plan.measured.instrument" :pointer="pointer" />
    </div>
    <div class="part kept">
      <p class="what">We keep the same</p>
      <ul>
        <li
          v-for="same in store.plan.keptSame.slice(0, 6)"
          :key="same.id"
          :class="{ open: !same.how }"
          :title="same.how"
        >
          <VIcon :icon="mdiPin" size="14" />{{ same.name || '…' }}
        </li>
        <li v-if="store.plan.keptSame.length > 6">and {{ store.plan.keptSame.length - 6 }} more</li>
        <li v-if="store.plan.keptSame.length === 0" class="open">nothing yet</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 392px minmax(0, 300px);
  gap: 20px;
  padding: 8px 20px;
  height: 136px;
  overflow: hidden;
}

.part {
  min-width: 0;
}

.what {
  font-size: 0.85rem;
  margin-bottom: 4px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.legend {
  margin-left: 0.35em;
}

.legend::before {
  content: '· ';
}

.levels {
  display: flex;
  gap: 6px;
}

.measured {
  border-inline: 1px solid var(--line);
  padding-inline: 5px;
}

.kept ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}

.kept li {
  border: 1px solid var(--line);
  border-radius: 999px;
  background: var(--paper);
  padding: 1px 9px 1px 5px;
  font-size: 0.82rem;
  max-width: 145px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.kept li.open {
  border-style: dashed;
  border-color: var(--coral);
}

@media (max-width: 1000px) {
  .strip {
    grid-template-columns: 1fr;
    height: auto;
  }
}
</style>
