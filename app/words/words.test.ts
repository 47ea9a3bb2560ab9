import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { LessonSummaryDto } from '#shared/types/api'
import { variableWords } from '#core/class'
import { planSchema, validate } from '#shared/schemas'
import { lessonDto } from '../testing/fakeServer'
import { cardWays, placeName } from './cardWords'
import { dayWords, withinLesson } from './dates'
import { lessonNeed } from './lessonNeed'
import { restoreWords } from './restoreWords'
import { counts, predictors, roundings, summaries, whoTests } from './planChoices'

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
    dueToday: null,
    took: null,
    visits: '',
    year: '2025/26',
    searched: { materials: [], words: [], variables: [], conclusion: [], visits: [] },
  }

  it.each<[Partial<LessonSummaryDto>, string]>([
    [{}, 'planned'],
    [{ question: ' ' }, 'needs a question'],
    [{ needed: 0 }, 'still to plan'],
    [{ stage: 'wonder' }, 'still to plan'],
    [{ readings: 7 }, '7 of 36 readings'],
    [{ readings: 36 }, 'ready to conclude'],
    [{ readings: 7, stage: 'test', dueToday: 3 }, '3 readings due today'],
    [{ readings: 7, stage: 'test', dueToday: 0 }, '7 of 36 readings'],
    [{ readings: 36, answer: 'Yes.' }, 'answered'],
  ])('%j: %s', (changes, words) => {
    expect(lessonNeed({ ...lesson, ...changes })).toBe(words)
  })
})

describe('the lists to choose from', () => {
  const lesson = lessonDto().plan
  const takes = (changes: object) => validate(planSchema, { ...lesson, ...changes }).ok

  it('offer what a plan may be, each with a title of its own', () => {
    for (const { value } of whoTests) expect(takes({ whoTests: value })).toBe(true)
    for (const { value } of summaries) expect(takes({ summary: value })).toBe(true)
    for (const { value } of roundings) expect(takes({ rounding: value })).toBe(true)
    for (const { value: who } of predictors)
      expect(takes({ prediction: { ...lesson.prediction, who } })).toBe(true)
    for (const list of [whoTests, summaries, roundings, predictors])
      expect(new Set(list.map((one) => one.title)).size).toBe(list.length)
    expect(counts(2, 4)).toEqual([2, 3, 4])
  })
})

describe('the places of the variables board', () => {
  it('go by the school’s words', () => {
    expect(placeName('changed', variableWords('formal'))).toBe('The independent variable')
    expect(placeName('kept-same', variableWords('plain'))).toBe('What we keep the same')
    expect(
      [...cardWays.change, ...cardWays.measure].map((place) => placeName(place, variableWords('plain'))),
    ).toEqual([
      'We could change',
      'What we change',
      'What we keep the same',
      'We could measure',
      'What we measure',
    ])
  })
})

describe('a moment of a lesson', () => {
  it('is its time, and says its day where that is another one', () => {
    expect(withinLesson('2026-03-09T10:05:00', '2026-03-09')).toBe('10:05')
    expect(withinLesson('2026-03-11T10:05:00', '2026-03-09')).toBe('11 Mar 10:05')
  })
})

describe('restoreWords', () => {
  const preview = {
    ...{ title: 'Ball bounce', date: '2026-03-09', className: 'Kestrel class', isNewClass: false },
    ...{ children: 24, tests: 1, readings: 72, noticed: 1, pictures: 0, isHere: false },
  }

  it('say what a file holds and where it goes', () => {
    expect(restoreWords(preview)).toEqual([
      'Ball bounce, Monday 9 March 2026, Kestrel class: 72 readings and 1 observation.',
      'It goes back to Kestrel class.',
    ])
  })

  it('say that the class comes along, and that the lesson is here already', () => {
    expect(restoreWords({ ...preview, isNewClass: true, isHere: true, tests: 2, children: 1 })).toEqual([
      'Ball bounce, Monday 9 March 2026, Kestrel class: 2 tests, 72 readings and 1 observation.',
      'Its class isn’t here, so Kestrel class is added, with the first name of one child.',
      'This lesson is in the logbook already. Restoring adds it a second time.',
    ])
    expect(restoreWords({ ...preview, isNewClass: true, children: 0, readings: 0, noticed: 0 })).toEqual([
      'Ball bounce, Monday 9 March 2026, Kestrel class: no readings.',
      'Its class isn’t here, so Kestrel class is added, without children’s names.',
    ])
  })
})
