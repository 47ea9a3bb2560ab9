<script setup lang="ts">
import { ref } from 'vue'

/** A time in a sentence: pressed, it can be typed over. Clear it and we estimate it again. */
const value = defineModel<number | null>({ required: true })
withDefaults(
  defineProps<{
    label: string
    text: string
    unit: 'min' | 's'
    most: number
    chosen: boolean
    least?: number
  }>(),
  { least: 0 },
)
const shown = ref(false)
</script>

<template>
  <VMenu v-model="shown" :close-on-content-click="false" location="bottom start">
    <template #activator="{ props: activator }">
      <button
        type="button"
        class="time-word"
        :class="{ chosen }"
        v-bind="activator"
        aria-haspopup="dialog"
        :aria-label="`${label}: ${text}`"
      >
        {{ text }}
      </button>
    </template>
    <div
      class="opened"
      role="dialog"
      :aria-label="label"
      @keydown.esc="shown = false"
      @keydown.enter="shown = false"
    >
      <QuantityField
        v-model="value"
        :unit="unit"
        :label="label"
        :least="least"
        :greatest="most"
        optional
        autofocus
      />
      <p class="small soft">
        {{ chosen ? 'Clear it and we estimate it again.' : 'Estimated. Type how long it takes.' }}
      </p>
    </div>
  </VMenu>
</template>

<style scoped>
.time-word {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-radius: 4px;
  padding: 2px;
  min-height: 28px;
  cursor: pointer;
  text-decoration: underline dotted 1.5px var(--ink-soft);
  text-underline-offset: 0.24em;
}

.time-word.chosen {
  font-weight: 600;
  text-decoration: underline solid 2px var(--teal);
}

.time-word:hover {
  background: var(--teal-wash);
}

.time-word:focus-visible {
  outline: 3px solid var(--teal);
  outline-offset: 2px;
}

.opened {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  box-shadow: 0 8px 28px rgb(31 42 68 / 16%);
  padding: 12px;
  width: 260px;
  display: grid;
  gap: 8px;
}
</style>
