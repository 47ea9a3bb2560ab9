<script setup lang="ts">
import { mdiRestore } from '@mdi/js'
import { computed } from 'vue'
import {
  checkClaim,
  claimEffect,
  claimScope,
  claimSentence,
  suggestClaim,
  type Claim,
} from '#core/conclusion'
import { hasOrder, levelName, orderedLevels } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** The claim as movable parts, and what the data say of it. */
const store = useLesson()
const conclusion = computed(() => store.open.conclusion)
const suggested = computed(() => suggestClaim(store.plan, store.evidence))
const claim = computed<Claim>(
  () =>
    conclusion.value.claim ??
    suggested.value ?? {
      comparison: 'more',
      levelId: store.plan.levels[0]?.id ?? null,
      strength: 'think',
      scope: { kind: 'tested' },
    },
)
const begun = computed(() => conclusion.value.claim !== null)
const check = computed(() =>
  begun.value ? checkClaim(store.plan, claim.value, store.evidence, conclusion.value.ownWords) : null,
)
const checkWords = {
  fits: 'fits the data',
  'says-more': 'says more than the data',
  'says-less': 'says less than the data',
  contradicts: 'goes against the data',
  'no-data': 'no data yet',
}
const strengths = [
  { title: 'Every time', value: 'always' },
  { title: 'In most groups', value: 'mostly' },
  { title: 'We think that', value: 'think' },
]
const effects = computed(() => {
  const numbers = hasOrder(store.plan)
  const levels = numbers ? [null] : orderedLevels(store.plan).map((level) => level.id)
  const comparisons = numbers ? (['more', 'less', 'same'] as const) : (['more', 'less'] as const)
  const all = levels.flatMap((levelId) => comparisons.map((comparison) => ({ comparison, levelId })))
  const both = numbers ? all : [...all, { comparison: 'same' as const, levelId: null }]
  return both.map((one) => ({
    title: claimEffect(store.plan, { ...claim.value, ...one }),
    value: `${one.comparison}|${one.levelId ?? ''}`,
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
    title: claimScope(store.plan, { ...claim.value, scope }),
    value: scopeKey(scope),
    scope,
  }))
})

/** One text for a scope; the order of its fields may differ after a journey through the database. */
function scopeKey(scope: Claim['scope']): string {
  return scope.kind === 'between' ? `${scope.fromId}|${scope.toId}` : scope.kind
}

function changeScope(key: string) {
  const chosen = scopes.value.find((one) => one.value === key)
  if (chosen) change({ scope: chosen.scope })
}

function change(changes: Partial<Claim>) {
  store.editConclusion({ claim: { ...claim.value, ...changes }, ownWords: null })
}

function changeEffect(value: string) {
  const [comparison, levelId] = value.split('|') as [Claim['comparison'], string]
  change({ comparison, levelId: levelId || null })
}

const sentence = computed(() => conclusion.value.ownWords ?? claimSentence(store.plan, claim.value))
const levelWords = computed(() =>
  orderedLevels(store.plan)
    .map((level) => levelName(store.plan, level))
    .join(', '),
)
</script>

<template>
  <section class="panel stack claim" :class="check?.fit">
    <template v-if="!begun">
      <p class="soft">
        The data of {{ levelWords }} are in. Build the claim from parts; the check says whether the data carry
        it.
      </p>
      <div class="row">
        <VBtn color="primary" @click="store.editConclusion({ claim })">Begin with what the data say</VBtn>
      </div>
    </template>
    <template v-else>
      <div class="parts">
        <VSelect
          :model-value="claim.strength"
          :items="strengths"
          label="How sure"
          @update:model-value="change({ strength: $event })"
        />
        <VSelect
          :model-value="`${claim.comparison}|${claim.levelId ?? ''}`"
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
      <VTextarea
        :model-value="sentence"
        label="Our answer, in our own words"
        :rows="2"
        :maxlength="400"
        class="words"
        @update:model-value="store.editConclusion({ ownWords: $event })"
      >
        <template v-if="conclusion.ownWords !== null" #append-inner>
          <VBtn
            :icon="mdiRestore"
            size="small"
            variant="text"
            aria-label="Back to the sentence made of the parts"
            title="Back to the sentence made of the parts"
            @click="store.editConclusion({ ownWords: null })"
          />
        </template>
      </VTextarea>
      <p v-if="check" class="check" role="status">
        <b>{{ checkWords[check.fit] }}</b> {{ check.reason }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.claim {
  border-width: 2px;
}

.claim.fits {
  border-color: var(--teal);
}

.claim.says-more,
.claim.says-less {
  border-color: var(--marigold);
}

.claim.contradicts {
  border-color: var(--coral);
}

.parts {
  display: grid;
  grid-template-columns: 0.8fr 1.9fr 1.1fr;
  gap: 10px;
}

.words :deep(textarea) {
  font: 600 1.3rem/1.35 var(--heading);
}

.check {
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--paper);
}

.fits .check {
  background: var(--teal-wash);
}

.says-more .check,
.says-less .check {
  background: var(--marigold-wash);
}

.contradicts .check {
  background: var(--coral-wash);
}
</style>
