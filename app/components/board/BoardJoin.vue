<script setup lang="ts">
import { useJoining } from '~/composables/useJoining'
import { useNetworkAddress } from '~/composables/useNetworkAddress'
import { useLesson } from '~/stores/lesson'

/** Where tablets join, while a teacher has joining open. */
const store = useLesson()
const code = useJoining(() => store.open.id)
const { reached, origin } = useNetworkAddress()
</script>

<template>
  <div v-if="code" class="join">
    <QrCode :text="`${origin}/join#${code}`" label="Join with a camera" class="square" />
    <p>
      Tablets: <b>{{ reached }}/join</b> · <b class="number">{{ code }}</b>
    </p>
  </div>
</template>

<style scoped>
.join {
  display: flex;
  align-items: center;
  gap: 16px;
  font-size: var(--board-small);
  white-space: nowrap;
}

.square {
  width: 5em;
}
</style>
