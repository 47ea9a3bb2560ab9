<script setup lang="ts">
import { computed, nextTick } from 'vue'
import { firstOf } from '#core/defined'
import { moveCard, pickedCards, removeCard, renameCard, type Card, type CardPlace } from '#core/variables'
import { useLesson } from '~/stores/lesson'
import { cardWays, placeName } from '~/words/cardWords'

/** One card of the variables board: moved by drag, by arrow keys, or from its menu. */
const props = withDefaults(defineProps<{ card: Card; large?: boolean }>(), { large: false })
const store = useLesson()
const ways = computed(() => (cardWays.change.includes(props.card.place) ? cardWays.change : cardWays.measure))
const picked = computed(() => props.card.place === 'changed' || props.card.place === 'measured')

async function move(to: CardPlace) {
  if (to === props.card.place) return
  const { id, name } = props.card
  store.editPlan((plan) => moveCard(plan, id, to, store.open.school.cupboard))
  await nextTick()
  // A card gets another identifier where it stands for another part of the plan, so it is found by name.
  const place = document.querySelector(`[data-place="${to}"]`)
  const moved = [...(place?.querySelectorAll<HTMLElement>('[data-card]') ?? [])]
  moved.find((one) => one.dataset.name === name)?.focus()
}

function step(by: 1 | -1) {
  const to = ways.value[ways.value.indexOf(props.card.place) + by]
  if (to) void move(to)
}

/** A picked card goes back to its tray with all that it has; another one is taken off. */
function takeOff() {
  if (picked.value) return move(firstOf(ways.value))
  store.editPlan((plan) => removeCard(plan, props.card.id))
}

const moveWords = (place: CardPlace) =>
  ({
    'could-change': 'Put it back',
    'could-measure': 'Put it back',
    changed: 'Change this one',
    measured: 'Measure this one',
    'kept-same': 'Keep it the same',
  })[place]
</script>

<template>
  <BoardCard
    class="card"
    :class="[card.place, { picked }]"
    :words="card.name"
    label="Name of the card"
    :maxlength="80"
    :large="large"
    :data-card="card.id"
    :data-name="card.name"
    :aria-label="`${card.name}, ${placeName(card.place, store.words)}`"
    @step="step"
    @take-off="takeOff"
    @reword="store.editPlan((plan) => renameCard(plan, card.id, $event))"
    @keydown.enter.self.prevent="move(ways[1]!)"
  >
    <template #moves>
      <template v-for="place in ways" :key="place">
        <VListItem v-if="place !== card.place" :title="moveWords(place)" @click="move(place)" />
      </template>
    </template>
    <template #off>
      <VListItem
        v-if="card.id !== pickedCards.changed && card.id !== pickedCards.measured"
        title="Take it off"
        @click="store.editPlan((plan) => removeCard(plan, card.id))"
      />
    </template>
    <slot />
  </BoardCard>
</template>

<style scoped>
.card {
  border: 1.5px solid var(--ink-soft);
}

.card.picked {
  background: var(--teal-wash);
  border-color: var(--teal);
}

.card :deep(.words) {
  font-family: var(--heading);
  font-weight: 500;
}

.card.picked:not(.large) :deep(.words) {
  font-size: var(--text-lead);
}
</style>
