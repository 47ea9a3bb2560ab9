<script setup lang="ts">
defineProps<{ problem: string | null }>()
</script>

<template>
  <div class="loading">
    <template v-if="problem">
      <h1>We can’t open this lesson</h1>
      <p>{{ problem }}</p>
      <VBtn color="primary" to="/">Open the logbook</VBtn>
    </template>
    <template v-else>
      <VProgressCircular indeterminate color="primary" aria-label="Opening the lesson" />
    </template>
  </div>
</template>

<style scoped>
.loading {
  min-height: 60vh;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 16px;
  padding: 24px;
  text-align: center;
}
</style>
