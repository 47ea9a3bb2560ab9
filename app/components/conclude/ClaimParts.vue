<script setup lang="ts">
import { computed } from 'vue'
import { claimEffect, claimScope, type Claim } from '#core/conclusion'
import { hasOrder, orderedLevels } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** The three parts of a claim: how sure, what happened, how far it reaches. */
const props = defineProps<{ claim: Claim }>()
const emit = defineEmits<{ change: [changes: Partial<Claim>] }>()
const store = useLesson()
type Effect = Pick<Claim, 'subject' | 'comparison' | 'levelIds'>

const strengths = [
  { title: 'Every time', value: 'always' },
  { title: 'In most groups', value: 'mostly' },
  { title: 'We think that', value: 'think' },
]
/** Everything that a claim may be about: the trend, each end, each pair; and what is chosen now. */
const effects = computed(() => {
  const levels = orderedLevels(store.plan).map((level) => level.id)
  const ordered = hasOrder(store.plan)
  const trend: Effect[] = (ordered ? (['more', 'less', 'same'] as const) : (['same'] as const)).map(
    (comparison) => ({ subject: 'trend', comparison, levelIds: [] }),
  )
  const ends = (['most', 'least'] as const).flatMap((subject) =>
    levels.map((id): Effect => ({
      subject,
      comparison: subject === 'most' ? 'more' : 'less',
      levelIds: [id],
    })),
  )
  const pairs = levels.flatMap((one) =>
    levels
      .filter((other) => other !== one)
      .map((other): Effect => ({ subject: 'pair', comparison: 'more', levelIds: [one, other] })),
  )
  const all = ordered ? [...trend, ...ends, ...pairs] : [...ends, ...trend, ...pairs]
  const known = all.some((one) => keyOf(one) === keyOf(props.claim))
  return (known ? all : [props.claim, ...all]).map((one) => ({
    title: claimEffect(store.scored, { ...props.claim, ...one }),
    value: keyOf(one),
    effect: { subject: one.subject, comparison: one.comparison, levelIds: one.levelIds } satisfies Effect,
  }))
})
const scopes = computed(() => {
  const levels = orderedLevels(store.plan)
  const pairs = hasOrder(store.plan)
    ? levels.flatMap((from, index) =>
        levels.slice(index + 1).map((to) => ({ kind: 'between' as const, fromId: from.id, toId: to.id })),
      )
    : []
  const all: Claim['scope'][] = [
    { kind: 'tested' },
    ...pairs.filter((pair) => pair.fromId !== levels[0]?.id || pair.toId !== levels.at(-1)?.id),
    { kind: 'everything' },
  ]
  return all.map((scope) => ({
    title: claimScope(store.scored, { ...props.claim, scope }),
    value: scopeKey(scope),
    scope,
  }))
})

const keyOf = ({ subject, comparison, levelIds }: Effect) => [subject, comparison, ...levelIds].join('|')

/** One text for a scope; the order of its fields may differ after a journey through the database. */
function scopeKey(scope: Claim['scope']): string {
  return scope.kind === 'between' ? `${scope.fromId}|${scope.toId}` : scope.kind
}

function changeEffect(key: string) {
  const chosen = effects.value.find((one) => one.value === key)
  if (chosen) emit('change', chosen.effect)
}

function changeScope(key: string) {
  const chosen = scopes.value.find((one) => one.value === key)
  if (chosen) emit('change', { scope: chosen.scope })
}
</script>

<template>
  <div class="parts">
    <VSelect
      :model-value="claim.strength"
      :items="strengths"
      label="How sure"
      @update:model-value="emit('change', { strength: $event })"
    />
    <VSelect
      :model-value="keyOf(claim)"
      :items="effects"
      label="What happened"
      @update:model-value="changeEffect"
    />
    <VSelect
      :model-value="scopeKey(claim.scope)"
      :items="scopes"
      label="How far it reaches"
      @update:model-value="changeScope"
    />
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: 0.8fr 1.9fr 1.1fr;
  gap: 10px;
}
</style>
