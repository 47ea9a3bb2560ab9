<script setup lang="ts">
/** All tries are in: the group's own numbers, to look at and talk about. */
defineProps<{ groupId: string }>()
</script>

<template>
  <section class="step">
    <h1>All your tries are in</h1>
    <p>What do you see in your numbers? Were they what you predicted?</p>
    <GroupReadings :group-id="groupId" />
  </section>
</template>

<style scoped>
.step {
  font-size: var(--text-lead);
}

h1 {
  font-size: var(--text-large);
}
</style>
