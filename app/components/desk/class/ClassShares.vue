<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { dayWords } from '~/words/dates'
import type { ClassShareDto, TeacherDto } from '#shared/types/people'
import { request } from '~/api/request'
import { useAccess } from '~/stores/access'
import { useNotices } from '~/stores/notices'

/** Whose the class is, and who else may use it: a colleague who covers a lesson, or the whole school. */
const props = defineProps<{ classId: string; className: string }>()
const access = useAccess()
const notices = useNotices()
const owner = ref<string | null>(null)
const shares = ref<ClassShareDto[]>([])
const teachers = ref<TeacherDto[]>([])
const everybody = 'everybody'
const chosen = ref(everybody)
const until = ref('')
const choices = computed(() => [
  { title: 'all teachers', value: everybody },
  ...teachers.value
    .filter((one) => one.name !== owner.value)
    .map((one) => ({ title: one.name, value: one.id })),
])

type Shares = { owner: string | null; shares: ClassShareDto[] }
function show(now: Shares) {
  owner.value = now.owner
  shares.value = now.shares
}

onMounted(() =>
  notices.attempt(async () => {
    await access.load()
    if (!access.teacher) return
    teachers.value = await request('GET', '/api/teachers')
    show(await request('GET', '/api/classes/:id/shares', { params: { id: props.classId } }))
  }),
)

const share = () =>
  notices.attempt(async () => {
    const teacherId = chosen.value === everybody ? null : chosen.value
    const body = { teacherId, until: until.value || null }
    show(await request('POST', '/api/classes/:id/shares', { params: { id: props.classId }, body }))
    until.value = ''
  })

const end = (shareId: string) =>
  notices.attempt(async () =>
    show(
      await request('DELETE', '/api/classes/:id/shares/:shareId', {
        params: { id: props.classId, shareId },
      }),
    ),
  )
const whole = ({ teacher, until: day }: ClassShareDto) =>
  `${teacher ?? 'All teachers'}${day ? `, until ${dayWords(day)}` : ''}`
</script>

<template>
  <section v-if="access.teacher" class="panel stack">
    <h2>Who may use this class</h2>
    <p>
      <template v-if="owner">{{ owner }}’s class. </template>
      <span v-if="shares.length === 0" class="soft">Nobody else sees it or its lessons.</span>
    </p>
    <ul v-if="shares.length" class="shares">
      <li v-for="one in shares" :key="one.id">
        {{ whole(one) }}<TakeOut :what="whole(one)" @click="end(one.id)" />
      </li>
    </ul>
    <form class="row" @submit.prevent="share">
      <VSelect v-model="chosen" :items="choices" label="Share with" class="with" />
      <VTextField v-model="until" type="date" label="Until (or for good)" class="until" />
      <VBtn type="submit" variant="outlined" color="primary">Share</VBtn>
    </form>
    <HandOver
      v-if="teachers.length > 1 && (access.isAdmin || access.teacher.name === owner)"
      :class-id="classId"
      :class-name="className"
      :owner="owner"
      :teachers="teachers"
    />
  </section>
</template>

<style scoped>
.shares {
  list-style: none;
  margin: 0;
  padding: 0;
}

.shares li {
  display: flex;
  align-items: center;
  gap: 8px;
}

.with {
  max-width: 260px;
}

.until {
  max-width: 200px;
}
</style>
