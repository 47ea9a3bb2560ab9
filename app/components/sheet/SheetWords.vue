<script setup lang="ts">
import { computed } from 'vue'
import { firstOf } from '#core/defined'
import type { Slot } from '#core/entries'
import { wayOf } from '#core/recording'
import { useSheetAnswer } from '~/composables/useSheetAnswer'
import { useLesson } from '~/stores/lesson'

/** One look: which of the words is it? */
const props = defineProps<{ slotAt: Slot; level: string }>()
const emit = defineEmits<{ written: [slot: Slot] }>()
const store = useLesson()
const field = computed(() => firstOf(wayOf(store.plan).fields(store.plan)))
const { note, typed, asked, seen, start, answer, write, keep } = useSheetAnswer(
  () => props.slotAt,
  (slot) => emit('written', slot),
)
</script>

<template>
  <SheetTry
    v-model:note="note"
    :slot-at="slotAt"
    :level="level"
    :seen="seen"
    @write="write"
    @spoilt="answer('')"
  >
    <SheetClock v-if="start !== null" :slot-at="slotAt" />
    <p class="ask">Which word fits the {{ field.label }}?</p>
    <div class="words" role="group" :aria-label="field.label">
      <button
        v-for="(word, place) in field.choices ?? []"
        :key="word.typed"
        type="button"
        :aria-pressed="typed === word.typed"
        class="choice"
        @click="answer(word.typed)"
      >
        <span class="place number" aria-hidden="true">{{ place + 1 }}</span>
        <span
          >{{ word.label }}<small v-if="word.like">{{ word.like }}</small></span
        >
      </button>
    </div>
    <template #told>
      <SheetAsk :asked="asked" :kept="typed" :complete="typed !== ''" @again="answer('')" @keep="keep" />
    </template>
  </SheetTry>
</template>

<style scoped>
.ask {
  font-size: var(--text-lead);
}

.words {
  display: grid;
  gap: 10px;
}

.place {
  color: var(--ink-soft);
  min-width: 1em;
}
</style>
