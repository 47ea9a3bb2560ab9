<script setup lang="ts">
import { onMounted, ref, watchEffect } from 'vue'
import { allPartsLoaded, preloadRemaining, lazyComponent, partsFailed } from './loading/lazy'
import { waitUntilIdle } from './loading/idle'
import { useNotices } from './stores/notices'
import { deleteExpired } from './stores/sending/deleteExpired'

const NoticeBar = lazyComponent(() => import('./components/shared/frame/NoticeBar.vue'))
const notices = useNotices()
/** From the first notice on, so that the last one can leave slowly. */
const noticed = ref(false)
watchEffect(() => (noticed.value ||= notices.current !== null))
// What tells of a lost connection must be there before it is lost.
onMounted(() => {
  void preloadRemaining()
  void waitUntilIdle().then(() => deleteExpired())
})
const loadAnew = () => window.location.reload()
</script>

<template>
  <VApp :data-parts="allPartsLoaded ? 'all' : 'some'">
    <p v-if="partsFailed" class="banner no-print" role="alert">
      <span>Part of this page didn’t load. Reload it; what was recorded is kept.</span>
      <button type="button" @click="loadAnew">Reload the page</button>
    </p>
    <NuxtPage />
    <NoticeBar v-if="noticed" />
  </VApp>
</template>
