import { orderedLevels, levelName, type Plan } from '../plan'
import type { Testing } from './testingOf'
import type { ClassMinutes } from './usualTimes'

/** What the class does, from beginning to end. */
export type StepKind = 'talk' | 'predict' | 'handOut' | 'test' | 'turn' | 'clear' | 'share'

/** One step of a lesson. */
export interface LessonStep {
  /** "talk", "turn 2". */
  id: string
  kind: StepKind
  name: string
  seconds: number
  /** Which turn at the stations it is, counted from 0. */
  turn?: number
}

/**
 * The steps of the lesson, or of each lesson where testing goes on in another: at stations each turn is one.
 * @example lessonSteps(plan, minutes, testing)[0].map((step) => step.name) // ['Talk', 'Predict', 'Hand out', 'Test', 'Clear away', 'Share']
 */
export function lessonSteps(plan: Plan, minutes: ClassMinutes, parts: readonly Testing[]): LessonStep[][] {
  return parts.map((testing, index) => {
    const [first, last] = [index === 0, index === parts.length - 1]
    return [
      step('talk', 'Talk', (first ? minutes.talk : Math.min(minutes.talk, 2)) * 60),
      ...(first ? [step('predict', 'Predict', minutes.predict * 60)] : []),
      step('handOut', 'Hand out', minutes.handOut * 60),
      ...testSteps(plan, testing),
      step('clear', 'Clear away', minutes.clear * 60),
      ...(last ? [step('share', 'Share', minutes.share * 60)] : []),
    ].filter((one) => one.seconds > 0)
  })
}

const step = (kind: StepKind, name: string, seconds: number, id: string = kind): LessonStep => ({
  ...{ id, kind, name },
  seconds: Math.round(seconds),
})

function testSteps(plan: Plan, testing: Testing): LessonStep[] {
  if (testing.kind === 'home') return []
  if (testing.kind !== 'stations') return [step('test', 'Test', wholeMinutes(testing.seconds))]
  return testing.turns.map((_, turn) => ({
    ...step('turn', `Turn ${turn + 1}`, testing.turnSeconds, `turn ${turn + 1}`),
    turn,
  }))
}

/** Up to the next whole minute: nobody tests to the second. */
const wholeMinutes = (seconds: number) => Math.ceil(seconds / 60) * 60

/**
 * Which station each group is at in a turn, by the group's place; null where it waits.
 * @example stationsOf(plan, testing, 0) // []: there are no stations
 */
export function stationsOf(plan: Plan, testing: Testing, turn: number): (string | null)[] {
  const levels = orderedLevels(plan)
  return (testing.turns[turn] ?? []).map((place) => {
    const level = place === null ? undefined : levels[place]
    return level ? levelName(plan, level) : null
  })
}

/**
 * The steps of all lessons one after another, as a clock goes through them: between two lessons it waits for the other day.
 * @example clockSteps([[{ id: 'test', kind: 'test', name: 'Test', seconds: 60 }]]).length // 1
 */
export const clockSteps = (lessons: readonly (readonly LessonStep[])[]): LessonStep[] =>
  lessons.flatMap((steps, index) =>
    index === 0 ? steps : steps.map((one) => ({ ...one, id: `${one.id}, lesson ${index + 1}` })),
  )
