<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Stage } from '#shared/types/api'
import { useDeskKey } from '../../composables/useDeskKeys'
import { useLiveLesson } from '../../composables/useLiveLesson'
import { useStages } from '../../composables/useStages'
import { useLesson } from '../../stores/lesson'

const route = useRoute()
const router = useRouter()
const store = useLesson()
const id = computed(() => String(route.params.id))
const { connected } = useLiveLesson(id)
const stages = useStages()
const stage = computed(() => (route.path.split('/')[3] ?? 'plan') as Stage)
const keysShown = ref(false)
useEventListener(window, 'beforeunload', (event) => {
  if (store.saving !== 'saved') event.preventDefault()
})
const withChecks = computed(() => ['plan', 'pack', 'test'].includes(stage.value))

useDeskKey(['1', '2', '3', '4', '5', '6'], (key) => {
  const to = stages.value[Number(key) - 1]
  if (store.lesson && to) void router.push(`/lessons/${id.value}/${to.stage}`)
})
useDeskKey(['b'], () => window.open(`/board/${id.value}`, '_blank'))
useDeskKey(['u'], () => store.undoPlan())
useDeskKey(['?'], () => (keysShown.value = true))
useHead({ title: () => (store.lesson ? `${store.plan.title || 'Lesson'} · Jolly Beaker` : 'Jolly Beaker') })
</script>

<template>
  <VMain class="desk">
    <template v-if="store.lesson && store.lesson.id === id">
      <DeskBar :stage="stage" :connected="connected" @keys="keysShown = true" />
      <RoomWarning />
      <LessonRemoved own />
      <RefusedActs />
      <PartsBar :stage="stage" />
      <BenchStrip v-if="stage !== 'wonder'" :stage="stage" />
      <div class="work">
        <div class="stage-work" tabindex="0" role="region" aria-label="The work of this stage">
          <NuxtPage />
        </div>
        <ChecksColumn v-if="withChecks" />
      </div>
      <KeysDialog v-model="keysShown" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.desk {
  height: 100vh;
  display: flex;
  flex-direction: column;
  overflow: hidden;
}

.work {
  flex: 1;
  display: flex;
  min-height: 0;
}

.stage-work {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 16px 20px;
}
</style>
