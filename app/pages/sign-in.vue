<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { problemWords, request } from '~/api/request'
import { vFocus } from '~/composables/vFocus'
import { useAccess } from '~/stores/access'

const access = useAccess()
const route = useRoute()
const router = useRouter()
const name = ref('')
const passphrase = ref('')
const problem = ref<string | null>(null)
const busy = ref(false)
const demo = computed(() => access.data?.demo ?? null)
/** Where the teacher wanted to go; a page of ours and nothing else. */
const to = computed(() => {
  const wanted = String(route.query.to ?? '/')
  return wanted.startsWith('/') && !wanted.startsWith('//') ? wanted : '/'
})

onMounted(async () => {
  try {
    const { signIn, visitor } = await access.load()
    if (signIn === null) await router.replace('/start')
    else if (visitor.kind === 'teacher') await router.replace(to.value)
  } catch (error) {
    problem.value = problemWords(error)
  }
})

async function signIn() {
  busy.value = true
  problem.value = null
  try {
    await request('POST', '/api/session', { body: { name: name.value, passphrase: passphrase.value } })
    await access.load()
    await router.push(to.value)
  } catch (error) {
    problem.value = problemWords(error)
    busy.value = false
  }
}

function fillIn() {
  if (!demo.value) return
  name.value = demo.value.name
  passphrase.value = demo.value.passphrase
}
useHead({ title: 'Sign in · Jolly Beaker' })
</script>

<template>
  <CenteredCard :title="access.data?.schoolName || 'Sign in'">
    <form class="stack" @submit.prevent="signIn">
      <div v-if="demo" class="demo small">
        <p>
          This is a demo school. Sign in as <b>{{ demo.name }}</b> with <b>{{ demo.passphrase }}</b><template
            v-if="demo.code"
            >; children’s tablets join with the code <b class="number">{{ demo.code }}</b></template
          >.
        </p>
        <VBtn size="small" variant="tonal" color="secondary" @click="fillIn">Fill it in</VBtn>
      </div>
      <VTextField v-model="name" v-focus label="Your name" :maxlength="60" autocomplete="username" />
      <PassphraseField v-model="passphrase" label="Your passphrase" />
      <PlainHttpNote />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <VBtn type="submit" color="primary" size="large" :loading="busy" :disabled="!name || !passphrase"
        >Sign in</VBtn
      >
      <p class="small soft">
        Forgotten it? Ask an admin of your school for a new one. Children don’t sign in: their tablets
        <NuxtLink to="/join">join with a code</NuxtLink>.
      </p>
    </form>
  </CenteredCard>
</template>

<style scoped>
.problem {
  color: rgb(var(--v-theme-error));
}

.demo {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 12px;
  border-radius: var(--radius);
  background: var(--teal-wash);
}
</style>
