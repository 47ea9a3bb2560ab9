<script setup lang="ts">
import { ref, watchEffect } from 'vue'
import { laterComponent } from './loading/later'
import { useNotices } from './stores/notices'

const NoticeBar = laterComponent(() => import('./components/frame/NoticeBar.vue'))
const notices = useNotices()
/** From the first notice on, so that the last one can leave slowly. */
const noticed = ref(false)
watchEffect(() => (noticed.value ||= notices.current !== null))
</script>

<template>
  <VApp>
    <NuxtPage />
    <NoticeBar v-if="noticed" />
  </VApp>
</template>
