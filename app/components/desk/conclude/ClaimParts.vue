<script setup lang="ts">
import { computed } from 'vue'
import { claimEffects, claimScopes, effectKey, scopeKey, type Claim } from '#core/conclusion'
import { useLesson } from '~/stores/lesson'

/** The three parts of a claim: how sure, what happened, how far it reaches. */
const props = defineProps<{ claim: Claim }>()
const emit = defineEmits<{ change: [changes: Partial<Claim>] }>()
const store = useLesson()
const strengths = [
  { title: 'Every time', value: 'always' },
  { title: 'In most groups', value: 'mostly' },
  { title: 'Taking all our tries together', value: 'together' },
  { title: 'We think that', value: 'think' },
]
const effects = computed(() => claimEffects(store.scored, props.claim))
const scopes = computed(() => claimScopes(store.scored, props.claim))

function changeEffect(key: string) {
  const chosen = effects.value.find((one) => one.key === key)
  if (chosen) emit('change', chosen.part)
}

function changeScope(key: string) {
  const chosen = scopes.value.find((one) => one.key === key)
  if (chosen) emit('change', { scope: chosen.part })
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
      :model-value="effectKey(claim)"
      :items="effects"
      item-title="words"
      item-value="key"
      label="What happened"
      @update:model-value="changeEffect"
    />
    <VSelect
      :model-value="scopeKey(claim.scope)"
      :items="scopes"
      item-title="words"
      item-value="key"
      label="How far it reaches"
      @update:model-value="changeScope"
    />
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: 0.98fr 1.8fr 1.05fr;
  gap: 10px;
}
</style>
