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

  async function load() {
    const [allClasses, allLessons, allInvestigations] = await Promise.all([
      request<ClassDto[]>('GET', '/api/classes'),
      request<LessonSummaryDto[]>('GET', '/api/lessons'),
      request<InvestigationDto[]>('GET', '/api/investigations'),
    ])
    classes.value = allClasses
    lessons.value = allLessons
    investigations.value = allInvestigations
    loaded.value = true
  }

  async function createClass(input: ClassInput): Promise<ClassDto> {
    const made = await request<ClassDto>('POST', '/api/classes', input)
    classes.value = [...classes.value, made]
    return made
  }

  async function saveClass(id: string, input: ClassInput): Promise<ClassDto> {
    const saved = await request<ClassDto>('PUT', `/api/classes/${id}`, input)
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function removeClass(id: string) {
    await request('DELETE', `/api/classes/${id}`)
    await load()
  }

  async function restoreClass(id: string) {
    await request('POST', `/api/classes/${id}/restore`)
    await load()
  }

  const previewRoster = (id: string, csv: string) =>
    request<RosterPreview>('POST', `/api/classes/${id}/roster-preview`, { csv })

  async function importRoster(id: string, csv: string): Promise<ClassDto> {
    const saved = await request<ClassDto>('POST', `/api/classes/${id}/roster`, { csv })
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function createLesson(classId: string, date: string, from: LessonStart): Promise<string> {
    return (await request<{ id: string }>('POST', '/api/lessons', { classId, date, from })).id
  }

  async function removeLesson(id: string) {
    await request('DELETE', `/api/lessons/${id}`)
    lessons.value = lessons.value.filter((lesson) => lesson.id !== id)
  }

  async function restoreLesson(id: string) {
    await request('POST', `/api/lessons/${id}/restore`)
    await load()
  }

  async function importInvestigation(text: string): Promise<string> {
    const { id } = await request<{ id: string }>('POST', '/api/investigations/import', { text })
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
