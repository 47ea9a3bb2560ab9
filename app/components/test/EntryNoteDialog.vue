<script setup lang="ts">
import { ref, watch } from 'vue'

/** What somebody wants to say about a try that counts all the same. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ where: string; note: string }>()
const emit = defineEmits<{ note: [note: string] }>()
const words = ref('')
watch(shown, () => (words.value = props.note))
</script>

<template>
  <VDialog v-model="shown" max-width="440" aria-label="A note about a try">
    <VCard title="What about this try?" :subtitle="where">
      <VCardText>
        <form class="stack" @submit.prevent="emit('note', words.trim())">
          <VTextField v-model="words" label="Like “pressed the button late”" :maxlength="160" autofocus />
          <VBtn type="submit" color="primary">Keep the note</VBtn>
          <p class="small soft">The try counts as before.</p>
        </form>
      </VCardText>
    </VCard>
  </VDialog>
</template>
