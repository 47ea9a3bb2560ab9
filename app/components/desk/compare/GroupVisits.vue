<script setup lang="ts">
import { computed, ref } from 'vue'
import { reviewLimits, visitsProgress } from '#core/review'
import { useReviews } from '~/composables/useReviews'

/** Groups look at each other's work: the teacher opens and closes it, sees what was left, writes for groups without a device, and takes back. */
const { reviewing, visits, hasOthers, setReviewing, leave, answer, setRemoved } = useReviews()
const round = computed(() => reviewing.value?.round ?? 0)
const now = computed(() => visits.value.filter(({ isNow }) => isNow))
const state = computed(() => {
  if (!reviewing.value)
    return 'Each group looks at another one’s record, says one thing that convinced it and asks one question.'
  const many = visitsProgress(now.value.filter(({ isLeft }) => isLeft).length, now.value.length)
  return reviewing.value.open ? `Open: ${many}.` : `Closed: ${many}.`
})
/** What is being written for a group, and of which visit. */
const writing = ref<{
  key: string
  what: 'review' | 'answer'
  convinced: string
  question: string
  answer: string
} | null>(null)
type Visit = (typeof visits.value)[number]

function write({ key, review }: Visit, what: 'review' | 'answer') {
  const { convinced = '', question = '', answer: said = '' } = review ?? {}
  writing.value = { key, what, convinced, question, answer: said }
}

/** An answer may be taken back; a review says something. */
const canKeep = computed(
  () =>
    writing.value?.what === 'answer' ||
    Boolean(writing.value?.convinced.trim() || writing.value?.question.trim()),
)

function keep({ visitor, host }: Visit) {
  if (!writing.value || !canKeep.value) return
  const pair = { byGroupId: visitor.id, ofGroupId: host.id }
  const { what, convinced, question, answer: said } = writing.value
  if (what === 'answer') void answer(pair, said.trim())
  else void leave(pair, { convinced: convinced.trim(), question: question.trim() })
  writing.value = null
}
</script>

<template>
  <section id="visits" aria-label="Groups look at each other’s work">
    <div class="head">
      <h2>Look at each other’s work</h2>
      <p>{{ state }}</p>
      <VBtn v-if="!reviewing" variant="outlined" color="secondary" size="small" @click="setReviewing(true, 1)"
        >Open the visits</VBtn
      >
      <VBtn
        v-else-if="reviewing.open"
        variant="outlined"
        color="secondary"
        size="small"
        @click="setReviewing(false, round)"
        >Close the visits</VBtn
      >
      <template v-else>
        <VBtn variant="outlined" color="secondary" size="small" @click="setReviewing(true, round)"
          >Open them again</VBtn
        >
        <VBtn
          v-if="hasOthers"
          variant="text"
          color="secondary"
          size="small"
          @click="setReviewing(true, round + 1)"
          >Visit another group</VBtn
        >
      </template>
    </div>
    <ul v-if="visits.length > 0">
      <li v-for="one in visits" :key="one.key" :class="{ removed: one.review?.removed }">
        <span class="who">
          <GroupEmblem class="wraps" :emblem="one.visitor.emblem" :size="18" named :name="one.visitor.name" />
          <span aria-hidden="true">→</span><span class="visually-hidden">visits</span>
          <GroupEmblem class="wraps" :emblem="one.host.emblem" :size="18" named :name="one.host.name" />
        </span>
        <form v-if="writing?.key === one.key" class="write" @submit.prevent="keep(one)">
          <template v-if="writing.what === 'review'">
            <VTextField
              v-model="writing.convinced"
              :label="`What convinced ${one.visitor.name}`"
              :maxlength="reviewLimits.letters"
              density="compact"
              autofocus
              hide-details
            />
            <VTextField
              v-model="writing.question"
              :label="`What ${one.visitor.name} asks`"
              :maxlength="reviewLimits.letters"
              density="compact"
              hide-details
            />
          </template>
          <VTextField
            v-else
            v-model="writing.answer"
            :label="`What ${one.host.name} answers`"
            :maxlength="reviewLimits.letters"
            density="compact"
            autofocus
            hide-details
          />
          <VBtn type="submit" size="small" color="primary" variant="text" :disabled="!canKeep">Keep it</VBtn>
          <VBtn size="small" variant="text" @click="writing = null">Not now</VBtn>
        </form>
        <div v-else-if="one.review?.removed" class="said soft">
          Taken back: no child sees it. <q>{{ one.review.convinced || one.review.question }}</q>
        </div>
        <div v-else-if="one.review" class="said">
          <p v-if="one.review.convinced">{{ one.review.convinced }}</p>
          <p v-if="one.review.question">
            <b>{{ one.review.question }}</b>
            <span class="soft">{{ one.review.answer || 'not answered yet' }}</span>
          </p>
          <p v-else-if="one.review.answer" class="soft">{{ one.review.answer }}</p>
        </div>
        <div v-else class="said soft">nothing left yet</div>
        <DotsMenu v-if="writing?.key !== one.key" :label="`What to do with the visit of ${one.visitor.name}`">
          <VListItem
            v-if="!one.review?.removed"
            :title="`Write for ${one.visitor.name}`"
            @click="write(one, 'review')"
          />
          <template v-if="one.review">
            <VListItem
              v-if="!one.review.removed"
              :title="`Answer for ${one.host.name}`"
              @click="write(one, 'answer')"
            />
            <VListItem
              :title="one.review.removed ? 'Put it back' : 'Take it back'"
              @click="setRemoved(one.review, !one.review.removed)"
            />
          </template>
        </DotsMenu>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}

h2 {
  font-size: var(--text-lead);
}

ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  border-top: 1px solid var(--line);
}

li {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr) auto;
  align-items: center;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}

.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.said {
  min-width: 0;
  overflow-wrap: anywhere;
  line-height: 1.35;
}

.said b {
  margin-right: 0.5em;
}

.removed .who {
  opacity: 0.6;
}

.write {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.write > .v-text-field {
  flex: 1 1 220px;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr auto;
  }

  .said,
  .write {
    grid-column: 1 / -1;
  }
}
</style>
