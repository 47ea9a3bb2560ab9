<script setup lang="ts">
import { mdiPuzzleOutline } from '@mdi/js'
import { computed } from 'vue'
import { claimSentence, firstClaim, suggestClaim } from '#core/conclusion'
import { hasOneSetting } from '#core/plan'
import { useOwnWords } from '~/composables/useOwnWords'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'
import { useResults } from '~/stores/results'

/** What the class says it found out: somebody says it and somebody types it, or it is built from parts. */
const store = useLesson()
const results = useResults()
const observations = useObservations()
const conclusion = computed(() => store.open.conclusion)
/** Claims are of levels; where something else is compared, the test's own sentence is the way to begin. */
const isSaidByTest = computed(() => hasOneSetting(store.scored) || store.scored.besides !== undefined)
const built = computed(() =>
  conclusion.value.claim && conclusion.value.ownWords === null && !isSaidByTest.value
    ? conclusion.value.claim
    : null,
)
const sentence = computed(() =>
  built.value ? claimSentence(store.scored, built.value) : (conclusion.value.ownWords ?? ''),
)
const own = computed(() => (built.value ? '' : sentence.value))
const { check, failed, cause } = useOwnWords(own)

function build() {
  const claim =
    conclusion.value.claim ?? suggestClaim(store.scored, results.evidence) ?? firstClaim(store.plan)
  store.editConclusion({ claim, ownWords: null })
}

/** What the class gives as the cause goes to a line of its own. */
function moveCause() {
  const { said, why } = cause.value
  if (why === '' || built.value) return
  store.editConclusion({ ownWords: said, why: joined(conclusion.value.why, why) })
}

function moveIdea(text: string) {
  const said = sentence.value
    .replace(text, '')
    .replace(/^[\s,.;]+/u, '')
    .replace(/[\s,;]*(?:\b(?:and|but|so)\b)?[\s,;.]*$/u, '.')
    .replace(/^\.$/u, '')
  store.editConclusion({ ownWords: said, why: joined(conclusion.value.why, text) })
}

/** Guesses and reasons that children wrote down, offered while they are not in the idea. */
const ideas = computed(() => {
  const { notes, predictions } = store.open
  const written = [
    ...notes.filter(({ kind }) => kind === 'guessed').map(({ text }) => text),
    ...observations.standing.filter(({ kind }) => kind === 'guessed').map(({ text }) => text),
    ...predictions.map(({ because }) => because),
  ].map((text) => text.trim())
  const here = conclusion.value.why.toLowerCase()
  return [...new Set(written)]
    .filter((text) => text !== '' && text.length <= 120 && !here.includes(text.toLowerCase()))
    .slice(0, 4)
})

/** A draft that was kept before there was such a line has none. */
const joined = (before: string | undefined, more: string) =>
  [before?.trim(), more].filter(Boolean).join('; ').slice(0, 400)
</script>

<template>
  <section class="panel stack answer">
    <VTextarea
      :model-value="sentence"
      label="What we found out, as the class says it"
      :rows="2"
      :maxlength="400"
      auto-grow
      class="words"
      @update:model-value="store.editConclusion({ ownWords: $event })"
      @blur="moveCause"
    />
    <ClaimBuilder v-if="built" :claim="built" />
    <template v-else>
      <OwnWordsCheck v-if="check && own.trim()" :check="check" @idea="moveIdea" />
      <p v-else-if="failed" class="soft">We couldn’t check the sentence. It is kept, and you can print it.</p>
      <p v-else-if="!own.trim()" class="soft">
        Say it together and type it here. We check which parts fit what you found.
      </p>
      <div class="row">
        <VBtn
          v-if="isSaidByTest"
          size="small"
          variant="outlined"
          color="primary"
          @click="store.editConclusion({ ownWords: results.found.sentence })"
          >Use what the test showed</VBtn
        >
        <VBtn
          v-else
          size="small"
          variant="outlined"
          color="primary"
          :prepend-icon="mdiPuzzleOutline"
          @click="build"
          >Build it from parts</VBtn
        >
      </div>
    </template>
    <VTextField
      :model-value="conclusion.why"
      label="Our idea why (this test did not check it)"
      :maxlength="400"
      @update:model-value="store.editConclusion({ why: $event })"
    />
    <OfferedLines
      :lines="ideas"
      label="Ideas that children wrote down"
      @take="store.editConclusion({ why: joined(conclusion.why, $event) })"
    />
    <WordsUsed />
  </section>
</template>

<style scoped>
.answer {
  border-width: 2px;
}

.words :deep(textarea) {
  font: 600 var(--text-heading)/1.35 var(--heading);
}
</style>
