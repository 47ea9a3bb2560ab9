<script setup lang="ts">
/** What it means that a page came over a network without encryption; nothing is said at the machine itself. */
const isPlain =
  window.location.protocol === 'http:' &&
  !['localhost', '127.0.0.1', '[::1]'].includes(window.location.hostname)
</script>

<template>
  <p v-if="isPlain" class="small note" role="note">
    This connection isn’t encrypted: somebody else on this network could read along. Use it on the school’s
    own network only. Whoever looks after the machine can turn encryption on with
    <code>npm run certificate</code>.
  </p>
</template>

<style scoped>
.note {
  padding: 10px 12px;
  border-left: 3px solid var(--marigold);
  background: var(--marigold-wash);
}
</style>
