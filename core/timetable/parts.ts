import { orderedLevels, planLimits, timesLimits, type Plan } from '../plan'
import { isInRounds, wayOf } from '../recording'
import { testingOf, type FitsContext, type Testing } from './testingOf'

/** What is shared out among lessons: rounds where there are such, else tries. */
const sharedOut = (plan: Plan) => (isInRounds(plan) ? plan.levels.length : plan.tries)

/**
 * On how many days testing can go on, each in a lesson of its own.
 * @example mostLessons(plan) // 3: as many as there are tries
 */
export const mostLessons = (plan: Plan): number => Math.max(1, Math.min(timesLimits.lessons, sharedOut(plan)))

/**
 * Whether testing can stop and go on in another lesson: between two tries or rounds it can, while containers are being read it cannot.
 * @example canGoOn(plan) // true
 */
export const canGoOn = (plan: Plan): boolean =>
  plan.whoTests !== 'at-home' && sharedOut(plan) > 1 && wayOf(plan).needs(plan.recording).days === 1

/**
 * The testing of each lesson: all at once, or with tries or rounds shared out evenly where the plan says that it goes on another day.
 * @example testingParts(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }).length // 1
 */
export function testingParts(
  plan: Plan,
  context: FitsContext,
  more: ReadonlyMap<string, number> = new Map(),
): Testing[] {
  // Read once more on another day, it has two lessons; what is read day by day is no lesson after the first.
  if (wayOf(plan).needs(plan.recording).days === 2 && plan.whoTests !== 'at-home')
    return [0, 1].map((day) => testingOf(plan, context, more, day))
  const lessons = canGoOn(plan) ? Math.min(plan.times.lessons ?? 1, mostLessons(plan)) : 1
  const levels = orderedLevels(plan)
  const all = isInRounds(plan) ? levels.length : Math.min(plan.tries, lessons * planLimits.tries)
  return Array.from({ length: lessons }, (_, index) => {
    const [from, to] = [Math.ceil((all * index) / lessons), Math.ceil((all * (index + 1)) / lessons)]
    const part = isInRounds(plan) ? { levels: levels.slice(from, to) } : { tries: to - from }
    return testingOf({ ...plan, ...part }, context, more)
  })
}

/**
 * How long is tested, in minutes, over all its lessons.
 * @example testingMinutes(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }) // 8.833: ten tries of 53 s
 */
export function testingMinutes(plan: Plan, context: FitsContext): number {
  return testingParts(plan, context).reduce((sum, one) => sum + one.seconds, 0) / 60
}
