<script setup lang="ts">
import { computed } from 'vue'
import type { Slot } from '#core/entries'
import { useLessonRoles } from '~/composables/useLessonRoles'

/** Who does what in this try. */
const props = defineProps<{ groupIndex: number; slotAt: Slot }>()
const { roles, ready } = useLessonRoles()
const said = computed(() => (ready.value ? roles.saidAt(props.groupIndex, props.slotAt) : []))
</script>

<template>
  <p v-if="said.length" class="roles" aria-label="Who does what">
    <span v-for="one in said" :key="one.does"
      ><b>{{ one.name }}</b> {{ one.does }}</span
    >
  </p>
</template>

<style scoped>
.roles {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  margin-top: 10px;
  color: var(--ink-soft);
}
</style>
