import type { AgeBand } from '../class'
import { expectedValues, usualPace, type Plan } from '../plan'
import { convertUnit, unitDefinition } from '../quantity'
import { isInRounds, wayOf } from '../recording'

/** The steps of a class in minutes, and how long its lesson is. */
export interface ClassMinutes {
  lesson: number
  talk: number
  predict: number
  handOut: number
  clear: number
  share: number
}

/** One try of one level, in seconds. */
export interface TrySeconds {
  setUp: number
  run: number
  reset: number
}

/** Looking and writing it down where nothing is read off an instrument, in seconds: a stated assumption, as are all below. */
export const lookSeconds = 10
const usualTry: TrySeconds = { setUp: 25, run: 5, reset: 15 }
/** What a round takes to build or to alter, in minutes. */
const usualBuilding = 8
const predicting = { class: 2, group: 3, child: 5 } as const

/** Whose hands do it. */
export interface Hands {
  age: AgeBand
  /** How many times as long as seven- to nine-year-olds they take to set up and to read; as usual for their age where nothing is said. */
  pace?: number
}

/**
 * How many times as long as seven- to nine-year-olds a class takes to set up and to read.
 * @example handsPace({ age: '5-7' }) // 1.5
 */
export const handsPace = ({ age, pace }: Hands): number => pace ?? usualPace[age]

/**
 * How long a class takes for what takes seven- to nine-year-olds so many seconds, in whole seconds.
 * @example secondsFor({ age: '5-7' }, 10) // 15
 */
export const secondsFor = (hands: Hands, seconds: number): number => Math.round(seconds * handsPace(hands))

/** What the estimates need besides the plan. */
export interface TimesContext extends Hands {
  /** How many groups the class has. */
  groups: number
  /** How long a lesson usually is, in minutes. */
  lessonMinutes: number
}

/**
 * The minutes of a class's steps: what the plan says, else what is usual. A tray takes half a minute to hand out, giving a reason
 * with a prediction a minute.
 * @example classMinutes(plan, { age: '7-9', groups: 6, lessonMinutes: 45 }).handOut // 4
 */
export function classMinutes(plan: Plan, { age, groups, lessonMinutes }: TimesContext): ClassMinutes {
  const { times, prediction } = plan
  const trays = plan.whoTests === 'whole-class' ? 1 : groups
  return {
    lesson: times.lesson ?? lessonMinutes,
    talk: times.talk ?? 5,
    predict: times.predict ?? predicting[prediction.who] + (prediction.because ? 1 : 0),
    handOut: times.handOut ?? (plan.whoTests === 'at-home' ? 2 : 1 + Math.ceil(trays / 2)),
    clear: times.clear ?? (age === '5-7' ? 5 : plan.whoTests === 'at-home' ? 0 : 4),
    share: times.share ?? 6,
  }
}

/**
 * How long one try of a level takes apart from its readings: what the plan says; else a thing timed runs as long as is expected,
 * counting for as long as is counted, and anything else as long as it usually does.
 * @example trySeconds(plan, 'h20', { age: '7-9' }) // { setUp: 25, run: 5, reset: 15 }
 */
export function trySeconds(plan: Plan, levelId: string, hands: Hands): TrySeconds {
  const { times } = plan
  const slow = (seconds: number) => secondsFor(hands, seconds)
  return {
    setUp: times.setUp ?? slow(usualTry.setUp),
    run: Math.round(times.runAt?.[levelId] ?? times.run ?? runOf(plan, levelId) ?? usualTry.run),
    reset: times.reset ?? slow(usualTry.reset),
  }
}

/**
 * How long each round is built or altered before it is tried, in minutes: what the plan says, else eight; none where a plan has no rounds.
 * @example buildMinutes(plan, { age: '7-9' }) // 0: nothing is built
 */
export const buildMinutes = (plan: Plan, hands: Hands): number =>
  isInRounds(plan) ? (plan.times.build ?? secondsFor(hands, usualBuilding)) : 0

/** How long a try runs by what is measured or counted in it; null where that says nothing of it. */
function runOf(plan: Plan, levelId: string): number | null {
  const counting = wayOf(plan).seconds(plan)
  if (counting !== null) return counting
  const { unit } = plan.measured
  if (unitDefinition(unit).dimension !== 'time' || plan.expected === null) return null
  const value = expectedValues(plan, plan.expected).get(levelId)
  return value === undefined ? null : Math.max(0, convertUnit(value, unit, 's'))
}
