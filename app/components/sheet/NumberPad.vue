<script setup lang="ts">
import { mdiBackspaceOutline } from '@mdi/js'
import { computed } from 'vue'
import { padBack, padKeys, padMinus, pressPad, type FieldDefinition } from '#core/recording'

/** Large keys in place of the device's own keyboard, with only what this number can have. */
const text = defineModel<string>({ required: true })
const props = defineProps<{ field: FieldDefinition }>()
const emit = defineEmits<{ pressed: [] }>()
const digits = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0']
const others = computed(() => padKeys(props.field))

function press(key: string) {
  text.value = pressPad(text.value, key)
  emit('pressed')
}
</script>

<template>
  <div class="pad" role="group" aria-label="Number pad">
    <button v-for="digit in digits" :key="digit" type="button" @click="press(digit)">{{ digit }}</button>
    <button v-for="{ key, label } in others" :key="key" type="button" :aria-label="label" @click="press(key)">
      {{ key === padMinus ? '−' : key }}
    </button>
    <button type="button" aria-label="Take the last one off" @click="press(padBack)">
      <VIcon :icon="mdiBackspaceOutline" size="26" />
    </button>
  </div>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 6px;
}

button {
  min-height: 52px;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  color: var(--ink);
  font: 600 var(--text-title) var(--heading);
}

button:active {
  background: var(--teal-wash);
  border-color: var(--teal);
}
</style>
