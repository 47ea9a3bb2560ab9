import { acceptHMRUpdate, defineStore } from 'pinia'
import { ref } from 'vue'
import type { ClassDto, ClassInput, InvestigationDto, LessonSummaryDto } from '#shared/types/api'
import { request } from '../api/request'

/** Where a new lesson starts from. */
export type LessonStart =
  | { kind: 'starter' | 'investigation' | 'lesson'; id: string }
  | { kind: 'file'; name: string }
  | { kind: 'next'; id: string; question: string }
  | { kind: 'question'; question: string }

/** The school as a whole: its classes, lessons and what a lesson can start from. */
export const useSchool = defineStore('school', () => {
  const classes = ref<ClassDto[]>([])
  const lessons = ref<LessonSummaryDto[]>([])
  const investigations = ref<InvestigationDto[]>([])
  const loaded = ref(false)
  /** How often this screen has changed something: lists that were asked for before do not know it. */
  let changes = 0

  async function changing<T>(sent: Promise<T>): Promise<T> {
    const answer = await sent
    changes++
    return answer
  }

  async function load(): Promise<void> {
    const before = changes
    const [allClasses, allLessons, allInvestigations] = await Promise.all([
      request('GET', '/api/classes'),
      request('GET', '/api/lessons'),
      request('GET', '/api/investigations'),
    ])
    if (changes !== before) return load()
    classes.value = allClasses
    lessons.value = allLessons
    investigations.value = allInvestigations
    loaded.value = true
  }

  async function createClass(input: ClassInput): Promise<ClassDto> {
    const made = await changing(request('POST', '/api/classes', { body: input }))
    classes.value = [...classes.value, made]
    return made
  }

  async function saveClass(id: string, input: ClassInput): Promise<ClassDto> {
    const saved = await changing(request('PUT', '/api/classes/:id', { params: { id }, body: input }))
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function removeClass(id: string) {
    await changing(request('DELETE', '/api/classes/:id', { params: { id } }))
    await load()
  }

  async function restoreClass(id: string) {
    await changing(request('POST', '/api/classes/:id/restore', { params: { id } }))
    await load()
  }

  const previewRoster = (id: string, csv: string) =>
    request('POST', '/api/classes/:id/roster-preview', { params: { id }, body: { csv } })

  async function importRoster(id: string, csv: string): Promise<ClassDto> {
    const saved = await changing(
      request('POST', '/api/classes/:id/roster', { params: { id }, body: { csv } }),
    )
    classes.value = classes.value.map((one) => (one.id === id ? saved : one))
    return saved
  }

  async function createLesson(classId: string, date: string, from: LessonStart): Promise<string> {
    return (await request('POST', '/api/lessons', { body: { classId, date, from } })).id
  }

  async function removeLesson(id: string) {
    await changing(request('DELETE', '/api/lessons/:id', { params: { id } }))
    lessons.value = lessons.value.filter((lesson) => lesson.id !== id)
  }

  async function restoreLesson(id: string) {
    await changing(request('POST', '/api/lessons/:id/restore', { params: { id } }))
    await load()
  }

  async function importInvestigation(text: string): Promise<string> {
    const { id } = await changing(request('POST', '/api/investigations/import', { body: { text } }))
    investigations.value = await request('GET', '/api/investigations')
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

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useSchool, import.meta.hot))
