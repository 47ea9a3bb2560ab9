<script setup lang="ts">
import { mdiAccountPlusOutline } from '@mdi/js'
import { ref } from 'vue'
import type { TeacherDto } from '#shared/types/people'
import { problemWords, request, RequestProblem } from '~/api/request'
import { vFocus } from '~/composables/vFocus'
import { useAccess } from '~/stores/access'
import { useNotices } from '~/stores/notices'

/** Everybody who may sign in; an admin adds and removes them. */
const teachers = defineModel<TeacherDto[]>({ required: true })
const emit = defineEmits<{ changed: [] }>()
const access = useAccess()
const notices = useNotices()
const adding = ref(false)
const name = ref('')
const passphrase = ref('')
const problems = ref<Record<string, string>>({})
/** Who gets a new passphrase. */
const resetting = ref<TeacherDto | null>(null)
const removing = ref<TeacherDto | null>(null)

function begin(teacher: TeacherDto | null) {
  resetting.value = teacher
  adding.value = teacher === null
  name.value = ''
  passphrase.value = ''
  problems.value = {}
}

async function save() {
  problems.value = {}
  try {
    if (resetting.value)
      await request('PUT', '/api/teachers/:id/passphrase', {
        params: { id: resetting.value.id },
        body: { passphrase: passphrase.value },
      })
    else
      await request('POST', '/api/teachers', {
        body: { name: name.value, passphrase: passphrase.value, role: 'teacher' },
      })
    notices.tell('Tell them the passphrase yourself. They can change it once they are signed in.')
    adding.value = false
    resetting.value = null
    emit('changed')
  } catch (error) {
    const told = error instanceof RequestProblem ? error.problem.fields : []
    problems.value = Object.fromEntries(told.map(({ path, message }) => [path, message]))
    if (told.length === 0) problems.value.passphrase = problemWords(error)
  }
}

const setRole = ({ id, role }: TeacherDto) =>
  notices.attempt(async () => {
    const body = { role: role === 'admin' ? ('teacher' as const) : ('admin' as const) }
    teachers.value = await request('PATCH', '/api/teachers/:id', { params: { id }, body })
    emit('changed')
  })

async function remove() {
  const id = removing.value?.id
  removing.value = null
  if (id === undefined) return
  await notices.attempt(async () => {
    teachers.value = await request('DELETE', '/api/teachers/:id', { params: { id } })
    emit('changed')
  })
}
const isOpen = () => adding.value || resetting.value !== null
</script>

<template>
  <section class="stack">
    <div class="spread">
      <h2>Teachers</h2>
      <VBtn
        v-if="access.isAdmin"
        color="primary"
        variant="outlined"
        :prepend-icon="mdiAccountPlusOutline"
        @click="begin(null)"
        >Add a teacher</VBtn
      >
    </div>
    <ul class="teachers">
      <li v-for="one in teachers" :key="one.id">
        <span
          ><b>{{ one.name }}</b
          ><span v-if="one.role === 'admin'" class="soft"> · admin</span
          ><span v-if="one.id === access.teacher?.id" class="soft"> · you</span></span
        >
        <DotsMenu v-if="access.isAdmin && one.id !== access.teacher?.id" :label="`More for ${one.name}`">
          <VListItem
            :title="one.role === 'admin' ? 'Make them a teacher' : 'Make them an admin'"
            @click="setRole(one)"
          />
          <VListItem title="Give a new passphrase" @click="begin(one)" />
          <VListItem title="Remove" @click="removing = one" />
        </DotsMenu>
      </li>
    </ul>
    <form v-if="isOpen()" class="panel fields" @submit.prevent="save">
      <VTextField
        v-if="adding"
        v-model="name"
        v-focus
        label="Name, as colleagues say it"
        :maxlength="60"
        :error-messages="problems.name"
      />
      <p v-else>{{ resetting?.name }} gets a new passphrase and is signed out everywhere.</p>
      <PassphraseField
        v-model="passphrase"
        label="A first passphrase"
        is-new
        :problem="problems.passphrase"
      />
      <div class="row">
        <VBtn type="submit" color="primary">{{ adding ? 'Add them' : 'Change it' }}</VBtn>
        <VBtn variant="text" @click="((adding = false), (resetting = null))">Cancel</VBtn>
      </div>
    </form>
    <VDialog
      :model-value="removing !== null"
      max-width="440"
      aria-label="Remove a teacher"
      @update:model-value="removing = null"
    >
      <VCard :title="`Remove ${removing?.name}?`">
        <VCardText>
          They are signed out everywhere. Their classes and lessons stay, and come to you.
        </VCardText>
        <VCardActions>
          <VBtn @click="removing = null">Keep them</VBtn>
          <VBtn color="error" variant="flat" @click="remove">Remove</VBtn>
        </VCardActions>
      </VCard>
    </VDialog>
  </section>
</template>

<style scoped>
.teachers {
  list-style: none;
  margin: 0;
  padding: 0;
}

.teachers li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 40px;
  border-bottom: 1px solid var(--line);
}

.fields {
  display: grid;
  gap: 12px;
  max-width: 480px;
}
</style>
