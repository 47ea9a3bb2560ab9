<script setup lang="ts">
import { computed } from 'vue'
import { checkClaim, claimSentence, type Claim } from '#core/conclusion'
import { claimFitWords } from '~/words/claimFitWords'
import { useLesson } from '~/stores/lesson'
import { useResults } from '~/stores/results'

/** The claim as movable parts, and what the data say of it. */
const props = defineProps<{ claim: Claim }>()
const store = useLesson()
const results = useResults()
const check = computed(() => checkClaim(store.scored, props.claim, results.evidence))

function change(changes: Partial<Claim>) {
  store.editConclusion({ claim: { ...props.claim, ...changes }, ownWords: null })
}
</script>

<template>
  <div class="stack">
    <ClaimParts :claim="claim" @change="change" />
    <div class="check" :class="check.fit" role="status">
      <p>
        <b>{{ claimFitWords[check.fit] }}</b> {{ check.reason }}
      </p>
      <VBtn
        v-if="check.suggestion"
        size="small"
        variant="text"
        color="primary"
        class="take"
        @click="change(check.suggestion)"
        >Use this instead: “{{ claimSentence(store.scored, check.suggestion) }}”</VBtn
      >
    </div>
  </div>
</template>

<style scoped>
.check {
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--paper);
}

.take {
  height: auto;
  min-height: 28px;
  white-space: normal;
  text-align: left;
  margin-left: -8px;
}

.fits {
  background: var(--teal-wash);
}

.says-more,
.says-less {
  background: var(--marigold-wash);
}

.contradicts {
  background: var(--coral-wash);
}
</style>
