<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp } from '@mdi/js'
import { computed } from 'vue'
import { defined } from '#core/defined'
import {
  numberAsked,
  numberQuestion,
  orderSaid,
  predictionFormat,
  type PredictionAnswer,
} from '#core/conclusion'
import { levelName, orderedLevels } from '#core/plan'
import { capital } from '#core/quantity'
import { isInRounds, wayOf } from '#core/recording'
import { gaveMost, moreChanged, moreOf } from '#core/words'
import { resolutionOf } from '#core/instrument'
import { useLesson } from '~/stores/lesson'

/** One prediction in the plan's format: on the Desk as a line, on a Sheet as large buttons. */
const answer = defineModel<PredictionAnswer | null>({ required: true })
const props = withDefaults(defineProps<{ large?: boolean; label: string }>(), { large: false })
const store = useLesson()
const format = computed(() => predictionFormat(store.scored))
const levels = computed(() => orderedLevels(store.scored))
const asked = computed(() => numberAsked(store.plan, store.scored))
/** The unit and marks of the number that is asked for. */
const numberIn = computed(() => {
  const moment = asked.value?.moment ?? null
  const read = moment === null ? store.plan : wayOf(store.plan).planAt(store.plan, moment)
  return { unit: (moment === null ? store.scored : read).measured.unit, mark: resolutionOf(read).mark }
})
const directions = computed(() => {
  const { measured } = store.scored
  return [
    { title: moreOf(measured, 'more'), value: 'more' as const },
    { title: 'the same', value: 'same' as const },
    { title: moreOf(measured, 'less'), value: 'less' as const },
  ]
})
const question = computed(() => {
  const { changed, measured } = store.scored
  const most = store.scored.best === 'least' ? 'least' : 'most'
  switch (format.value) {
    case 'direction':
      return isInRounds(store.plan) ? 'The later the round…' : `${capital(moreChanged(changed))}…`
    case 'choice':
      return `Which ${gaveMost(measured, most, 'future')}?`
    case 'order':
      return capital(orderSaid(store.scored))
    case 'stretch':
      return 'Where will most of the change happen?'
    case 'pair':
      return 'Which one beats which?'
    case 'number':
      return asked.value ? numberQuestion(store.plan, store.scored, asked.value) : ''
    case 'sides':
      return 'What will it be like?'
  }
  return ''
})
const order = computed(() => {
  const chosen = answer.value?.format === 'order' ? answer.value.levelIds : []
  const known = chosen.filter((id) => levels.value.some((level) => level.id === id))
  return [...known, ...levels.value.map((level) => level.id).filter((id) => !known.includes(id))]
})
const nameOf = (id: string) => levelName(store.scored, defined(levels.value.find((level) => level.id === id)))
const options = computed(() =>
  format.value === 'direction'
    ? directions.value
    : levels.value.map((level) => ({ title: levelName(store.scored, level), value: level.id })),
)
const chosen = computed(() =>
  answer.value?.format === 'direction'
    ? answer.value.direction
    : answer.value?.format === 'choice'
      ? answer.value.levelId
      : null,
)

function choose(value: string) {
  answer.value =
    format.value === 'direction'
      ? { format: 'direction', direction: value as 'more' | 'less' | 'same' }
      : { format: 'choice', levelId: value }
}

function move(index: number, by: number) {
  const ids = [...order.value]
  const [moved] = ids.splice(index, 1)
  ids.splice(index + by, 0, defined(moved))
  answer.value = { format: 'order', levelIds: ids }
}

function giveNumber(value: number | null) {
  answer.value = null
  if (value === null || !asked.value) return
  const { levelId, moment } = asked.value
  answer.value = { format: 'number', levelId, ...(moment === null ? {} : { moment }), value }
}
</script>

<template>
  <div :class="{ large: props.large }" role="group" :aria-label="`${label}: ${question}`">
    <p class="ask" :class="{ 'visually-hidden': !props.large }">{{ question }}</p>
    <template v-if="format === 'direction' || format === 'choice'">
      <ChoiceButtons v-if="props.large" :options="options" :chosen="chosen" @choose="choose" />
      <VSelect v-else :model-value="chosen" :items="options" :label="question" @update:model-value="choose" />
    </template>
    <PredictionStretch v-else-if="format === 'stretch'" v-model="answer" :large="props.large" />
    <PredictionSides v-else-if="format === 'sides'" v-model="answer" :large="props.large" />
    <PredictionPair v-else-if="format === 'pair'" v-model="answer" :large="props.large" />
    <ol v-else-if="format === 'order'" class="order">
      <li v-for="(id, index) in order" :key="id">
        <span>{{ nameOf(id) }}</span>
        <VBtn
          :icon="mdiArrowUp"
          size="x-small"
          variant="text"
          :disabled="index === 0"
          :aria-label="`${nameOf(id)} up`"
          @click="move(index, -1)"
        />
        <VBtn
          :icon="mdiArrowDown"
          size="x-small"
          variant="text"
          :disabled="index === order.length - 1"
          :aria-label="`${nameOf(id)} down`"
          @click="move(index, 1)"
        />
      </li>
      <VBtn
        v-if="!answer"
        size="small"
        variant="outlined"
        color="primary"
        @click="answer = { format: 'order', levelIds: order }"
        >This is our order</VBtn
      >
    </ol>
    <QuantityField
      v-else
      :label="props.large ? 'Our number' : question"
      :unit="numberIn.unit"
      :mark="numberIn.mark"
      optional
      :model-value="answer?.format === 'number' ? answer.value : null"
      @update:model-value="giveNumber"
    />
  </div>
</template>

<style scoped>
.ask {
  font: 600 var(--text-title)/1.3 var(--heading);
  margin-bottom: 14px;
}

.order {
  margin: 0;
  padding-left: 22px;
}

.order li span {
  display: inline-block;
  min-width: 8em;
}

.large .order {
  font-size: var(--text-heading);
}
</style>
