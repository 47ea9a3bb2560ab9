<script setup lang="ts">
import type { QuantityReading } from '#core/quantity'

/** A text that reads two ways, with both: nobody guesses which was meant. */
withDefaults(defineProps<{ readings: QuantityReading[]; large?: boolean }>(), { large: false })
defineEmits<{ choose: [value: number] }>()
</script>

<template>
  <span class="choice" role="alert" :class="{ large }">
    <template v-for="(reading, index) in readings" :key="reading.words">
      {{ index === 0 ? 'Is this' : 'or' }}
      <VBtn
        :size="large ? 'large' : 'small'"
        variant="outlined"
        color="primary"
        @click="$emit('choose', reading.value)"
        >{{ reading.words }}</VBtn
      >
    </template>
  </span>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  font-size: var(--text-small);
}

.large {
  font-size: var(--text-lead);
}
</style>
