<script setup lang="ts">
import { computed, ref } from 'vue'
import type { TeacherDto } from '#shared/types/people'
import { request } from '~/api/request'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'

/** Gives the class to its next teacher, after a question. */
const props = defineProps<{
  classId: string
  className: string
  owner: string | null
  teachers: TeacherDto[]
}>()
const notices = useNotices()
const school = useSchool()
const router = useRouter()
const asked = ref(false)
const chosen = ref<string | null>(null)
const choices = computed(() =>
  props.teachers
    .filter(({ name }) => name !== props.owner)
    .map(({ id, name }) => ({ title: name, value: id })),
)
const next = computed(() => choices.value.find(({ value }) => value === chosen.value)?.title ?? null)

const handOver = () =>
  notices.attempt(async () => {
    if (chosen.value === null) return
    const params = { id: props.classId }
    await request('PUT', '/api/classes/:id/owner', { params, body: { teacherId: chosen.value } })
    asked.value = false
    // The class is handed over, whether or not the list reloads.
    await notices.attempt(() => school.load())
    notices.tell(`${props.className} is ${next.value}’s class now.`)
    await router.push('/classes')
  })
</script>

<template>
  <VBtn variant="text" color="secondary" class="hand-over" @click="asked = true"
    >Hand it over to its next teacher</VBtn
  >
  <VDialog v-model="asked" max-width="440" aria-label="Hand the class over">
    <VCard :title="`Hand ${className || 'this class'} over`">
      <VCardText class="stack">
        <VSelect v-model="chosen" :items="choices" label="To whom" hide-details />
        <p>
          {{ next ?? 'The next teacher' }} gets the class with its lessons, readings and children’s names.
          Nobody else sees it then, unless it is shared again. The year at a glance shows what the class has
          met.
        </p>
      </VCardText>
      <VCardActions>
        <VBtn variant="text" @click="asked = false">Keep it</VBtn>
        <VBtn color="primary" variant="elevated" :disabled="chosen === null" @click="handOver"
          >Hand it over</VBtn
        >
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.hand-over {
  align-self: flex-start;
}
</style>
