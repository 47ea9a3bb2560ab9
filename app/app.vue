<script setup lang="ts">
import { onMounted, ref, watchEffect } from 'vue'
import { firstScreenStands, laterComponent } from './loading/later'
import { useNotices } from './stores/notices'

const NoticeBar = laterComponent(() => import('./components/frame/NoticeBar.vue'))
const notices = useNotices()
/** From the first notice on, so that the last one can leave slowly. */
const noticed = ref(false)
watchEffect(() => (noticed.value ||= notices.current !== null))
// Lessons say so themselves; on every other page what tells of a lost connection must be there before it is lost.
onMounted(() => setTimeout(firstScreenStands, 1500))
</script>

<template>
  <VApp>
    <NuxtPage />
    <NoticeBar v-if="noticed" />
  </VApp>
</template>
