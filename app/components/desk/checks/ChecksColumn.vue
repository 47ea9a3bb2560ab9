<script setup lang="ts">
import {
  mdiCheckCircle,
  mdiCircleOutline,
  mdiAlertCircle,
  mdiLightbulbOn,
  mdiShieldAlertOutline,
  mdiShieldCheck,
} from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useLesson } from '~/stores/lesson'
import { useFits } from '~/stores/fits'
import { useFairness } from '~/stores/fairness'
import { useNotices } from '~/stores/notices'
import { usePack } from '~/stores/pack'

/** The five checks: one line each when content, reason and remedies when not. */
const store = useLesson()
const fairness = useFairness()
const pack = usePack()
const fits = useFits()
const notices = useNotices()

const looks = {
  good: { icon: mdiCheckCircle, colour: 'primary', word: 'fair' },
  think: { icon: mdiLightbulbOn, colour: 'accent', word: 'worth a thought' },
  mend: { icon: mdiAlertCircle, colour: 'error', word: 'to fix' },
} as const
const look = computed(() => looks[fairness.fair.state])
const shows = ref<keyof typeof signs>('none')
const signs = {
  good: { icon: mdiCheckCircle, colour: 'primary', word: 'content' },
  think: { icon: mdiLightbulbOn, colour: 'accent', word: 'worth a thought' },
  mend: { icon: mdiAlertCircle, colour: 'error', word: 'to fix' },
  none: { icon: mdiCircleOutline, colour: undefined, word: 'not looked at yet' },
  toCheck: { icon: mdiShieldAlertOutline, colour: 'accent', word: 'to be checked' },
  confirmed: { icon: mdiShieldCheck, colour: 'primary', word: 'checked by the teacher' },
} as const
/** Safe is never content by itself: a teacher says so, or it waits for one. */
const safeState = computed(() =>
  pack.safe.state === 'mend' ? 'mend' : store.confirmed ? 'confirmed' : 'toCheck',
)
const fitsWords = {
  good: 'fits',
  think: 'little to spare',
  mend: 'too long',
  none: 'not looked at yet',
} as const
const fitsSign = computed(() => {
  const state = fits.fits?.state ?? 'none'
  return { ...signs[state], word: fitsWords[state] }
})
/** All five at a glance, however long the findings below are. */
const five = computed(() => [
  { name: 'Fair', ...signs[fairness.fair.state] },
  { name: 'Shows', ...signs[shows.value] },
  { name: 'Fits', ...fitsSign.value },
  { name: 'Kitted', ...signs[pack.data ? pack.kitted.state : 'none'] },
  { name: 'Safe', ...signs[safeState.value] },
])
const route = useRoute()
const planning = computed(() => route.path.endsWith('/plan'))
const packing = computed(() => route.path.endsWith('/pack'))
const usual = 2
const shown = ref(usual)
watch(
  () => store.open.id,
  (id) => {
    shown.value = usual
    void notices.attempt(() => pack.load(id))
  },
  { immediate: true },
)
// Another day has other lessons beside it.
watch(
  () => store.open.date,
  () => notices.attempt(() => pack.load(store.open.id)),
)
</script>

<template>
  <aside class="checks" aria-label="Checks of the plan">
    <h2 class="visually-hidden">Checks</h2>
    <ul class="five" aria-label="The five checks">
      <li v-for="one in five" :key="one.name" :title="one.word">
        <VIcon :icon="one.icon" :color="one.colour" size="18" />
        <span
          >{{ one.name }}<span class="visually-hidden">: {{ one.word }}</span></span
        >
      </li>
    </ul>
    <section class="check" aria-live="polite">
      <p class="line">
        <VIcon :icon="look.icon" :color="look.colour" size="20" />
        <b>Fair</b><span class="state">{{ look.word }}</span>
      </p>
      <FindingNote
        v-for="finding in fairness.fair.findings.slice(0, planning ? shown : 0)"
        :key="finding.code"
        :finding="finding"
        :data-finding="finding.code"
        class="finding"
      />
      <VBtn
        v-if="planning && fairness.fair.findings.length > shown"
        size="small"
        variant="text"
        @click="shown = 99"
      >
        {{ fairness.fair.findings.length - shown }} more
      </VBtn>
    </section>
    <ShowsCheck :brief="!planning" @state="shows = $event" />
    <FitsCheck :sign="fitsSign" :brief="!planning" />
    <KittedCheck
      :sign="signs[pack.data ? pack.kitted.state : 'none']"
      :brief="!packing"
      :class="{ first: packing }"
    />
    <SafeCheck
      :sign="signs[safeState]"
      :brief="planning"
      :class="{ first: packing || (!planning && !store.confirmed) }"
    />
  </aside>
</template>

<style scoped>
.checks {
  flex: 1;
  padding: 14px 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  overflow-y: auto;
}

.five {
  list-style: none;
  margin: -14px 0 4px;
  padding: 14px 0 8px;
  background: var(--surface-warm);
  z-index: 1;
  display: flex;
  justify-content: space-between;
  border-bottom: 1px solid var(--line);
  position: sticky;
  top: -14px;
}

.five li {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  font: 500 var(--text-caption) var(--heading);
}

.five {
  order: -2;
}

.first {
  order: -1;
}

.checks :deep(.line) {
  display: flex;
  align-items: center;
  gap: 8px;
}

.checks :deep(.state) {
  margin-left: auto;
  font-size: var(--text-small);
  color: var(--ink-soft);
}

.checks :deep(.finding) {
  border-left: 3px solid var(--marigold);
  padding: 4px 0 6px 10px;
  margin-top: 8px;
  font-size: var(--text-small);
  line-height: 1.35;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 6px;
}

.checks :deep(.finding.mend) {
  border-color: var(--coral);
}

.checks :deep(.finding .v-btn) {
  height: auto;
  min-height: 28px;
  white-space: normal;
  text-align: left;
  padding-block: 3px;
}
</style>
