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
import { useLesson } from '../../../stores/lesson'

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
    return {
      of,
      key: `${of.quantity}|${of.levelId}|${of.sideId}`,
      lead: [
        level && plan.besides ? `${capital(levelName(plan.besides, level))}:` : '',
        `${level ? sideNamed(plan, of.sideId) : capital(sideNamed(plan, of.sideId))}${isIt ? ' it will' : ''}…`,
      ]
        .filter(Boolean)
        .join(' '),
      options: clauses.map(({ value, clause }) => ({
        value,
        title: isIt ? clause.replace('it will ', '') : clause,
      })),
    }
  })
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
  <div :class="props.large ? 'large' : 'line'">
    <template v-for="question in questions" :key="question.key">
      <div v-if="props.large" role="group" :aria-label="question.lead">
        <p class="lead">{{ question.lead }}</p>
        <ChoiceButtons
          :options="question.options"
          :chosen="chosen(question.of)"
          class="three"
          @choose="give(question.of, $event as SidePrediction['direction'])"
        />
      </div>
      <VSelect
        v-else
        :model-value="chosen(question.of)"
        :items="question.options"
        :label="question.lead"
        @update:model-value="give(question.of, $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.large {
  display: grid;
  gap: 16px;
}

.lead {
  margin-bottom: 6px;
  font: 600 var(--text-heading) var(--heading);
}

.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}

.line {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px;
}
</style>
