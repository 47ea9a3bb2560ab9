<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Slot } from '#core/record'
import { useLesson } from '../../stores/lesson'
import { useRoles } from '../../stores/roles'

/** Who does what in this try. */
const props = defineProps<{ groupIndex: number; slotAt: Slot }>()
const store = useLesson()
const roles = useRoles()
watch(
  () => store.open.id,
  (id) => void roles.load(id),
  { immediate: true },
)
const said = computed(() =>
  roles.loadedFor === store.open.id ? roles.saidAt(props.groupIndex, props.slotAt) : [],
)
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
