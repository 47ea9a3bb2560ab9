<script setup lang="ts">
import { mdiContentSaveOutline, mdiDownload } from '@mdi/js'
import { format, isThisYear } from 'date-fns'
import pluralize from 'pluralize'
import { computed, onMounted, ref } from 'vue'
import type { BackupsDto } from '#shared/types/machine'
import { request } from '~/api/request'
import { useNotices } from '~/stores/notices'

const notices = useNotices()
const kept = ref<BackupsDto | null>(null)
const making = ref(false)
const address = (name: string) => `/api/school/backups/${encodeURIComponent(name)}`

async function look() {
  kept.value = await request('GET', '/api/school/backups')
}
onMounted(() => notices.attempt(look))

async function makeNow() {
  making.value = true
  await notices.attempt(async () => {
    const { name } = await request('POST', '/api/school/backups', { takes: 'picture' })
    window.location.assign(address(name))
    notices.tell('The backup is ready. Keep the file on another disk or a memory stick.')
  })
  making.value = false
  await notices.attempt(look)
}

const when = (made: string) => format(made, isThisYear(made) ? 'EEEE d MMMM, HH:mm' : 'd MMMM yyyy, HH:mm')
const newest = computed(() => kept.value?.backups[0])
</script>

<template>
  <div v-if="kept?.here" class="stack">
    <div class="spread">
      <div>
        <p class="sentence">
          <template v-if="newest">The newest backup is of {{ when(newest.made) }}.</template>
          <template v-else>There is no backup yet.</template>
        </p>
        <p v-if="kept.failed" class="failed" role="alert">
          We couldn’t make the last backup. Check that the disk has room, then make one now.
        </p>
        <p class="soft">
          We make one a minute after every start and then every hour, and keep those of the last day, two
          weeks and two months. They are on this machine’s own disk, so if that breaks they go too: save one
          to a memory stick or another disk now and then.
        </p>
      </div>
      <VBtn color="primary" :loading="making" :prepend-icon="mdiContentSaveOutline" @click="makeNow"
        >Make one now and save it</VBtn
      >
    </div>
    <ul class="backups">
      <li v-for="one in kept.backups" :key="one.name">
        <span>{{ when(one.made) }}</span>
        <span class="soft">{{ one.lessons === null ? '' : pluralize('lesson', one.lessons, true) }}</span>
        <VBtn
          :href="address(one.name)"
          download
          variant="text"
          size="small"
          :prepend-icon="mdiDownload"
          :aria-label="`Save the backup of ${when(one.made)}`"
          >Save</VBtn
        >
      </li>
    </ul>
    <p class="soft">
      A backup holds children’s first names, what they said and their pictures: treat it like other school
      records. To go back to one, whoever looks after this machine stops Jolly Beaker and runs
      <code>npm run restore -- FILE</code>. It asks twice and keeps what was there.
    </p>
  </div>
  <p v-else-if="kept">Your data is on a database server. Back it up there.</p>
</template>

<style scoped>
.sentence {
  margin: 0 0 4px;
  font: 600 var(--text-lead) var(--heading);
}

.failed {
  margin: 0 0 4px;
  color: rgb(var(--v-theme-error));
}

.backups {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 46vh;
  overflow-y: auto;
}

.backups li {
  display: grid;
  grid-template-columns: 18rem 8rem auto;
  align-items: center;
  justify-content: start;
  gap: 12px;
  border-bottom: 1px solid var(--line);
}
</style>
