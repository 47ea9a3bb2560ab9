<script setup lang="ts">
import { mdiRestore } from '@mdi/js'
import { computed } from 'vue'
import { checkClaim, claimSentence, firstClaim, suggestClaim, type Claim } from '#core/conclusion'
import { levelName, orderedLevels } from '#core/plan'
import { claimFitWords } from '../../../words/claimFitWords'
import { useLesson } from '../../../stores/lesson'
import { useResults } from '../../../stores/results'

/** The claim as movable parts, and what the data say of it. */
const store = useLesson()
const results = useResults()
const conclusion = computed(() => store.open.conclusion)
const suggested = computed(() => suggestClaim(store.scored, results.evidence))
const claim = computed<Claim>(() => conclusion.value.claim ?? suggested.value ?? firstClaim(store.plan))
const begun = computed(() => conclusion.value.claim !== null)
const check = computed(() =>
  begun.value ? checkClaim(store.scored, claim.value, results.evidence, conclusion.value.ownWords) : null,
)

function change(changes: Partial<Claim>) {
  store.editConclusion({ claim: { ...claim.value, ...changes }, ownWords: null })
}

const sentence = computed(() => conclusion.value.ownWords ?? claimSentence(store.scored, claim.value))
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
      <ClaimParts :claim="claim" @change="change" />
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
      <div v-if="check" class="check" role="status">
        <p>
          <b>{{ claimFitWords[check.fit] }}</b> {{ check.reasons[0] }}
        </p>
        <p v-for="reason in check.reasons.slice(1)" :key="reason">{{ reason }}</p>
        <VBtn
          v-if="check.suggestion"
          size="small"
          variant="text"
          color="primary"
          class="take"
          @click="change(check.suggestion)"
          >Take instead: “{{ claimSentence(store.scored, check.suggestion) }}”</VBtn
        >
      </div>
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

.words :deep(textarea) {
  font: 600 var(--text-heading)/1.35 var(--heading);
}

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
