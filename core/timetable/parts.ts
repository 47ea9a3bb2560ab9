import { planLimits, type Plan } from '../plan'
import { wayOf } from '../recording'
import { testingOf, type FitsContext, type Testing } from './testingOf'

/**
 * Whether testing can stop and go on in another lesson: between two tries it can, while containers are being read it cannot.
 * @example canGoOn(plan) // true
 */
export const canGoOn = (plan: Plan): boolean =>
  plan.whoTests !== 'at-home' && plan.tries > 1 && wayOf(plan).needs(plan.recording).days === 1

/**
 * The testing of each lesson: all at once, or with tries shared out evenly where the plan says that it goes on another day.
 * @example testingParts(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }).length // 1
 */
export function testingParts(
  plan: Plan,
  context: FitsContext,
  more: ReadonlyMap<string, number> = new Map(),
): Testing[] {
  const lessons = canGoOn(plan) ? Math.min(plan.times.lessons ?? 1, plan.tries) : 1
  return Array.from({ length: lessons }, (_, index) => {
    const tries = Math.min(
      planLimits.tries,
      Math.floor(plan.tries / lessons) + (index < plan.tries % lessons ? 1 : 0),
    )
    return testingOf({ ...plan, tries }, context, more)
  })
}

/**
 * How long is tested, in minutes, over all its lessons.
 * @example testingMinutes(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }) // 8.833: ten tries of 53 s
 */
export function testingMinutes(plan: Plan, context: FitsContext): number {
  return testingParts(plan, context).reduce((sum, one) => sum + one.seconds, 0) / 60
}
