<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'

/** What somebody wants to say about a try that counts all the same. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ where: string; note: string }>()
const emit = defineEmits<{ note: [note: string] }>()
const words = ref('')
const field = ref<{ focus: () => void } | null>(null)
watch(shown, async () => {
  words.value = props.note
  await nextTick()
  field.value?.focus()
})
</script>

<template>
  <VDialog v-model="shown" max-width="440" aria-label="A note about a try">
    <VCard title="What about this try?" :subtitle="where">
      <VCardText>
        <form class="stack" @submit.prevent="emit('note', words.trim())">
          <VTextField ref="field" v-model="words" label="Like “pressed the button late”" :maxlength="160" />
          <VBtn type="submit" color="primary">Keep the note</VBtn>
          <p class="small soft">The try counts as before.</p>
        </form>
      </VCardText>
    </VCard>
  </VDialog>
</template>
