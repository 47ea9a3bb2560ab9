<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js'
import { computed, nextTick, ref } from 'vue'
import { moveCard, pickedCards, removeCard, renameCard, type Card, type CardPlace } from '#core/variables'
import { useLesson } from '../../../stores/lesson'
import { cardWays, placeName } from '../../../words/cardWords'

/** One card of the variables board: moved by drag, by arrow keys, or from its menu. */
const props = withDefaults(defineProps<{ card: Card; large?: boolean }>(), { large: false })
const store = useLesson()
const draft = ref<string | null>(null)
const field = ref<{ focus: () => void } | null>(null)
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
  if (picked.value) return move(ways.value[0]!)
  store.editPlan((plan) => removeCard(plan, props.card.id))
}

async function rename() {
  draft.value = props.card.name
  await nextTick()
  field.value?.focus()
}

function keep() {
  const name = draft.value ?? ''
  draft.value = null
  store.editPlan((plan) => renameCard(plan, props.card.id, name))
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
  <li
    class="card"
    :class="[card.place, { large, picked }]"
    tabindex="0"
    :data-card="card.id"
    :data-name="card.name"
    :aria-label="`${card.name}, ${placeName(card.place, store.words)}`"
    @keydown.left.self.prevent="step(-1)"
    @keydown.right.self.prevent="step(1)"
    @keydown.enter.self.prevent="move(ways[1]!)"
    @keydown.delete.self.prevent="takeOff()"
  >
    <div class="top">
      <VTextField
        v-if="draft !== null"
        ref="field"
        v-model="draft"
        :maxlength="80"
        label="Name of the card"
        @keydown.enter.prevent="keep"
        @keydown.esc="draft = null"
        @blur="keep"
      />
      <b v-else class="name">{{ card.name || '…' }}</b>
      <VMenu>
        <template #activator="{ props: menu }">
          <VBtn
            v-bind="menu"
            :icon="mdiDotsVertical"
            :size="large ? 'default' : 'x-small'"
            variant="text"
            :aria-label="`More for ${card.name}`"
          />
        </template>
        <VList density="compact">
          <template v-for="place in ways" :key="place">
            <VListItem v-if="place !== card.place" :title="moveWords(place)" @click="move(place)" />
          </template>
          <VListItem title="Change the words" @click="rename" />
          <VListItem
            v-if="card.id !== pickedCards.changed && card.id !== pickedCards.measured"
            title="Take it off"
            @click="store.editPlan((plan) => removeCard(plan, card.id))"
          />
        </VList>
      </VMenu>
    </div>
    <slot />
  </li>
</template>

<style scoped>
.card {
  list-style: none;
  background: var(--surface);
  border: 1.5px solid var(--ink-soft);
  border-radius: 8px;
  padding: 5px 2px 5px 10px;
  cursor: grab;
}

.card.picked {
  background: var(--teal-wash);
  border-color: var(--teal);
}

.top {
  display: flex;
  align-items: center;
  gap: 4px;
}

.name {
  flex: 1;
  font: 500 var(--text-body)/1.25 var(--heading);
  overflow-wrap: anywhere;
}

.picked .name {
  font-size: var(--text-lead);
}

.large .name {
  font-size: var(--board-text);
}
</style>
