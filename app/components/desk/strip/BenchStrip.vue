<script setup lang="ts">
import { mdiPin } from '@mdi/js'
import { computed } from 'vue'
import { defined } from '#core/defined'
import {
  benchLevels,
  kitNote,
  onInstrument,
  readNote,
  resultNote,
  type BenchLevel,
  type BenchNote,
  type Stage,
} from '#core/lesson'
import { articleBefore } from '#core/method'
import { levelStep, looksAtVariation, moveLevel } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { changesNothing } from '#core/variables'
import { levelProgress, usesInstrument, wayOf } from '#core/recording'
import { useShownReading } from '~/composables/useShownReading'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'
import { usePack } from '~/stores/pack'

/** The one test, drawn as one row: what is changed, what it is measured with, what is kept the same. */
const props = defineProps<{ stage: Stage }>()
const store = useLesson()
const results = useResults()
const pack = usePack()

const unit = computed(() => unitDefinition(store.plan.measured.instrument.unit).symbol)

/** What is typed in the grid, as the instrument would show it. */
const shownReading = useShownReading()
const pointer = computed(() =>
  shownReading.value === null ? null : onInstrument(store.plan.measured, shownReading.value),
)
const read = computed(() =>
  levelProgress(
    store.plan,
    store.groups.map((group) => group.id),
    store.standing,
  ),
)
const drawn = computed(() => benchLevels(store.plan).map((level) => ({ ...level, ...saysOf(level) })))

/** What a level says beneath its drawing, and what can be done with it, at each stage. */
function saysOf(level: BenchLevel): BenchNote & { tone?: 'progress' | 'result'; step?: number | null } {
  switch (props.stage) {
    case 'test':
      return { ...readNote(defined(read.value.get(level.id))), tone: 'progress' }
    case 'compare':
    case 'conclude':
      return { ...resultNote(results.byLevel.plan, results.byLevel.evidence, level.id), tone: 'result' }
    case 'pack':
      return kitNote(pack.lines, level.id)
    default:
      return {
        note: level.baseline ? 'the baseline' : '',
        step: props.stage === 'plan' && level.dimension ? levelStep(store.plan) : null,
      }
  }
}
const isOneThing = computed(() => changesNothing(store.plan))
const lead = computed(() =>
  looksAtVariation(store.plan) ? 'One setting:' : isOneThing.value ? 'We test one thing:' : 'We change',
)
const ownAmounts = computed(() => store.plan.levels.some(({ id }) => kitNote(pack.lines, id).note !== ''))
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
  <section class="strip" aria-label="The test on one bench" tabindex="0">
    <div class="part changed">
      <p class="what">
        {{ lead }}
        <b v-if="!isOneThing">{{ store.plan.changed.name || '…' }}</b>
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
          with {{ articleBefore(store.plan.measured.instrument.name, 'a')
          }}{{ store.plan.measured.instrument.name || '…' }}{{ unit && ` (${unit})` }}</template
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
  font-size: var(--text-small);
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
  font-size: var(--text-caption);
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
    grid-template-columns: none;
    grid-auto-flow: column;
    grid-auto-columns: min(392px, 88vw);
    justify-content: start;
    padding-inline: 12px;
    overflow-x: auto;
    scroll-snap-type: x proximity;
  }

  .part {
    scroll-snap-align: start;
  }

  .measured :deep(svg) {
    max-width: 100%;
  }
}
</style>
