<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { levelsFromText, levelsText } from '#core/plan'
import { useFocusedField } from '~/composables/useFocusedField'
import { useLesson } from '~/stores/lesson'

/** All levels in one line: "10, 20, 30 cm", or "wool, foil, nothing". */
const props = defineProps<{ seed: string }>()
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const said = computed(() => levelsText(store.plan))
const text = ref(props.seed || said.value)
const typing = ref(props.seed !== '')
const { field, mark } = useFocusedField(() => typing.value)
const read = computed(() => levelsFromText(store.plan, text.value))
const problem = computed(() => (typing.value && !read.value.ok ? read.value.message : undefined))

// An undo, another screen, or the rows below.
watch(said, (now) => {
  if (!typing.value) text.value = now
})

// Emptied when the word shuts, which is no typing.
watch(
  () => props.seed,
  (typed) => typed && type(typed),
)

/** Taken when the line is finished: half a line would throw levels away that are still wanted. */
function take(): boolean {
  if (!typing.value) return true
  if (!read.value.ok) return false
  const { plan } = read.value
  // An emptied line is one that was given up; levels are taken out one by one below.
  const given = text.value.trim()
  if (given !== '' && given !== said.value) store.editPlan(() => plan)
  typing.value = false
  text.value = said.value
  return true
}

function type(typed: string) {
  typing.value = true
  text.value = typed
}
</script>

<template>
  <VTextField
    ref="field"
    :model-value="text"
    label="Levels in one line"
    placeholder="10, 20, 30 cm or wool, foil, nothing"
    :maxlength="800"
    :error-messages="problem"
    autocomplete="off"
    @update:model-value="type"
    @focus="mark"
    @blur="take"
    @keydown.enter.prevent="take() && emit('done')"
  />
</template>
