<script setup lang="ts">
import { computed } from 'vue'
import { firstOf } from '#core/defined'
import { levelName, orderedLevels } from '#core/plan'
import type { Slot } from '#core/entries'
import { letterOf, wayOf } from '#core/recording'
import { useSheetAnswer } from '~/composables/useSheetAnswer'
import { useLesson } from '~/stores/lesson'

/** Two at a time: which has more, or are they the same? */
const props = defineProps<{ slotAt: Slot; level: string }>()
const emit = defineEmits<{ written: [slot: Slot] }>()
const store = useLesson()
const field = computed(() => firstOf(wayOf(store.plan).fields(store.plan)))
const { note, typed, asked, seen, answer, write, keep } = useSheetAnswer(
  () => props.slotAt,
  (slot) => emit('written', slot),
)
const two = computed(() =>
  orderedLevels(store.plan)
    .filter((level) => level.id === props.slotAt.levelId || level.id === props.slotAt.moment)
    .map((level) => ({
      id: level.id,
      typed: letterOf(store.plan, level.id),
      name: levelName(store.plan, level),
      picture: level.picture,
    })),
)
const kept = computed(() => two.value.find((one) => one.typed === typed.value)?.name ?? 'the same')
</script>

<template>
  <SheetTry v-model:note="note" :slot-at="slotAt" level="" :seen="seen" @write="write" @spoilt="answer('')">
    <p class="ask">{{ field.label }}</p>
    <div class="two" role="group" :aria-label="field.label">
      <button
        v-for="one in two"
        :key="one.id"
        type="button"
        :aria-pressed="typed === one.typed"
        class="choice one"
        @click="answer(one.typed)"
      >
        <img v-if="one.picture" :src="`/api/pictures/${one.picture}`" alt="" />
        <span v-else class="letter" aria-hidden="true">{{ one.typed }}</span>
        {{ one.name }}
      </button>
      <button type="button" class="choice same" :aria-pressed="typed === '='" @click="answer('=')">
        They are the same
      </button>
    </div>
    <SheetPairsLine :group-id="slotAt.groupId" :try-number="slotAt.tryNumber" />
    <template #told>
      <SheetAsk :asked="asked" :kept="kept" :complete="typed !== ''" @again="answer('')" @keep="keep" />
    </template>
  </SheetTry>
</template>

<style scoped>
.ask {
  font: 600 var(--text-title)/1.3 var(--heading);
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

.one {
  flex-direction: column;
  justify-content: center;
  text-align: center;
  min-height: 150px;
}

.same {
  grid-column: 1 / -1;
  justify-content: center;
}

.one .letter {
  width: 64px;
  height: 64px;
  font-size: var(--text-large);
}

img {
  height: 84px;
  max-width: 100%;
  object-fit: contain;
}
</style>
