<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { WordEdit } from '#core/method'
import { useFocusedField } from '~/composables/useFocusedField'
import { useLesson } from '~/stores/lesson'

/** A word that is typed; the sentence follows while it is. */
const props = defineProps<{ edit: Extract<WordEdit, { kind: 'text' }>; label: string; seed: string }>()
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const text = ref(props.seed || props.edit.value)
const { field, mark } = useFocusedField(() => props.seed !== '')
// Emptied when the word shuts, which is no typing.
watch(
  () => props.seed,
  (typed) => typed && type(typed),
)
onMounted(() => props.seed && type(props.seed))

const problem = computed(() =>
  text.value === props.edit.value ? undefined : (props.edit.problem?.(text.value) ?? undefined),
)

function type(typed: string) {
  text.value = typed
  store.editPlan((plan) => props.edit.put(plan, typed), props.label)
}
</script>

<template>
  <VTextField
    ref="field"
    :model-value="text"
    :label="label"
    :placeholder="edit.placeholder"
    :error-messages="problem"
    :maxlength="edit.most"
    autocomplete="off"
    @update:model-value="type"
    @focus="mark"
    @keydown.enter.prevent="!problem && emit('done')"
  />
</template>
