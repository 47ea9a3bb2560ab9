import { usualPictureRule, type PictureRule } from '../calendar'
import type { AgeBand, Vocabulary } from '../class'
import type { Plan, Predictor, Summary, WhoTests, WorkOut, Rounding } from './plan'

/** What suits an age, where the school has not said otherwise. */
export interface AgeDefaults {
  tries: number
  summary: Summary
  /** How many times as long as seven- to nine-year-olds children of this age take to set up and to read; as usual where nothing is said. */
  pace?: number
}

/** Little hands take half as long again: a stated assumption, which a school can change. */
export const usualPace: Record<AgeBand, number> = { '5-7': 1.5, '7-9': 1, '9-11': 1 }
/** Much slower or quicker than that is another lesson. */
export const paceLimits = { least: 0.5, greatest: 4 } as const

/**
 * How many times as long children of an age take to set up and to read as seven- to nine-year-olds do, in this school.
 * @example paceOf('5-7') // 1.5
 */
export const paceOf = (age: AgeBand, ways: Pick<SchoolWays, 'byAge'> = usualWays): number =>
  ways.byAge[age].pace ?? usualPace[age]

/**
 * Who works out what a try comes to: from nine on the children, unless the plan says otherwise.
 * @example workOutOf(plan, '7-9') // 'shown'
 */
export const workOutOf = ({ workOut }: Pick<Plan, 'workOut'>, age: AgeBand): WorkOut =>
  workOut ?? (age === '9-11' ? 'children' : 'shown')

/** The units that a school teaches in first. */
export const unitSystems = ['metric', 'customary'] as const
export type UnitSystem = (typeof unitSystems)[number]

/** What its printers hold. */
export const papers = ['A4', 'Letter'] as const
export type Paper = (typeof papers)[number]

/** How a school usually works; new classes and plans begin with it, and any of them can differ. */
export interface SchoolWays {
  vocabulary: Vocabulary
  units: UnitSystem
  practiceTries: number
  rounding: Rounding
  whoTests: WhoTests
  prediction: { who: Predictor; because: boolean }
  byAge: Record<AgeBand, AgeDefaults>
  /** The paper that the school prints on. */
  paper: Paper
  /** How long a lesson is, in minutes. */
  lessonMinutes: number
  /** How long the pictures that children took are kept. */
  pictures: PictureRule
}

/** How most schools work: the defaults until a school says otherwise. */
export const usualWays: SchoolWays = {
  vocabulary: 'plain',
  units: 'metric',
  practiceTries: 1,
  rounding: 'mark',
  whoTests: 'all-levels',
  prediction: { who: 'group', because: true },
  byAge: {
    '5-7': { tries: 2, summary: 'none' },
    '7-9': { tries: 3, summary: 'median' },
    '9-11': { tries: 3, summary: 'mean' },
  },
  paper: 'A4',
  lessonMinutes: 45,
  pictures: usualPictureRule,
}

/**
 * The usual tries per level and way of summing up for an age band.
 * @example defaultsForAge('7-9') // { tries: 3, summary: 'median' }
 */
export function defaultsForAge(age: AgeBand, ways = usualWays): AgeDefaults {
  return ways.byAge[age]
}
