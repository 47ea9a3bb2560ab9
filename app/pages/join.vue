<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { problemWords, request } from '~/api/request'

/** A device joins a lesson: with the code from the board, or by the square that holds it. */
const route = useRoute()
const router = useRouter()
const code = ref('')
/** The group whose tray card was read. */
const group = ref<string | null>(null)
const problem = ref<string | null>(null)
const busy = ref(false)
const left = computed(() => route.query.left === 'yes')

async function join() {
  busy.value = true
  problem.value = null
  try {
    const { lessonId } = await request('POST', '/api/join', { body: { code: code.value } })
    await router.push({ path: `/sheet/${lessonId}`, query: group.value ? { group: group.value } : {} })
  } catch (error) {
    problem.value = problemWords(error)
  } finally {
    busy.value = false
  }
}

onMounted(() => {
  const [read, ofGroup] = route.hash.slice(1).split('.')
  if (!read) return
  code.value = read
  group.value = ofGroup ?? null
  void join()
})
useHead({ title: 'Join a lesson · Jolly Beaker' })
</script>

<template>
  <CenteredCard :title="left ? 'This tablet isn’t in the lesson now' : 'Join your lesson'">
    <form class="stack" @submit.prevent="join">
      <p v-if="left">What you wrote is kept on this tablet. Ask your teacher, then type the code to go on.</p>
      <label class="code">
        <span>Type the code on the board</span>
        <input
          v-model="code"
          type="text"
          maxlength="12"
          autocomplete="off"
          autocapitalize="characters"
          spellcheck="false"
          autofocus
        />
      </label>
      <p v-if="problem" class="said-of-answer" role="alert">{{ problem }}</p>
      <VBtn type="submit" color="primary" size="x-large" :loading="busy" :disabled="!code.trim()">Join</VBtn>
      <p class="small soft">Are you a teacher? <NuxtLink to="/sign-in">Sign in</NuxtLink>.</p>
    </form>
  </CenteredCard>
</template>

<style scoped>
.code {
  display: grid;
  gap: 8px;
}

.code input {
  width: 100%;
  min-width: 0;
  padding: 12px;
  border: 3px solid var(--ink);
  border-radius: var(--radius);
  background: var(--surface);
  color: var(--ink);
  font: 600 var(--text-hero) var(--heading);
  letter-spacing: 0.12em;
  text-align: center;
  text-transform: uppercase;
}
</style>
