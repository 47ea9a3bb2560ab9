<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { problemWords, request, RequestProblem } from '~/api/request'

/** A screen comes in by a link from a Desk: a Board, or a helper with the kit. */
const route = useRoute()
const router = useRouter()
const problem = ref<string | null>(null)
/** Whether the link itself is over; else it may open at the next try. */
const closed = ref(false)

async function open() {
  problem.value = null
  try {
    const { kind, lessonId } = await request('POST', '/api/links/open', {
      body: { secret: route.hash.slice(1) || '-' },
    })
    await router.replace(kind === 'board' ? `/board/${lessonId}` : `/packing/${lessonId}`)
  } catch (error) {
    problem.value = problemWords(error)
    closed.value = error instanceof RequestProblem && error.problem.code === 'invalid'
  }
}
onMounted(open)
useHead({ title: 'Opening · Jolly Beaker' })
</script>

<template>
  <CenteredCard :title="closed ? 'This link is closed' : problem ? 'This didn’t open' : 'Opening…'">
    <p v-if="problem" role="alert">{{ problem }}</p>
    <VBtn v-if="problem && !closed" color="primary" @click="open">Try again</VBtn>
  </CenteredCard>
</template>
