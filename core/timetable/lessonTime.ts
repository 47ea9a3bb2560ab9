import type { Plan } from '../plan'
import { lessonSteps, type LessonStep } from './lessonSteps'
import { testingParts } from './parts'
import type { FitsContext, Testing } from './testingOf'
import { classMinutes, type ClassMinutes } from './usualTimes'

/** How long a lesson takes, without what its time hangs on. */
export interface LessonTime {
  minutes: ClassMinutes
  /** The steps of each lesson. */
  lessons: LessonStep[][]
  /** The testing of each lesson. */
  parts: Testing[]
  /** How long each lesson takes, in whole minutes. */
  totals: number[]
  /** How long the longest of them takes. */
  takes: number
  /** Why it can't be done at all; null where it can. */
  problem: string | null
  /** Whether nothing is tested. */
  isEmpty: boolean
}

/**
 * How long a lesson takes: the steps of the class and the testing of all groups.
 * @example lessonTime(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }).takes // 32
 */
export function lessonTime(plan: Plan, context: FitsContext): LessonTime {
  const minutes = classMinutes(plan, context)
  const parts = testingParts(plan, context)
  const lessons = lessonSteps(plan, minutes, parts)
  const totals = lessons.map((steps) => Math.ceil(steps.reduce((sum, one) => sum + one.seconds, 0) / 60))
  return {
    ...{ minutes, parts, lessons, totals },
    takes: Math.max(0, ...totals),
    problem: parts.find((one) => one.problem !== null)?.problem ?? null,
    isEmpty: plan.whoTests !== 'at-home' && parts.every((one) => one.seconds === 0),
  }
}
