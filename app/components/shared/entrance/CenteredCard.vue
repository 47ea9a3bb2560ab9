<script setup lang="ts">
/** A page with one thing on it: the first start, signing in, joining. */
defineProps<{ title: string }>()
</script>

<template>
  <VMain class="page">
    <section class="card stack" :aria-label="title">
      <p class="brand"><img src="/favicon.svg" alt="" width="34" height="34" /> Jolly Beaker</p>
      <h1>{{ title }}</h1>
      <slot />
    </section>
  </VMain>
</template>

<style scoped>
.page {
  display: grid;
  place-items: center;
  min-height: 100vh;
  padding: 16px;
}

.card {
  width: min(100%, 520px);
  gap: 16px;
  padding: clamp(18px, 4vw, 34px);
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.brand {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 600 var(--text-heading) var(--heading);
}
</style>
