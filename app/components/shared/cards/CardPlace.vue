<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { VueDraggable, type SortableEvent } from 'vue-draggable-plus'
import { addIdea, moveCard, variableCards, type CardPlace } from '#core/variables'
import { useLesson } from '~/stores/lesson'
import { placeName } from '~/words/cardWords'

/** One place of the variables board, with the cards that lie in it. */
const props = withDefaults(defineProps<{ place: CardPlace; empty?: string; large?: boolean }>(), {
  empty: '',
  large: false,
})
const store = useLesson()
const cards = computed(() => variableCards(store.plan).filter((card) => card.place === props.place))
const measures = computed(() => props.place === 'could-measure' || props.place === 'measured')
const tray = computed(() => props.place === 'could-change' || props.place === 'could-measure')
const typed = ref('')

function add() {
  const name = typed.value.trim()
  if (!name) return
  store.editPlan((plan) => addIdea(plan, measures.value ? 'measure' : 'change', name))
  typed.value = ''
}

function drop(event: SortableEvent) {
  const id = event.item.dataset.card
  if (id) store.editPlan((plan) => moveCard(plan, id, props.place, store.open.school.cupboard))
}
</script>

<template>
  <section
    class="place"
    :class="[place, { large }]"
    :data-place="place"
    :aria-label="placeName(place, store.words)"
  >
    <h2>{{ placeName(place, store.words) }}</h2>
    <form v-if="tray" class="add" @submit.prevent="add">
      <VTextField
        v-model="typed"
        :label="measures ? 'Something to measure' : 'Something to make different'"
        :maxlength="80"
        :append-inner-icon="typed ? mdiPlus : undefined"
        @click:append-inner="add"
      />
    </form>
    <VueDraggable
      :model-value="cards"
      tag="ul"
      :group="measures ? 'measure' : 'change'"
      :sort="false"
      :animation="120"
      :force-fallback="true"
      :fallback-tolerance="4"
      filter="button, input, textarea"
      :prevent-on-filter="false"
      class="cards"
      :data-empty="cards.length === 0 ? empty : undefined"
      @add="drop"
    >
      <VariableCard v-for="card in cards" :key="card.id" :card="card" :large="large">
        <slot :card="card" />
      </VariableCard>
    </VueDraggable>
    <slot name="after" />
  </section>
</template>

<style scoped>
.place {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
  min-height: 0;
}

h2 {
  font-size: var(--text-body);
}

.large h2 {
  font-size: var(--board-lead);
}

.large .add :deep(input),
.large .add :deep(label) {
  font-size: var(--board-text);
}

.cards {
  flex: 1;
  margin: 0;
  padding: 8px;
  min-height: 62px;
  border-radius: var(--radius);
  background: var(--surface-sunk);
  display: flex;
  flex-direction: column;
  gap: 6px;
  overflow-y: auto;
}

.changed .cards,
.measured .cards {
  background: var(--surface);
  border: 2px dashed var(--teal);
}

.cards[data-empty]:empty::before {
  content: attr(data-empty);
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.large .cards[data-empty]:empty::before {
  font-size: var(--board-text);
}
</style>
