import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { RosterPreview } from '#core/format'
import type { ClassDto, ClassInput, InvestigationDto, LessonSummaryDto } from '#shared/types/api'
import { request } from '../api/request'

/** Where a new lesson starts from. */
export type LessonStart =
  { kind: 'starter' | 'investigation' | 'lesson'; id: string } | { kind: 'question'; question: string }

/** The school as a whole: its classes, lessons and what a lesson can start from. */
export const useSchool = defineStore('school', () => {
  const classes = ref<ClassDto[]>([])
  const lessons = ref<LessonSummaryDto[]>([])
  const investigations = ref<InvestigationDto[]>([])
  const loaded = ref(false)
  /** How often this screen has changed something: lists that were asked for before do not know it. */
  let changes = 0

  async function change<T>(...asked: Parameters<typeof request>): Promise<T> {
    const answer = await request<T>(...asked)
    changes++
    return answer
  }

  async function load(): Promise<void> {
    const before = changes
    const [allClasses, allLessons, allInvestigations] = await Promise.all([
      request<ClassDto[]>('GET', '/api/classes'),
      request<LessonSummaryDto[]>('GET', '/api/lessons'),
      request<InvestigationDto[]>('GET', '/api/investigations'),
    ])
    if (changes !== before) return load()
    classes.value = allClasses
    lessons.value = allLessons
    investigations.value = allInvestigations
    loaded.value = true
  }

  async function createClass(input: ClassInput): Promise<ClassDto> {
    const made = await change<ClassDto>('POST', '/api/classes', input)
    classes.value = [...classes.value, made]
    return made
  }

  async function saveClass(id: string, input: ClassInput): Promise<ClassDto> {
    const saved = await change<ClassDto>('PUT', `/api/classes/${id}`, input)
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function removeClass(id: string) {
    await change('DELETE', `/api/classes/${id}`)
    await load()
  }

  async function restoreClass(id: string) {
    await change('POST', `/api/classes/${id}/restore`)
    await load()
  }

  const previewRoster = (id: string, csv: string) =>
    request<RosterPreview>('POST', `/api/classes/${id}/roster-preview`, { csv })

  async function importRoster(id: string, csv: string): Promise<ClassDto> {
    const saved = await change<ClassDto>('POST', `/api/classes/${id}/roster`, { csv })
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function createLesson(classId: string, date: string, from: LessonStart): Promise<string> {
    return (await request<{ id: string }>('POST', '/api/lessons', { classId, date, from })).id
  }

  async function removeLesson(id: string) {
    await change('DELETE', `/api/lessons/${id}`)
    lessons.value = lessons.value.filter((lesson) => lesson.id !== id)
  }

  async function restoreLesson(id: string) {
    await change('POST', `/api/lessons/${id}/restore`)
    await load()
  }

  async function importInvestigation(text: string): Promise<string> {
    const { id } = await change<{ id: string }>('POST', '/api/investigations/import', { text })
    investigations.value = await request<InvestigationDto[]>('GET', '/api/investigations')
    return id
  }

  return {
    classes,
    lessons,
    investigations,
    loaded,
    load,
    createClass,
    saveClass,
    removeClass,
    restoreClass,
    previewRoster,
    importRoster,
    createLesson,
    removeLesson,
    restoreLesson,
    importInvestigation,
  }
})
