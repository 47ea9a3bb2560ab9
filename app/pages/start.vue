<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { problemWords, request, RequestProblem } from '~/api/request'
import { useAccess } from '~/stores/access'

/** The first start of a school: who will use it. */
const access = useAccess()
const router = useRouter()
const who = ref<'teachers' | 'device'>('teachers')
const schoolName = ref('')
const name = ref('')
const passphrase = ref('')
const problem = ref<string | null>(null)
const fields = ref<Record<string, string>>({})
const busy = ref(false)
/** A school on this device only may begin with sign-in later. */
const isLater = computed(() => access.data?.signIn === 'off')

onMounted(async () => {
  try {
    const { signIn, schoolName: known } = await access.load()
    schoolName.value ||= known
    if (signIn === 'on') await router.replace('/sign-in')
  } catch (error) {
    problem.value = problemWords(error)
  }
})

async function start() {
  busy.value = true
  problem.value = null
  fields.value = {}
  const teacher = who.value === 'teachers' ? { name: name.value, passphrase: passphrase.value } : null
  try {
    await request('POST', '/api/set-up', { body: { schoolName: schoolName.value, teacher } })
    await access.load()
    await router.push('/')
  } catch (error) {
    const told = error instanceof RequestProblem ? error.problem.fields : []
    fields.value = Object.fromEntries(told.map(({ path, message }) => [path, message]))
    if (told.length === 0) problem.value = problemWords(error)
  } finally {
    busy.value = false
  }
}
useHead({ title: 'First start · Jolly Beaker' })
</script>

<template>
  <CenteredCard :title="isLater ? 'Let teachers sign in' : 'Who will use Jolly Beaker here?'">
    <form class="stack" @submit.prevent="start">
      <template v-if="!isLater">
        <button type="button" class="choice" :aria-pressed="who === 'teachers'" @click="who = 'teachers'">
          <span
            >Teachers of our school<small
              >Each signs in, from any computer or phone in the school.</small
            ></span
          >
        </button>
        <button type="button" class="choice" :aria-pressed="who === 'device'" @click="who = 'device'">
          <span
            >Only me, on this computer<small
              >No passphrase. Other computers and tablets can’t use it.</small
            ></span
          >
        </button>
      </template>
      <VTextField
        v-model="schoolName"
        label="What is your school called?"
        :maxlength="80"
        autocomplete="organization"
        :error-messages="fields.schoolName"
      />
      <template v-if="who === 'teachers'">
        <VTextField
          v-model="name"
          label="Your name, as colleagues say it"
          :maxlength="60"
          autocomplete="username"
          :error-messages="fields['teacher.name']"
        />
        <PassphraseField
          v-model="passphrase"
          label="Your passphrase"
          is-new
          :problem="fields['teacher.passphrase']"
        />
        <PlainHttpNote />
      </template>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <VBtn type="submit" color="primary" size="large" :loading="busy">Start</VBtn>
      <p class="small soft">
        Everything stays on this machine.
        {{
          who === 'teachers'
            ? 'You can add colleagues later, under School.'
            : 'You can let colleagues sign in later, under School.'
        }}
      </p>
    </form>
  </CenteredCard>
</template>

<style scoped>
.problem {
  color: rgb(var(--v-theme-error));
}

.choice {
  cursor: pointer;
  font-size: var(--text-lead);
}

.choice small {
  font: 400 var(--text-small) var(--text);
}
</style>
