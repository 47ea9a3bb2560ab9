<script setup lang="ts">
import { mdiAccountGroup, mdiCupboardOutline, mdiNotebookOutline } from '@mdi/js'
</script>

<template>
  <header class="bar">
    <NuxtLink to="/" class="brand"
      ><img src="/favicon.svg" alt="" width="34" height="34" /><span>Jolly Beaker</span></NuxtLink
    >
    <nav aria-label="Main">
      <VBtn to="/" exact variant="text" :prepend-icon="mdiNotebookOutline">Logbook</VBtn>
      <VBtn to="/classes" variant="text" :prepend-icon="mdiAccountGroup">Classes</VBtn>
      <VBtn to="/school" variant="text" :prepend-icon="mdiCupboardOutline">School</VBtn>
    </nav>
  </header>
  <RoomWarning />
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 28px;
  padding: 10px 28px;
  border-bottom: 1px solid var(--line);
}

.brand {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 600 var(--text-heading) var(--heading);
  color: var(--ink);
  text-decoration: none;
}

nav {
  display: flex;
}

@media (max-width: 760px) {
  .bar {
    gap: 4px;
    padding: 6px 10px;
    justify-content: space-between;
  }

  .brand span {
    display: none;
  }

  nav .v-btn {
    padding-inline: 8px;
  }
}
</style>
