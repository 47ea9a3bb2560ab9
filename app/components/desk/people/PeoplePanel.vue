<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { AuditLineDto, SessionDto, TeacherDto } from '#shared/types/people'
import { request } from '~/api/request'
import { useAccess } from '~/stores/access'
import { useNotices } from '~/stores/notices'
import { momentWords } from '~/words/dates'

/** Who may sign in, where this teacher is signed in, and what was done that others may want to look up. */
const access = useAccess()
const notices = useNotices()
const teachers = ref<TeacherDto[]>([])
const sessions = ref<SessionDto[]>([])
const lines = ref<AuditLineDto[]>([])

async function load() {
  await access.load()
  if (!access.teacher) return
  teachers.value = await request('GET', '/api/teachers')
  sessions.value = await request('GET', '/api/me/sessions')
  if (access.isAdmin) lines.value = await request('GET', '/api/school/audit')
}
onMounted(() => notices.attempt(load))

const endSession = (id: string) =>
  notices.attempt(async () => {
    sessions.value = await request('DELETE', '/api/me/sessions/:id', { params: { id } })
    notices.tell('That device is signed out.')
  })
</script>

<template>
  <div v-if="access.data?.signIn === 'off'" class="stack">
    <p>
      Jolly Beaker works on this computer only, for whoever sits at it. Let teachers sign in to use it from
      other computers and phones, and to let children’s tablets join.
    </p>
    <div><VBtn color="primary" to="/start">Let teachers sign in</VBtn></div>
  </div>
  <div v-else-if="access.teacher" class="stack wide">
    <TeachersList v-model="teachers" @changed="load" />
    <section class="stack">
      <h2>You are signed in on</h2>
      <ul class="lines">
        <li v-for="one in sessions" :key="one.id">
          <span
            >A {{ one.device }}<template v-if="one.isThis"> (this one)</template>, last used
            {{ momentWords(one.seenAt) }}</span
          >
          <VBtn v-if="!one.isThis" size="small" variant="text" @click="endSession(one.id)"
            >Sign out there</VBtn
          >
        </li>
      </ul>
      <OwnPassphrase />
    </section>
    <section v-if="access.isAdmin" class="stack">
      <h2>What was done</h2>
      <p class="soft small">
        Signing in, changes of rights, files taken out and things removed. No child is named.
      </p>
      <ul class="lines audit">
        <li v-for="(one, index) in lines" :key="index">
          <span
            ><b>{{ one.who }}</b> {{ one.did }}</span
          ><span class="soft small">{{ momentWords(one.at) }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.wide {
  gap: 28px;
}

.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}

.lines li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}

.audit {
  max-height: 40vh;
  overflow-y: auto;
}
</style>
