<script setup lang="ts">
import { mdiArrowRight } from '@mdi/js'
import { changesNothing, hasPair } from '#core/variables'
import { useLesson } from '~/stores/lesson'

/** Everything that could be changed and measured; one card each is picked, the others are kept the same. */
withDefaults(defineProps<{ large?: boolean }>(), { large: false })
const emit = defineEmits<{ onward: [] }>()
const store = useLesson()
</script>

<template>
  <div class="variables" :class="{ large }">
    <CardPlace
      place="could-change"
      class="could-change"
      :large="large"
      empty="All of them have found a place."
    />
    <CardPlace
      place="changed"
      class="changed"
      :large="large"
      :empty="
        changesNothing(store.plan)
          ? 'Nothing is changed here. Pull a card in to change it.'
          : 'Pull one card here.'
      "
    />
    <CardPlace place="kept-same" class="kept-same" :large="large" empty="The other cards fall in here.">
      <template #default="{ card }">
        <KeptSameWay v-if="!large" :id="card.id" />
      </template>
      <template v-if="!large" #after>
        <VBtn
          color="primary"
          size="large"
          :append-icon="mdiArrowRight"
          :disabled="!hasPair(store.plan)"
          @click="emit('onward')"
          >On to the plan</VBtn
        >
      </template>
    </CardPlace>
    <CardPlace place="could-measure" class="could-measure" :large="large" empty="Nothing else so far." />
    <CardPlace place="measured" class="measured" :large="large" empty="Pull one card here." />
  </div>
</template>

<style scoped>
.variables {
  height: 100%;
  display: grid;
  grid-template:
    'could-change changed kept-same' minmax(0, 1.25fr)
    'could-measure measured kept-same' minmax(0, 1fr)
    / 1fr 0.9fr 1.2fr;
  gap: 14px 16px;
}

.could-change {
  grid-area: could-change;
}

.changed {
  grid-area: changed;
}

.kept-same {
  grid-area: kept-same;
}

.could-measure {
  grid-area: could-measure;
}

.measured {
  grid-area: measured;
}

@media (max-width: 1000px) {
  .variables:not(.large) {
    height: auto;
    grid-template: none;
    grid-template-columns: 1fr;
  }

  .variables:not(.large) > * {
    grid-area: auto;
  }
}
</style>
