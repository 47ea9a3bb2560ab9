import type { LessonDto, LessonSummaryDto } from '../../shared/types/api'

/** A screen that is timed while it opens: where it is, its first words, and what its whole first screen shows. */
export interface View {
  name: string
  url: string
  words: string
  /** Selectors, each of which must be on the screen before it is whole. */
  whole: string[]
}

const strip = '.strip figure.level'
/** The five checks, once each of them knows what it thinks. */
const checks = '.checks .glance:not(:has([title="not looked at yet"], [title="not rehearsed yet"]))'
const chart = 'figure.chart svg path'

/** The screens that people wait for most, in the demo school at an address. */
export async function viewsOf(url: string): Promise<View[]> {
  const lessons = (await (await fetch(`${url}/api/lessons`)).json()) as LessonSummaryDto[]
  const idOf = (title: string) => lessons.find((lesson) => lesson.title === title)!.id
  const [bounce, grip] = [idOf('Ball bounce'), idOf('Which sole grips')]
  const { class: own } = (await (await fetch(`${url}/api/lessons/${grip}`)).json()) as LessonDto
  const at = (path: string) => url + path
  return [
    { name: 'home', url: at('/'), words: 'This week', whole: ['ol.week .lesson', 'table tbody tr'] },
    { name: 'Plan', url: at(`/lessons/${bounce}/plan`), words: 'We change the', whole: [strip, checks] },
    {
      name: 'Test',
      url: at(`/lessons/${grip}/test`),
      words: 'Readings',
      whole: ['table input', strip, checks],
    },
    {
      name: 'Compare',
      url: at(`/lessons/${bounce}/compare`),
      words: 'for every extra',
      whole: [chart, strip],
    },
    { name: 'Board', url: at(`/board/${bounce}`), words: 'ball', whole: [chart, 'ul.groups'] },
    {
      name: 'Sheet',
      url: at(`/sheet/${grip}/${own.groups[0]!.id}`),
      words: 'Write it down',
      whole: ['.sheet input', '.sheet .scale'],
    },
  ]
}
