<script setup lang="ts">
/** What follows an answer: it is written down, or asked about first. */
defineProps<{ asked: string | null; kept: string; complete: boolean }>()
defineEmits<{ again: []; keep: [] }>()
</script>

<template>
  <div v-if="asked" class="said-of-answer" role="alert">
    <p>{{ asked }}</p>
    <VBtn size="large" variant="flat" color="primary" block @click="$emit('again')">Look again</VBtn>
    <VBtn size="large" variant="outlined" block @click="$emit('keep')">Keep {{ kept }}</VBtn>
  </div>
  <VBtn v-else type="submit" color="primary" size="x-large" block :disabled="!complete">Write it down</VBtn>
</template>
