import { computed } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { everythingShown, ownRecord, paperParts, reportFacts, type ReportPart } from '#core/report'
import type { useLessonPaper } from './useLessonPaper'

type Paper = Pick<ReturnType<typeof useLessonPaper>, 'ready' | 'lesson' | 'settings' | 'parts'>

/** What is left to the children on a paper, done for the teacher; of every group where the paper is a group's. */
export function useAnswerKey({ ready, lesson, settings, parts }: Paper) {
  const done = computed(() => (ready.value ? reportFacts(lesson.value, everythingShown) : null))
  const isLeft = ({ body }: ReportPart) =>
    (body.kind === 'tables' && settings.value.sums === 'left') ||
    (body.kind === 'chart' && settings.value.chart !== 'drawn')

  const readers = computed(() =>
    isDoneForAll(lesson.value.plan) ? lesson.value.groups.slice(0, 1) : lesson.value.groups,
  )

  return computed<ReportPart[]>(() => {
    const facts = done.value
    if (facts === null) return []
    const left = parts.value.filter(isLeft).map(({ id }) => id)
    const ofClass = paperParts('report', facts)
    return [
      ...ofClass.filter(({ id }) => left.includes(id)),
      ...(left.includes('own-readings') ? readers.value : []).flatMap((group, groupIndex) =>
        paperParts('journal', { ...facts, own: ownRecord(lesson.value, facts, groupIndex) })
          .filter(({ id }) => id === 'own-readings')
          .map((part) => ({ ...part, heading: group.name })),
      ),
    ]
  })
}
