import type { AgeBand, EmblemId, Vocabulary } from '#core/class'
import type { Conclusion, PredictionAnswer } from '#core/conclusion'
import type { Plan } from '#core/plan'
import type { Reading } from '#core/record'
import type { FieldProblem } from '../schemas/validate'

export type Stage = 'wonder' | 'plan' | 'pack' | 'test' | 'compare' | 'conclude'

/** The one shape in which the server says that something went wrong. */
export interface ApiProblem {
  error: {
    code: 'invalid' | 'not-found' | 'conflict' | 'too-large' | 'not-allowed' | 'failed'
    message: string
    fields: FieldProblem[]
  }
}

export interface GroupDto {
  id: string
  name: string
  emblem: EmblemId
}

export interface PupilDto {
  id: string
  name: string
  groupId: string | null
}

/** What a teacher writes of a class. */
export interface ClassInput {
  name: string
  ageBand: AgeBand
  vocabulary: Vocabulary
  groups: GroupDto[]
  pupils: PupilDto[]
}

export interface ClassDto extends ClassInput {
  id: string
}

/** A class as a lesson shows it on every face: children are counted, never named. */
export interface LessonClassDto extends Omit<ClassDto, 'pupils'> {
  children: number
}

export interface InvestigationDto {
  id: string
  kind: 'starter' | 'investigation'
  title: string
  question: string
  /** For a starter: why its numbers are as they are. */
  about: string
}

/** A lesson as the logbook lists it. */
export interface LessonSummaryDto {
  id: string
  title: string
  question: string
  classId: string
  className: string
  date: string
  stage: Stage
  answer: string | null
  nextQuestion: string
  readings: number
  needed: number
}

export interface PredictionDto {
  groupId: string
  answer: PredictionAnswer
  because: string
  madeAt: string
  /** Written, or changed, after the group's first reading. */
  late: boolean
}

/** Everything that an open lesson needs. */
export interface LessonDto {
  id: string
  investigationId: string
  class: LessonClassDto
  date: string
  stage: Stage
  plan: Plan
  planVersion: number
  conclusion: Conclusion
  conclusionVersion: number
  predictions: PredictionDto[]
  readings: Reading[]
  /** The number of the last event that this snapshot includes. */
  seq: number
}

/** What happened in a lesson; each event has the next number of its lesson. */
export type LessonEvent = { seq: number } & (
  | { kind: 'readings'; readings: Reading[] }
  | { kind: 'prediction'; prediction: PredictionDto }
  | { kind: 'plan'; plan: Plan; planVersion: number }
  | { kind: 'conclusion'; conclusion: Conclusion; conclusionVersion: number }
  | { kind: 'lesson'; date: string; stage: Stage }
  | { kind: 'class'; class: LessonClassDto }
)
