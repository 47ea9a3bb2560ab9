import { looksAtVariation, type Plan } from '../plan'
import type { GroupProgress } from '../recording'

/** The path of a lesson, in the order in which teachers work. */
export const stages = ['wonder', 'plan', 'pack', 'test', 'compare', 'conclude'] as const
export type Stage = (typeof stages)[number]

/** How far one stage of a lesson is. */
export interface StageState {
  stage: Stage
  ready: boolean
  /** What is there, or what it waits for, in a few words. */
  note: string
}

/** What the stages of a lesson follow from. */
export interface LessonState {
  plan: Pick<Plan, 'question' | 'comparison'>
  /** What planning and packing still wait for, as the checks say it; empty for nothing. */
  waits: Record<'plan' | 'pack', string>
  progress: readonly Pick<GroupProgress, 'done' | 'needed'>[]
  /** How many levels have a result. */
  results: number
  answered: boolean
}

/**
 * Which stages of a lesson are ready, and what the others wait for.
 * @example stageStates(state)[1] // { stage: 'plan', ready: false, note: '2 to fix' }
 */
export function stageStates(lesson: LessonState): StageState[] {
  const done = lesson.progress.reduce((sum, one) => sum + one.done, 0)
  const needed = lesson.progress.reduce((sum, one) => sum + one.needed, 0)
  const asked = lesson.plan.question.trim() !== ''
  const compared = lesson.results >= (looksAtVariation(lesson.plan) ? 1 : 2)
  return [
    { stage: 'wonder', ready: asked, note: asked ? 'asked' : 'needs a question' },
    { stage: 'plan', ready: lesson.waits.plan === '', note: lesson.waits.plan || 'can be tested' },
    { stage: 'pack', ready: lesson.waits.pack === '', note: lesson.waits.pack || 'ready' },
    {
      stage: 'test',
      ready: needed > 0 && done === needed,
      note: needed > 0 ? `${done} of ${needed}` : 'needs levels',
    },
    { stage: 'compare', ready: compared, note: compared ? 'has results' : 'needs readings' },
    { stage: 'conclude', ready: lesson.answered, note: lesson.answered ? 'answered' : 'no answer yet' },
  ]
}
