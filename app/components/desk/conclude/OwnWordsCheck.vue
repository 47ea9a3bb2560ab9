<script setup lang="ts">
import {
  mdiArrowRightCircleOutline,
  mdiCheckCircle,
  mdiChatOutline,
  mdiCloseCircle,
  mdiHelpCircleOutline,
} from '@mdi/js'
import { computed, ref } from 'vue'
import {
  asksWhatIsBest,
  asksWhichEnd,
  isSaidOfReadings,
  statementWords,
  withMeaning,
  type CheckedPart,
  type OwnWordsCheck,
} from '#core/ownWords'
import { listed } from '#core/quantity'
import { endSaid, moreSaid } from '#core/words'
import { useLesson } from '~/stores/lesson'

/** A class's own sentence, part by part: what was understood, and what the data say of it. */
const props = defineProps<{ check: OwnWordsCheck }>()
const emit = defineEmits<{ idea: [text: string] }>()
const store = useLesson()
/** Parts of which somebody has said that they were meant otherwise. */
const meantOtherwise = ref<string[]>([])
const fits = {
  fits: { words: 'fits what we found', icon: mdiCheckCircle },
  against: { words: 'goes against what we found', icon: mdiCloseCircle },
  beyond: { words: 'says more than we found', icon: mdiArrowRightCircleOutline },
  open: { words: 'isn’t settled by what we found', icon: mdiHelpCircleOutline },
  yours: { words: 'is yours to say', icon: mdiChatOutline },
} as const

const parts = computed(() =>
  props.check.parts.map((part) => {
    const own = meantOtherwise.value.includes(part.text)
    const fit = own ? 'yours' : part.fit
    return {
      ...part,
      fit,
      ...fits[fit],
      reason: own ? 'We won’t check that, then.' : part.reason,
      read: readAs(part),
      asksBest: asksWhatIsBest(store.plan, part),
      asksEnd:
        own || part.fit !== 'yours' || !isSaidOfReadings(store.plan, store.scored)
          ? null
          : asksWhichEnd(part),
    }
  }),
)

/** What a word of the class's means is kept with the plan, and asked once. */
const remember = (word: string, end: 'more' | 'less') =>
  store.editPlan((plan) => withMeaning(plan, store.scored, word, end))

const readAs = ({ statements, plan }: CheckedPart) =>
  statements ? listed(statements.map((one) => statementWords(plan, one))) : ''
</script>

<template>
  <div role="status">
    <ul class="said">
      <li v-for="(part, index) in parts" :key="index" :class="part.fit">
        <VIcon :icon="part.icon" size="20" />
        <div>
          <p>
            “{{ part.text }}” <b>{{ part.words }}</b><template v-if="part.reason"
              >. {{ part.reason }}</template
            >
          </p>
          <p v-if="part.read && part.fit !== 'yours'" class="small soft">
            We read: {{ part.read }}.
            <VBtn
              v-if="part.fit !== 'fits'"
              size="x-small"
              variant="text"
              color="primary"
              @click="meantOtherwise.push(part.text)"
              >We mean something else</VBtn
            >
          </p>
          <p v-if="part.asksBest" class="row">
            <VBtn
              v-for="end in ['most', 'least'] as const"
              :key="end"
              size="x-small"
              variant="outlined"
              color="primary"
              @click="store.editPlan({ best: end })"
              >Best: {{ endSaid(store.scored.measured, end) }}</VBtn
            >
          </p>
          <template v-else>
            <p v-if="part.asksEnd" class="row">
              <VBtn
                v-for="end in ['more', 'less'] as const"
                :key="end"
                size="x-small"
                variant="outlined"
                color="primary"
                @click="remember(part.asksEnd, end)"
                >It means {{ moreSaid(store.scored.measured, end) }}</VBtn
              >
            </p>
            <VBtn
              v-if="part.fit === 'yours' && !part.statements"
              size="x-small"
              variant="text"
              color="primary"
              @click="emit('idea', part.text)"
              >It is our idea why</VBtn
            >
          </template>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.said {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

li {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 8px;
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--paper);
}

li.fits {
  background: var(--teal-wash);
}

li.beyond,
li.open {
  background: var(--marigold-wash);
}

li.against {
  background: var(--coral-wash);
}
</style>
