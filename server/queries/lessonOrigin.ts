import { blankPlan, type Plan, type PlanTimes } from '#core/plan'
import { nextPlan } from '#core/variables'
import { starterPlan, starters } from '#starters'
import type { ClassDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { notFound } from '../errors/apiError'
import { textInFolder } from './investigationFolder'
import { createInvestigation, getInvestigationPlan, importInvestigation } from './investigations'
import { lastLessonTimes } from './lastLessonTimes'
import { findLesson } from './lessonRow'
import { getSchool } from './school'

/** What a new lesson starts from. */
export type LessonOrigin =
  | { kind: 'starter' | 'investigation' | 'lesson'; id: string }
  | { kind: 'file'; name: string }
  | { kind: 'next'; id: string; question: string }
  | { kind: 'question'; question: string }

/** The plan that a lesson of a class begins with, and the investigation that it belongs to. */
export async function originOf(
  tx: Database,
  from: LessonOrigin,
  own: ClassDto,
): Promise<{ plan: Plan; investigationId: string }> {
  switch (from.kind) {
    case 'starter': {
      const starter = starters.find((one) => one.id === from.id)
      if (!starter) throw notFound('starter')
      const plan = starterPlan(starter, own.ageBand)
      const times = await lastLessonTimes(tx, { starterId: starter.id })
      return {
        plan: withTimes(plan, times),
        investigationId: await createInvestigation(tx, plan, starter.id),
      }
    }
    case 'investigation':
      const plan = await getInvestigationPlan(tx, from.id)
      return {
        plan: withTimes(plan, await lastLessonTimes(tx, { investigationId: from.id })),
        investigationId: from.id,
      }
    case 'file': {
      const origin = `file:${from.name}`
      const { id, plan } = await importInvestigation(tx, await textInFolder(from.name), origin)
      return {
        plan: withTimes(plan, await lastLessonTimes(tx, { starterId: origin })),
        investigationId: id,
      }
    }
    case 'lesson': {
      const earlier = await findLesson(tx, from.id)
      const { investigationId } = earlier
      return {
        plan: withTimes(earlier.plan, await lastLessonTimes(tx, { investigationId })),
        investigationId,
      }
    }
    case 'next': {
      const { plan: earlier } = await findLesson(tx, from.id)
      const plan = nextPlan(earlier, from.question)
      return { plan, investigationId: await createInvestigation(tx, plan, null) }
    }
    case 'question': {
      const { ways, cupboard } = await getSchool(tx)
      const plan = { ...blankPlan(own.ageBand, ways, cupboard), question: from.question }
      return { plan, investigationId: await createInvestigation(tx, plan, null) }
    }
  }
}

/** A plan begins with the times that its last lesson really took. */
const withTimes = (plan: Plan, learnt: PlanTimes): Plan => ({ ...plan, times: { ...plan.times, ...learnt } })
