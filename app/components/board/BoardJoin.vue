<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { request } from '~/api/request'
import { useReached } from '~/composables/useReached'
import { useVisitor } from '~/composables/useVisitor'
import { useLesson } from '~/stores/lesson'

/** Where tablets join, while a teacher has joining open. */
const store = useLesson()
const access = useVisitor()
const code = ref<string | null>(null)
const { reached } = useReached()

onMounted(async () => {
  const { signIn } = access.data ?? (await access.load().catch(() => ({ signIn: 'off' as const })))
  if (signIn !== 'on') return
  const joining = await request('GET', '/api/lessons/:id/joining', { params: { id: store.open.id } }).catch(
    () => null,
  )
  code.value = joining?.code ?? null
})
</script>

<template>
  <p v-if="code" class="join">
    Tablets: <b>{{ reached }}/join</b> · <b class="number">{{ code }}</b>
  </p>
</template>

<style scoped>
.join {
  font-size: var(--board-small);
  white-space: nowrap;
}
</style>
