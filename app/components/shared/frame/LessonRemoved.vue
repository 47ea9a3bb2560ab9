<script setup lang="ts">
import { mdiArchiveOutline } from '@mdi/js'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'

/** On the teacher's own screens it can be put back from here. */
defineProps<{ own?: boolean }>()
const store = useLesson()
const school = useSchool()
const notices = useNotices()

function putBack() {
  void notices.attempt(async () => {
    await school.restoreLesson(store.open.id)
    notices.tell('The lesson is back in the logbook.')
  })
}
</script>

<template>
  <p v-if="store.open.removed" class="banner no-print" role="status">
    <VIcon :icon="mdiArchiveOutline" size="20" />
    <span
      >This lesson was removed from the logbook. Everything saved is still there, but nothing new can be
      saved.</span
    >
    <VBtn v-if="own" variant="outlined" size="small" @click="putBack">Put it back</VBtn>
  </p>
</template>
