import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { LessonSummaryDto } from '#shared/types/api'
import { dayWords } from './dates'
import { lessonNeed } from './lessonNeed'

beforeEach(() => vi.useFakeTimers({ now: new Date(2026, 2, 9, 21) }))
afterEach(() => vi.useRealTimers())

describe('dayWords', () => {
  it('says days as a teacher does', () => {
    expect(['2026-03-08', '2026-03-09', '2026-03-10', '2026-03-17'].map(dayWords)).toEqual([
      'yesterday',
      'today',
      'tomorrow',
      'Tue 17 Mar',
    ])
  })
})

describe('lessonNeed', () => {
  const lesson: LessonSummaryDto = {
    id: '',
    title: '',
    question: 'Why?',
    classId: '',
    className: '',
    groupNames: null,
    date: '',
    stage: 'plan',
    answer: null,
    nextQuestion: '',
    nextQuestions: [],
    readings: 0,
    needed: 36,
  }

  it.each<[Partial<LessonSummaryDto>, string]>([
    [{}, 'planned'],
    [{ question: ' ' }, 'needs a question'],
    [{ needed: 0 }, 'still to plan'],
    [{ stage: 'wonder' }, 'still to plan'],
    [{ readings: 7 }, '7 of 36 readings'],
    [{ readings: 36 }, 'ready to conclude'],
    [{ readings: 36, answer: 'Yes.' }, 'answered'],
  ])('%j: %s', (changes, words) => {
    expect(lessonNeed({ ...lesson, ...changes })).toBe(words)
  })
})
