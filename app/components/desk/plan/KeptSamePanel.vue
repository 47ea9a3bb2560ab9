<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { planLimits } from '#core/plan'
import { addIdea, moveCard, removeCard, variableCards } from '#core/variables'
import { useFocusedField } from '~/composables/useFocusedField'
import { useLesson } from '~/stores/lesson'

/** What is kept the same, and how; one more is typed below. */
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const { field } = useFocusedField()
const more = ref('')

/** A card that lies in the tray of ideas is taken from there. */
function add() {
  const name = more.value.trim()
  if (name === '') return emit('done')
  store.editPlan((plan) => {
    const next = addIdea(plan, 'change', name)
    const card = variableCards(next).find(
      (one) => one.place === 'could-change' && one.name.toLowerCase() === name.toLowerCase(),
    )
    return card ? moveCard(next, card.id, 'kept-same') : next
  })
  more.value = ''
}
</script>

<template>
  <div class="stack same">
    <div v-for="one in store.plan.keptSame" :key="one.id" class="line">
      <b>{{ one.name }}</b>
      <KeptSameWay :id="one.id" />
      <TakeOut :what="one.name" @click="store.editPlan((plan) => removeCard(plan, one.id))" />
    </div>
    <div v-if="store.plan.keptSame.length < planLimits.keptSame" class="line more">
      <VTextField
        ref="field"
        v-model="more"
        label="Keep one more thing the same"
        :maxlength="80"
        autocomplete="off"
        @keydown.enter.prevent="add"
      />
      <VBtn :icon="mdiPlus" size="small" variant="text" color="primary" aria-label="Add it" @click="add" />
    </div>
  </div>
</template>

<style scoped>
.same {
  gap: 4px;
}

.line {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) auto;
  align-items: center;
  gap: 8px;
}

.more {
  grid-template-columns: minmax(0, 1fr) auto;
  margin-top: 6px;
}
</style>
