import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import {
  arranged,
  everythingShown,
  ownRecord,
  paperParts,
  papers,
  reportFacts,
  type Arrangement,
  type PaperChoices,
  type PaperKind,
} from '#core/report'
import { currentDay } from '#shared/lesson/currentDay'
import { reportedLesson } from '#shared/lesson/reportedLesson'
import { useResults } from '~/stores/results'
import { usePrintLesson } from './usePrintLesson'

/** How a paper was arranged on this device, and what is left to the children. */
export type PaperSettings = Arrangement & PaperChoices & { large: boolean; whose: 'group' | 'child' }

/** What a paper has until somebody chooses: a page for the journal has room to draw in place of the chart. */
const usual = (paper: PaperKind): PaperSettings => ({
  ...everythingShown,
  ...{ order: [], leftOut: paper === 'journal' ? ['chart'] : [], large: false, whose: 'group' },
})

/** What was kept, where it can be read; else what is usual: a paper that can't be shown would stay so on this device. */
function settingsFrom(stored: Partial<PaperSettings> | null, usual: PaperSettings): PaperSettings {
  const settings = { ...usual, ...stored }
  return Array.isArray(settings.order) && Array.isArray(settings.leftOut) ? settings : usual
}

/** A paper of the lesson in the address, with how it was arranged on this device. */
export function useLessonPaper(paper: PaperKind) {
  const { store, ready } = usePrintLesson()
  const results = useResults()
  const settings = useLocalStorage(`jolly-beaker-paper-${paper}`, usual(paper), {
    mergeDefaults: settingsFrom,
  })
  const lesson = computed(() => reportedLesson(store.open, currentDay()))
  const facts = computed(() => reportFacts(lesson.value, results.evidence))
  const chosen = computed(() => ({ ...facts.value, choices: settings.value }))
  /** What each group's page has; none on papers of the class. */
  const ofGroups = computed(() =>
    ready.value && paper === 'journal' ? lesson.value.groups.map((_, index) => ofGroup(index)) : [],
  )
  const ofGroup = (index: number, seat = 0) =>
    paperParts(paper, { ...chosen.value, own: ownRecord(lesson.value, facts.value, index, seat) })
  /** Every part that any of the pages has. */
  const whole = computed(() => {
    if (!ready.value) return []
    if (ofGroups.value.length === 0) return paperParts(paper, chosen.value)
    return papers[paper].flatMap((id) => ofGroups.value.flat().find((part) => part.id === id) ?? [])
  })
  /** Every part in the order that was chosen. */
  const all = computed(() => arranged(whole.value, { ...settings.value, leftOut: [] }))
  const parts = computed(() => arranged(whole.value, settings.value))
  return { store, ready, settings, lesson, facts, all, parts, ofGroup }
}
