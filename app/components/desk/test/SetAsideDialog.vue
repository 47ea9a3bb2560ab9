<script setup lang="ts">
import { ref, watch } from 'vue'
import { setAsideReasons } from '#core/entries'

/** Why does a try not count? One press on the usual reasons. */
const shown = defineModel<boolean>({ required: true })
defineProps<{ where: string }>()
const emit = defineEmits<{ reason: [reason: string] }>()
const other = ref(false)
const words = ref('')
watch(shown, () => {
  other.value = false
  words.value = ''
})

function choose(reason: string) {
  if (reason === 'something else') other.value = true
  else emit('reason', reason)
}
</script>

<template>
  <VDialog v-model="shown" max-width="440" aria-label="Set a try aside">
    <VCard title="What went wrong?" :subtitle="where">
      <VCardText class="stack">
        <template v-if="!other">
          <VBtn
            v-for="reason in setAsideReasons"
            :key="reason"
            variant="outlined"
            size="large"
            block
            @click="choose(reason)"
            >{{ reason }}</VBtn
          >
        </template>
        <form v-else class="stack" @submit.prevent="words.trim() && emit('reason', words.trim())">
          <VTextField v-model="words" label="In a few words" :maxlength="160" autofocus />
          <VBtn type="submit" color="primary" :disabled="!words.trim()">Set aside and repeat</VBtn>
        </form>
        <p class="small soft">The number stays in the journal. The try is then open for a repeat.</p>
      </VCardText>
      <VCardActions><VBtn @click="shown = false">It counts after all</VBtn></VCardActions>
    </VCard>
  </VDialog>
</template>
