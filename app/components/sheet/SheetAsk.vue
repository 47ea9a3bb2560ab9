<script setup lang="ts">
/** What is asked before an answer is kept: look again, or keep it. */
defineProps<{ message: string; kept: string }>()
defineEmits<{ again: []; keep: [] }>()
</script>

<template>
  <div class="told" role="alert">
    <p>{{ message }}</p>
    <VBtn size="large" variant="flat" color="primary" block @click="$emit('again')">Look again</VBtn>
    <VBtn size="large" variant="outlined" block @click="$emit('keep')">Keep {{ kept }}</VBtn>
  </div>
</template>

<style scoped>
.told {
  background: var(--marigold-wash);
  border-radius: var(--radius);
  padding: 14px;
  font-size: var(--text-lead);
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
