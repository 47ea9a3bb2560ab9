<script setup lang="ts">
import { mdiSourceBranch } from '@mdi/js'
import { ref } from 'vue'
import { request } from '~/api/request'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Gives some groups a test of their own under the same question. */
const store = useLesson()
const notices = useNotices()
const router = useRouter()
const shown = ref(false)
const chosen = ref<string[]>([])

function toggle(id: string) {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id]
}

async function split() {
  const made = await notices.attempt(() =>
    request('POST', '/api/lessons/:id/parts', {
      params: { id: store.open.id },
      body: { groupIds: chosen.value },
    }),
  )
  shown.value = false
  chosen.value = []
  if (made) await router.push(`/lessons/${made.id}/plan`)
}
</script>

<template>
  <span v-if="store.open.wholeId === store.open.id && store.groups.length > 1">
    <VBtn
      size="small"
      variant="text"
      color="primary"
      :prepend-icon="mdiSourceBranch"
      title="Some groups test another idea under the same question"
      @click="shown = true"
      >Own test</VBtn
    >
    <VDialog v-model="shown" max-width="460" aria-label="A test of their own">
      <VCard title="Which groups test their own idea?">
        <VCardText class="stack">
          <p>They keep the question and begin with a copy of this plan. The others stay with this one.</p>
          <div class="groups">
            <VCheckbox
              v-for="group in store.groups"
              :key="group.id"
              :model-value="chosen.includes(group.id)"
              :label="group.name"
              @update:model-value="toggle(group.id)"
            />
          </div>
        </VCardText>
        <VCardActions>
          <VBtn @click="shown = false">Not now</VBtn>
          <VBtn
            color="primary"
            variant="flat"
            :disabled="chosen.length === 0 || chosen.length >= store.groups.length"
            @click="split"
            >Give them their own test</VBtn
          >
        </VCardActions>
      </VCard>
    </VDialog>
  </span>
</template>

<style scoped>
.groups {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
</style>
