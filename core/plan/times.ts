/**
 * How long things take, where somebody has said so or an earlier lesson has shown it. What is left out is estimated
 * (`core/timetable/usualTimes.ts`).
 */
export interface PlanTimes {
  /** How long the lesson is, in minutes. */
  lesson?: number
  /** On how many days the testing goes on, each in a lesson of its own. */
  lessons?: number
  /** The steps of the class, in minutes. */
  talk?: number
  predict?: number
  handOut?: number
  clear?: number
  share?: number
  /** What a round takes to build or to alter, in minutes. */
  build?: number
  /** One try, in seconds: until it can begin, what happens in it, and until the next can be set up. */
  setUp?: number
  run?: number
  reset?: number
  /** How long it takes at levels where that differs, in seconds by level id. */
  runAt?: Record<string, number>
  /** How long a group keeps what it reads with, where there is too little of it for all. */
  hold?: Hold
  /** How many adults are there for what only adults do; the teacher alone where nothing is said. */
  adults?: number
}

/** While it reads, for a whole try, or for all of a group's test. */
export type Hold = 'reading' | 'try' | 'group'
export const holds: readonly Hold[] = ['reading', 'try', 'group']

/** The steps of a class whose minutes can be said, in the order of a lesson; testing lies between handing out and clearing away. */
export const classSteps = ['talk', 'predict', 'handOut', 'clear', 'share'] as const
export type ClassStep = (typeof classSteps)[number]

/** The longest that a lesson, a step and a part of a try can be said to take. */
export const timesLimits = { lesson: 480, step: 120, seconds: 14_400, lessons: 3 } as const
