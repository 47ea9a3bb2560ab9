<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js'

/** Three dots, behind which stands what else can be done with a thing. */
withDefaults(defineProps<{ label: string; size?: string }>(), { size: 'x-small' })
</script>

<template>
  <VMenu>
    <template #activator="{ props: menu }">
      <VBtn v-bind="menu" :icon="mdiDotsVertical" :size="size" variant="text" :aria-label="label" />
    </template>
    <VList density="compact">
      <slot />
    </VList>
  </VMenu>
</template>
