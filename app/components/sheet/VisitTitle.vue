<script setup lang="ts">
import type { GroupDto } from '#shared/types/api'

/** Above what is shown of another group: who it is, what it is about, and a voice that reads it. */
defineProps<{ group: GroupDto; words: string; from: string }>()
</script>

<template>
  <VCardTitle class="head">
    <GroupEmblem class="wraps" :emblem="group.emblem" :size="30" named :name="group.name" />
    <span>{{ words }}</span>
    <ReadAloud :from="from" class="aloud" />
  </VCardTitle>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 14px;
  white-space: normal;
}

.aloud {
  margin-left: auto;
}
</style>
