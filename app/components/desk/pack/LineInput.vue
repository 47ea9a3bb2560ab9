<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { describeLine, understandLine } from '#core/kit'
import type { Material } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** One line of the kit, typed as one would say it; what was understood stands beneath as it is typed. */
const props = withDefaults(defineProps<{ label?: string; start?: string; act?: string }>(), {
  label: 'Add, like “2 sheets of card per level”',
  start: '',
  act: 'Add',
})
const emit = defineEmits<{ line: [material: Omit<Material, 'id'>] }>()
const store = useLesson()
const text = ref(props.start)
const asked = ref(false)
watch(
  () => props.start,
  (start) => (text.value = start),
)
const read = computed(() => (text.value.trim() === '' ? null : understandLine(text.value, store.plan)))
const understood = computed(() => (read.value?.ok ? describeLine(read.value.material, store.plan) : ''))
/** Nobody is told off in the middle of a word: what cannot be read is said once it is meant. */
const problem = computed(() => (asked.value && read.value && !read.value.ok ? read.value.message : ''))

function give() {
  asked.value = true
  if (!read.value?.ok) return
  emit('line', read.value.material)
  text.value = ''
  asked.value = false
}
</script>

<template>
  <form class="line-input" @submit.prevent="give">
    <VTextField
      v-model="text"
      :label="label"
      :maxlength="200"
      :error-messages="problem || undefined"
      :messages="understood"
      autocomplete="off"
      @update:model-value="asked = false"
    />
    <VBtn type="submit" color="primary" variant="tonal" :disabled="text.trim() === ''">{{ act }}</VBtn>
    <slot />
  </form>
</template>

<style scoped>
.line-input {
  display: flex;
  gap: 8px;
  align-items: flex-start;
}

.line-input > :first-child {
  flex: 1;
}

.line-input :deep(.v-btn) {
  height: 40px;
}
</style>
