<script setup lang="ts">
/** One of a few answers, as large buttons. */
defineProps<{
  options: readonly { title: string; value: string }[]
  chosen: string | null
  disabled?: boolean
}>()
const emit = defineEmits<{ choose: [value: string] }>()
</script>

<template>
  <div class="choices" role="group">
    <button
      v-for="option in options"
      :key="option.value"
      type="button"
      class="choice"
      :disabled="disabled"
      :aria-pressed="chosen === option.value"
      @click="emit('choose', option.value)"
    >
      {{ option.title }}
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  gap: 12px;
}
</style>
