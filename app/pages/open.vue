<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { request } from '~/api/request'

/** A screen comes in by a link from a Desk: a Board, or a helper with the kit. */
const route = useRoute()
const router = useRouter()
const problem = ref<string | null>(null)

onMounted(async () => {
  try {
    const { kind, lessonId } = await request('POST', '/api/links/open', {
      body: { secret: route.hash.slice(1) || '-' },
    })
    await router.replace(kind === 'board' ? `/board/${lessonId}` : `/packing/${lessonId}`)
  } catch {
    problem.value = 'This link doesn’t open anything any more. Ask the teacher for a new one.'
  }
})
useHead({ title: 'Opening · Jolly Beaker' })
</script>

<template>
  <CenteredCard :title="problem ? 'This link is closed' : 'Opening…'">
    <p v-if="problem" role="alert">{{ problem }}</p>
  </CenteredCard>
</template>
