<script setup lang="ts">
import { computed } from 'vue'
import { firstOf } from '#core/defined'
import { scoredPlan } from '#core/comparison'
import { pairsLine, wayOf } from '#core/recording'
import { endWords } from '#core/words'
import { useLesson } from '~/stores/lesson'

/** The line of things that a group has compared, and one pair that follows from it. */
const props = defineProps<{ groupId: string; tryNumber?: number }>()
const store = useLesson()
const known = computed(() =>
  pairsLine(store.plan, store.counted, props.groupId, props.tryNumber ?? store.plan.tries),
)
const ends = computed(() => endWords(scoredPlan(store.plan).measured))
const question = computed(() => firstOf(wayOf(store.plan).fields(store.plan)).label)
</script>

<template>
  <section v-if="known.line.length > 1" class="known" aria-label="Our line so far">
    <p class="small soft">Our line so far, from {{ ends.most }} to {{ ends.least }}</p>
    <ol>
      <li v-for="together in known.line" :key="together.join('|')">{{ together.join(' = ') }}</li>
    </ol>
    <SheetFollows
      v-if="known.follows[0]"
      :key="known.follows[0].said"
      :follows="known.follows[0]"
      :question="question"
    />
  </section>
</template>

<style scoped>
.known ol {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 8px;
  padding: 0;
  list-style: none;
}

.known li {
  padding: 6px 12px;
  border: 2px solid var(--teal);
  border-radius: 999px;
  background: var(--teal-wash);
  font-weight: 600;
}

.known li + li::before {
  content: '›';
  margin-right: 8px;
  color: var(--ink-soft);
}
</style>
