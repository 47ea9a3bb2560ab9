<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import {
  isSameQuestion,
  sideNamed,
  sideQuestions,
  type PredictionAnswer,
  type SidePrediction,
  type SideQuestion,
} from '#core/conclusion'
import { levelName } from '#core/plan'
import { capital } from '#core/quantity'
import { wayOf } from '#core/recording'
import { sideClause } from '#core/words'
import { useLesson } from '~/stores/lesson'

/** How one thing will compare with itself: more, less or the same, for each quantity that is read. */
const answer = defineModel<PredictionAnswer | null>({ required: true })
const props = defineProps<{ large: boolean }>()
const store = useLesson()
const said = ref<SidePrediction[]>([])
const directions = ['less', 'same', 'more'] as const

const questions = computed(() => {
  const plan = store.scored
  const quantities = wayOf(plan).quantities(plan)
  return sideQuestions(plan).map((of) => {
    const { measured } = quantities[of.quantity] ?? plan
    const clauses = directions.map((value) => ({
      value,
      clause: sideClause(measured, value, { tense: 'future' }),
    }))
    const isIt = clauses.every(({ clause }) => clause.startsWith('it will '))
    const level = plan.besides?.levels.find(({ id }) => id === of.levelId)
    const side = sideNamed(plan, of.sideId)
    const name = level && plan.besides ? capital(levelName(plan.besides, level)) : ''
    return {
      of,
      key: `${of.quantity}|${of.levelId}|${of.sideId}`,
      name,
      lead: `${name ? `${name}: ${side}` : capital(side)}${isIt ? ' it will' : ''}…`,
      /** Beside its name, or where only sides differ. */
      short: quantities.length > 1 ? measured.name : side,
      options: clauses.map(({ value, clause }) => ({
        value,
        title: isIt ? clause.replace('it will ', '') : clause,
      })),
    }
  })
})
/** What is asked of one level, together. */
const groups = computed(() => {
  const names = [...new Set(questions.value.map((one) => one.name))]
  return names.map((name) => ({ name, asked: questions.value.filter((one) => one.name === name) }))
})

watch(
  answer,
  (made) => {
    if (made?.format === 'sides') said.value = made.sides
  },
  { immediate: true },
)

const chosen = (of: SideQuestion) => said.value.find((one) => isSameQuestion(one, of))?.direction ?? null

function give(of: SideQuestion, direction: SidePrediction['direction']) {
  said.value = [...said.value.filter((one) => !isSameQuestion(one, of)), { ...of, direction }]
  const asked = questions.value.map((one) => one.of)
  const all = asked.flatMap((one) => said.value.find((other) => isSameQuestion(one, other)) ?? [])
  answer.value = all.length === asked.length ? { format: 'sides', sides: all } : null
}
</script>

<template>
  <div v-if="props.large" class="large">
    <div v-for="(question, at) in questions" :key="question.key" role="group" :aria-label="question.lead">
      <p v-if="question.lead !== questions[at - 1]?.lead" class="lead">{{ question.lead }}</p>
      <ChoiceButtons
        :options="question.options"
        :chosen="chosen(question.of)"
        class="three"
        @choose="give(question.of, $event as SidePrediction['direction'])"
      />
    </div>
  </div>
  <div v-else class="groups">
    <div v-for="group in groups" :key="group.name" class="line">
      <p v-if="group.name" class="small soft">{{ group.name }}</p>
      <VSelect
        v-for="question in group.asked"
        :key="question.key"
        :model-value="chosen(question.of)"
        :items="question.options"
        :label="question.short"
        :aria-label="question.lead"
        @update:model-value="give(question.of, $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.large {
  display: grid;
  gap: 10px;
}

.lead {
  margin: 8px 0 6px;
  font: 600 var(--text-heading) var(--heading);
}

.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}

.three :deep(.choice) {
  padding: 12px;
}

.groups {
  display: grid;
  gap: 6px;
}

.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.line p {
  grid-column: 1 / -1;
}
</style>
