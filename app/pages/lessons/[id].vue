<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Stage } from '#core/lesson'
import { useDeskKey } from '~/composables/useDeskKeys'
import { useLiveLesson } from '~/composables/useLiveLesson'
import { useStages } from '~/composables/useStages'
import { useAfterPaint } from '~/loading/afterPaint'
import { useLesson } from '~/stores/lesson'

const route = useRoute()
const router = useRouter()
const store = useLesson()
const id = computed(() => String(route.params.id))
const { lost } = useLiveLesson(id)
const stages = useStages()
const stage = computed(() => (route.path.split('/')[3] ?? 'plan') as Stage)
const keysShown = ref(false)
const open = computed(() => store.lesson?.id === id.value)
const wordsStand = useAfterPaint(() => open.value)
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
    <template v-if="open">
      <DeskBar :stage="stage" :lost="lost" @keys="keysShown = true" />
      <RoomWarning />
      <LessonRemoved own />
      <RefusedActs />
      <PartsBar :stage="stage" />
      <ClockBar :stage="stage" />
      <div v-if="stage !== 'wonder'" class="strip-place">
        <BenchStrip v-if="wordsStand" :stage="stage" />
      </div>
      <div class="work">
        <div class="stage-work" tabindex="0" role="region" aria-label="The work of this stage">
          <NuxtPage />
        </div>
        <div v-if="withChecks" class="checks-place"><ChecksColumn v-if="wordsStand" :stage="stage" /></div>
      </div>
      <KeysDialog v-model="keysShown" />
      <ClashDialog v-if="store.clashes.length > 0" />
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

/* Room for what comes a moment after the words, so that nothing moves when it does. */
.strip-place {
  flex: none;
  height: 136px;
  background: var(--surface);
  border-bottom: 1px solid var(--line);
  overflow: hidden;
}

.checks-place {
  flex: none;
  width: 290px;
  display: flex;
  background: var(--surface-warm);
  border-left: 1px solid var(--line);
}

/* The page moves as a whole, and the checks stand beneath what they are about. */
@media (max-width: 960px) {
  .desk {
    height: auto;
    min-height: 100vh;
    overflow: visible;
  }

  .work {
    flex-direction: column;
  }

  .stage-work {
    flex: none;
    overflow: visible;
    padding: 12px;
  }

  .checks-place {
    width: auto;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
</style>
