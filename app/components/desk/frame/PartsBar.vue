<script setup lang="ts">
import { mdiSourceMerge } from '@mdi/js'
import { computed } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'
import type { Stage } from '#core/lesson'

/** The tests under one question, each with its groups; the one on the screen is marked. */
defineProps<{ stage: Stage }>()
const store = useLesson()
const school = useSchool()
const notices = useNotices()
const router = useRouter()
/** The plan on the screen is newer than what the server told of it. */
const parts = computed(() =>
  store.open.parts.map((part) =>
    part.id === store.open.id
      ? { ...part, changed: store.plan.changed.name, measured: store.plan.measured.name }
      : part,
  ),
)

async function rejoin() {
  const { id, wholeId } = store.open
  const removed = await notices.attempt(async () => {
    await school.removeLesson(id)
    return true
  })
  if (!removed) return
  await router.push(`/lessons/${wholeId}/plan`)
  notices.tell('The groups are back with the first test.', () => school.restoreLesson(id))
}
</script>

<template>
  <nav v-if="store.open.parts.length > 1" class="parts no-print" aria-label="Tests under this question">
    <NuxtLink
      v-for="part in parts"
      :key="part.id"
      :to="`/lessons/${part.id}/${stage}`"
      class="part"
      :class="{ here: part.id === store.open.id }"
      :aria-current="part.id === store.open.id ? 'page' : undefined"
    >
      <GroupEmblem
        v-for="group in part.groups"
        :key="group.id"
        :emblem="group.emblem"
        :size="16"
        named
        :name="''"
      />
      <span>{{ part.changed || 'no idea yet' }} → {{ part.measured || '…' }}</span>
    </NuxtLink>
    <VBtn
      v-if="store.open.wholeId !== store.open.id"
      size="x-small"
      variant="text"
      :prepend-icon="mdiSourceMerge"
      @click="rejoin"
      >Back to the first test</VBtn
    >
  </nav>
</template>

<style scoped>
.parts {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 4px 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
  overflow-x: auto;
}

.part {
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 2px 10px;
  border: 1px solid var(--line);
  border-radius: 999px;
  color: var(--ink) !important;
  text-decoration: none;
  font-size: var(--text-small);
  white-space: nowrap;
}

.part.here {
  background: var(--surface);
  border-color: var(--teal);
  box-shadow: inset 0 -2px var(--teal);
}
</style>
