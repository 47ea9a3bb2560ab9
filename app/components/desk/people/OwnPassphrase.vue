<script setup lang="ts">
import { ref } from 'vue'
import { problemWords, request } from '~/api/request'
import { useNotices } from '~/stores/notices'

/** A teacher changes their own passphrase. */
const notices = useNotices()
const shown = ref(false)
const old = ref('')
const passphrase = ref('')
const problem = ref<string>()

async function change() {
  problem.value = undefined
  try {
    await request('PUT', '/api/me/passphrase', { body: { old: old.value, passphrase: passphrase.value } })
    notices.tell('Your passphrase is changed. Other devices have to sign in again.')
    shown.value = false
    old.value = passphrase.value = ''
  } catch (error) {
    problem.value = problemWords(error)
  }
}
</script>

<template>
  <div>
    <VBtn v-if="!shown" variant="text" color="secondary" @click="shown = true">Change my passphrase</VBtn>
    <form v-else class="fields" @submit.prevent="change">
      <PassphraseField v-model="old" label="The one you have now" />
      <PassphraseField v-model="passphrase" label="The new one" is-new :problem="problem" />
      <div class="row">
        <VBtn type="submit" color="primary" :disabled="!old || !passphrase">Change it</VBtn>
        <VBtn variant="text" @click="shown = false">Cancel</VBtn>
      </div>
    </form>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  max-width: 480px;
}
</style>
