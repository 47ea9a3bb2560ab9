<script setup lang="ts">
import { mdiAccountGroup, mdiAccountOutline, mdiCupboardOutline, mdiNotebookOutline } from '@mdi/js'
import { useVisitor } from '~/composables/useVisitor'
import { useNotices } from '~/stores/notices'

const access = useVisitor()
const notices = useNotices()
</script>

<template>
  <header class="bar no-print">
    <NuxtLink to="/" class="brand"
      ><img src="/favicon.svg" alt="" width="34" height="34" /><span>Jolly Beaker</span></NuxtLink
    >
    <nav aria-label="Main">
      <VBtn to="/" exact variant="text" :prepend-icon="mdiNotebookOutline">Logbook</VBtn>
      <VBtn to="/classes" variant="text" :prepend-icon="mdiAccountGroup">Classes</VBtn>
      <VBtn to="/school" variant="text" :prepend-icon="mdiCupboardOutline">School</VBtn>
    </nav>
    <VMenu v-if="access.teacher">
      <template #activator="{ props: menu }">
        <VBtn v-bind="menu" variant="text" class="me" :prepend-icon="mdiAccountOutline">{{
          access.teacher.name
        }}</VBtn>
      </template>
      <VList density="compact">
        <VListItem title="Teachers and devices" to="/school?view=people" />
        <VListItem title="Sign out" @click="notices.attempt(access.signOut)" />
      </VList>
    </VMenu>
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

.me {
  margin-left: auto;
}

@media (max-width: 760px) {
  .me :deep(.v-btn__content) {
    display: none;
  }

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
