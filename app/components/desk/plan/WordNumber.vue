<script setup lang="ts">
import { watch } from 'vue'
import type { WordEdit } from '#core/method'
import { useFocusedField } from '~/composables/useFocusedField'
import { useLesson } from '~/stores/lesson'

/** A word that is a number. */
const props = defineProps<{ edit: Extract<WordEdit, { kind: 'number' }>; label: string; seed: string }>()
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const { field, mark } = useFocusedField(() => props.seed !== '')

function put(value: number | null) {
  store.editPlan((plan) => props.edit.put(plan, value), props.label)
}

/** Digits typed on the word itself count as far as they are a number that fits. */
function begin(typed: string) {
  const number = Number(typed)
  const { edit } = props
  const { least, greatest } = edit
  if (typed && (!edit.whole || Number.isInteger(number)) && number >= least && number <= greatest) put(number)
}
watch(() => props.seed, begin, { immediate: true })
</script>

<template>
  <QuantityField
    ref="field"
    :unit="edit.unit"
    :whole="edit.whole"
    :label="label"
    :suffix="edit.suffix"
    :least="edit.least"
    :greatest="edit.greatest"
    :optional="edit.optional"
    :model-value="edit.value"
    @update:model-value="put"
    @focus="mark"
    @keydown.enter.prevent="emit('done')"
  />
</template>
