<script setup lang="ts">
import { toString } from 'qrcode'
import { ref, watch } from 'vue'

/** A square that a camera reads. */
const props = defineProps<{ text: string; label: string }>()
const source = ref('')
watch(
  () => props.text,
  async (text) => {
    const drawn = await toString(text, { type: 'svg', margin: 1 })
    source.value = `data:image/svg+xml,${encodeURIComponent(drawn)}`
  },
  { immediate: true },
)
</script>

<template>
  <img v-if="source" :src="source" :alt="label" class="qr" />
</template>

<style scoped>
/* Whoever shows it says how large it is. */
:where(.qr) {
  display: block;
  width: 100%;
  image-rendering: pixelated;
}
</style>
