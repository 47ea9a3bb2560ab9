import { computed } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { ownRecord, paperParts, type ReportPart } from '#core/report'
import type { useLessonPaper } from './useLessonPaper'

type Paper = Pick<ReturnType<typeof useLessonPaper>, 'lesson' | 'facts' | 'settings' | 'parts'>

/** What is left to the children on a paper, done for the teacher; of every group where the paper is a group's. */
export function useAnswerKey({ lesson, facts, settings, parts }: Paper) {
  const isLeft = ({ body }: ReportPart) =>
    (body.kind === 'tables' && settings.value.sums === 'left') ||
    (body.kind === 'chart' && settings.value.chart !== 'drawn')
  const left = computed(() => new Set(parts.value.filter(isLeft).map(({ id }) => id)))

  return computed<ReportPart[]>(() => {
    if (left.value.size === 0) return []
    const { groups, plan } = lesson.value
    const readers = !left.value.has('own-readings') ? [] : isDoneForAll(plan) ? groups.slice(0, 1) : groups
    return [
      ...paperParts('report', facts.value).filter(({ id }) => left.value.has(id)),
      ...readers.flatMap((group, groupIndex) =>
        paperParts('journal', { ...facts.value, own: ownRecord(lesson.value, facts.value, groupIndex) })
          .filter(({ id }) => id === 'own-readings')
          .map((part) => ({ ...part, heading: group.name })),
      ),
    ]
  })
}
